import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useTranslation } from 'react-i18next';
import { calendarDay } from '../../app/figures';
import type { Length } from './told';
import type { Briefing } from './withShownHere';

interface Props {
  briefing: Briefing;
  length: Length;
  onLength: (length: Length) => void;
}

/** How much they are told, where this hirer signed for such a machine before. First one looks who stands there. */
export function LengthChoice({ briefing, length, onLength }: Props) {
  const { t } = useTranslation();
  const lengths = briefing.lengths ?? [];
  if (lengths.length < 2) {
    return null;
  }
  const { family, model } = briefing.known;
  const known = model ?? family;

  return (
    <div className="length-choice">
      <p>
        {t(model === null ? 'handover.known_family' : 'handover.known_model', {
          day: known === null ? '' : calendarDay(known),
        })}
      </p>
      <ToggleButtonGroup
        exclusive
        value={length}
        aria-label={t('handover.how_much')}
        onChange={(_, chosen: Length | null) => chosen !== null && onLength(chosen)}
      >
        {lengths.map((one) => (
          <ToggleButton key={one.length} value={one.length} data-testid={`length-${one.length}`}>
            {t(`handover.length.${one.length}`)}
            <small>{t('handover.minutes', { count: one.minutes })}</small>
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </div>
  );
}
