import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useTranslation } from 'react-i18next';
import { codesOf, type Lamp } from './sheetDraft';
import type { RowProps } from './SheetRow';
import { TwoBoxes } from './TwoBoxes';

const LAMPS: Lamp[] = ['red_stop', 'amber', 'protect', 'mil'];

/** Nothing was lit, or these lamps and codes. */
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
        <>
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
          <TextField
            label={t('filled.codes')}
            value={draft.codes ?? ''}
            error={codesOf(draft.codes ?? '') === null}
            helperText={t('filled.codes_as')}
            onChange={(event) => onChange({ codes: event.target.value })}
            slotProps={{ htmlInput: { maxLength: 200, 'data-testid': `codes-${line.key}` } }}
          />
        </>
      )}
    </>
  );
}
