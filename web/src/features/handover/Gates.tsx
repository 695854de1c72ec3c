import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { Button } from '../../app/Button';
import { Mark } from '../../marks/Mark';
import type { Briefing } from './withShownHere';

/** The number that was written down, by gate that was confirmed; empty where none is asked. */
export type Passed = Record<string, string>;

interface Props {
  gates: Briefing['gates'];
  passed: Passed;
  onPassed: (passed: Passed) => void;
}

/** What is confirmed before anybody signs: each gate is passed, or the machine is not handed over. */
export function Gates({ gates, passed, onPassed }: Props) {
  const { t } = useTranslation();
  const without = (id: string) => Object.fromEntries(Object.entries(passed).filter(([one]) => one !== id));
  const toggle = (id: string) => onPassed(id in passed ? without(id) : { ...passed, [id]: '' });

  return (
    <div className="gates">
      {gates.map((gate) => (
        <div key={gate.id} className="gate">
          <Button
            pressed={gate.id in passed}
            testId={`gate-${gate.id}`}
            under={gate.accept}
            onClick={() => toggle(gate.id)}
          >
            <Mark outcome={gate.id in passed ? 'stands' : 'open'} size={20} /> {gate.title}
          </Button>
          {gate.asks_number && gate.id in passed && (
            <TextField
              label={t('handover.gate_number')}
              value={passed[gate.id] ?? ''}
              onChange={(event) => onPassed({ ...passed, [gate.id]: event.target.value })}
              slotProps={{ htmlInput: { maxLength: 60, 'data-testid': `gate-number-${gate.id}` } }}
            />
          )}
        </div>
      ))}
    </div>
  );
}

/** Whether every gate is passed, with its number where one is asked. */
export const arePassed = (gates: Briefing['gates'], passed: Passed): boolean =>
  gates.every((gate) => gate.id in passed && (!gate.asks_number || (passed[gate.id] ?? '').trim().length >= 2));
