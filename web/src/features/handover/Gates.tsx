import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { Button } from '../../app/Button';
import { DayField } from '../../app/DayField';
import { Mark } from '../../marks/Mark';
import { OperatorField } from './OperatorField';
import type { Briefing } from './withShownHere';

/** What was written down of a gate that was confirmed: the number, empty where none is asked, and its last day. */
export interface Proof {
  number: string;
  validUntil: string | null;
  /** In place of a proof, where the house rule lets: who stands beside, or why the lead lets it go. */
  instead: string | null;
}

export type Passed = Record<string, Proof>;

const NO_PROOF: Proof = { number: '', validUntil: null, instead: null };

interface Props {
  briefing: Briefing;
  passed: Passed;
  onPassed: (passed: Passed) => void;
}

/** What is confirmed before anybody signs: each gate is passed, or the machine is not handed over. */
export function Gates({ briefing, passed, onPassed }: Props) {
  const { t } = useTranslation();
  const { gates, operators = [], operator_categories: categories = [], without_proof: rule = 'refused' } = briefing;
  const without = (id: string) => Object.fromEntries(Object.entries(passed).filter(([one]) => one !== id));
  const toggle = (id: string) =>
    onPassed(id in passed ? without(id) : { ...passed, [id]: NO_PROOF });
  const change = (id: string, part: Partial<Proof>) =>
    onPassed({ ...passed, [id]: { ...NO_PROOF, ...passed[id], ...part } });

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
            <div className="gate-proof">
              {categories.length > 0 && (
                <OperatorField
                  hireId={briefing.hire_id}
                  operators={operators}
                  categories={categories}
                  proof={passed[gate.id] ?? NO_PROOF}
                  onProof={(proof) => change(gate.id, proof)}
                />
              )}
              {rule !== 'refused' && (
                <Instead
                  rule={rule}
                  words={passed[gate.id]?.instead ?? null}
                  onWords={(instead) => change(gate.id, { instead })}
                />
              )}
              <TextField
                label={t('handover.gate_number')}
                value={passed[gate.id]?.number ?? ''}
                onChange={(event) => change(gate.id, { number: event.target.value })}
                slotProps={{ htmlInput: { maxLength: 60, 'data-testid': `gate-number-${gate.id}` } }}
              />
              <DayField
                label={t('handover.gate_until')}
                value={passed[gate.id]?.validUntil ?? null}
                testId={`gate-until-${gate.id}`}
                onDay={(validUntil) => change(gate.id, { validUntil })}
              />
            </div>
          )}
        </div>
      ))}
    </div>
  );
}

interface InsteadProps {
  rule: 'supervised' | 'by_lead';
  words: string | null;
  onWords: (words: string | null) => void;
}

/** No proof was shown, and the house rule of the yard lets it go all the same, with a name or a reason. */
function Instead({ rule, words, onWords }: InsteadProps) {
  const { t } = useTranslation();

  return (
    <div className="gate-instead">
      <Button
        pressed={words !== null}
        testId="gate-instead"
        under={t(`handover.without.${rule}_under`)}
        onClick={() => onWords(words === null ? '' : null)}
      >
        {t('handover.without.none')}
      </Button>
      {words !== null && (
        <TextField
          label={t(`handover.without.${rule}`)}
          value={words}
          onChange={(event) => onWords(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 200, 'data-testid': 'gate-instead-words' } }}
        />
      )}
    </div>
  );
}

/** Whether every gate is passed, with its number where one is asked. */
export const arePassed = (gates: Briefing['gates'], passed: Passed): boolean =>
  gates.every((gate) => {
    const proof = passed[gate.id];
    if (proof === undefined || !gate.asks_number) {
      return proof !== undefined;
    }

    return proof.instead === null ? proof.number.trim().length >= 2 : proof.instead.trim().length >= 3;
  });
