import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useTranslation } from 'react-i18next';
import type { Lamp } from './sheetDraft';
import type { RowProps } from './SheetRow';
import { TwoBoxes } from './TwoBoxes';

const LAMPS: Lamp[] = ['red_stop', 'amber', 'protect', 'mil'];

/** Nothing was lit, or these lamps; a code is read off the panel and entered on the walk. */
export function DashboardFields({ line, draft, onChange }: RowProps) {
  const { t } = useTranslation();

  return (
    <>
      <TwoBoxes
        draft={draft}
        label={line.title}
        first={t('filled.nothing_lit')}
        second={t('filled.something_lit')}
        onChange={onChange}
      />
      {draft.stands === false && (
        <ToggleButtonGroup
          aria-label={t('dashboard.lamps')}
          value={draft.lamps ?? []}
          onChange={(_, lamps: Lamp[]) => onChange({ lamps })}
        >
          {LAMPS.map((lamp) => (
            <ToggleButton key={lamp} value={lamp}>
              {t(`dashboard.lamp.${lamp}`)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      )}
    </>
  );
}
