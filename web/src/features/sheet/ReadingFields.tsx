import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useTranslation } from 'react-i18next';
import type { Problem } from '../../api/problem';
import { unitName } from '../../app/figures';
import type { Observed, Walk } from '../walk/state/types';
import type { RowProps } from './SheetRow';

interface Props extends RowProps {
  conditions: Walk['plan']['conditions'];
  problem: Problem | null;
}

const BEYOND = '/problems/off-the-scale';

/** The figure, or one for each point, what was seen beside it, and what was held while it was read. */
export function ReadingFields({ line, draft, conditions, problem, onChange }: Props) {
  const { t } = useTranslation();
  const instrument = line.instrument;
  if (instrument === null) {
    return null;
  }
  const points = Array.from({ length: instrument.points ?? 1 }, (_, at) => draft.values?.[at] ?? '');
  const labelOf = (at: number) =>
    [points.length > 1 ? at + 1 : '', unitName(instrument.unit)].filter(Boolean).join(', ') || t('filled.figure');
  const observed = draft.observed ?? {};
  const observe = (id: string, seen: Observed | null) => {
    const others = Object.fromEntries(Object.entries(observed).filter(([one]) => one !== id));
    onChange({ observed: seen === null ? others : { ...others, [id]: seen } });
  };

  return (
    <>
      <div className="filled-figures">
        {points.map((value, at) => (
          <TextField
            key={at}
            label={labelOf(at)}
            value={value}
            onChange={(event) => {
              const next = event.target.value;
              onChange({ values: points.map((one, index) => (index === at ? next : one)) });
            }}
            slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 12, 'data-testid': `value-${line.key}-${at}` } }}
          />
        ))}
      </div>
      {instrument.kind === 'dipstick' && instrument.hot_marks !== undefined && (
        <ToggleButtonGroup
          exclusive
          value={draft.face ?? 'cold'}
          onChange={(_, face: 'cold' | 'hot' | null) => face !== null && onChange({ face })}
        >
          <ToggleButton value="cold">{t('filled.cold')}</ToggleButton>
          <ToggleButton value="hot">{t('filled.hot')}</ToggleButton>
        </ToggleButtonGroup>
      )}
      {line.looks.length > 0 && (
        <ToggleButtonGroup
          exclusive
          className="filled-looks"
          value={draft.look ?? null}
          onChange={(_, look: string | null) => onChange({ look: look ?? undefined })}
        >
          {line.looks.map((look) => (
            <ToggleButton key={look} value={look}>
              {t(`look.${look}`)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      )}
      <div className="filled-conditions">
        {conditions.map((condition) =>
          condition.unit !== null && condition.wants_figure ? (
            <TextField
              key={condition.id}
              label={`${condition.asks}, ${unitName(condition.unit)}`}
              value={observed[condition.id]?.value ?? ''}
              onChange={(event) => {
                const value = event.target.value.replace(',', '.');
                observe(condition.id, value === '' ? null : { condition: condition.id, value });
              }}
              slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 8 } }}
            />
          ) : (
            <FormControlLabel
              key={condition.id}
              control={
                <Checkbox
                  checked={observed[condition.id]?.seen === true}
                  onChange={(event) =>
                    observe(condition.id, event.target.checked ? { condition: condition.id, seen: true } : null)}
                />
              }
              label={condition.asks}
            />
          ),
        )}
      </div>
      {(problem?.type === BEYOND || draft.isBeyond === true) && (
        <FormControlLabel
          control={
            <Checkbox
              checked={draft.isBeyond === true}
              onChange={(event) => onChange({ isBeyond: event.target.checked })}
            />
          }
          label={t('filled.beyond')}
        />
      )}
    </>
  );
}
