import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../../app/Button';
import { calendarDay } from '../../app/figures';
import { OperatorDrawer } from './OperatorDrawer';
import type { Proof } from './Gates';
import type { Briefing } from './withShownHere';

export type Operator = NonNullable<Briefing['operators']>[number];

interface Props {
  hireId: string;
  operators: Operator[];
  categories: NonNullable<Briefing['operator_categories']>;
  proof: Proof;
  onProof: (proof: Proof) => void;
}

/** Who operates it: people of the hirer that were recorded before are chosen, anybody else is recorded here. */
export function OperatorField({ hireId, operators, categories, proof, onProof }: Props) {
  const { t } = useTranslation();
  const [isRecording, setIsRecording] = useState(false);
  const chosen = operators.find((one) => one.number === proof.number) ?? null;

  return (
    <div className="gate-operator">
      <Autocomplete
        options={operators}
        value={chosen}
        getOptionKey={(one) => `${one.name} ${one.category}`}
        getOptionLabel={(one) => `${one.name}, ${one.of_category.name}`}
        noOptionsText={t('operator.none')}
        onChange={(_, one) =>
          onProof({ number: one?.number ?? '', validUntil: one?.valid_until ?? null, instead: null })
        }
        renderInput={(params) => <TextField {...params} label={t('operator.who')} />}
        data-testid="operator"
      />
      <Button testId="record-operator" onClick={() => setIsRecording(true)}>
        {t('operator.record')}
      </Button>
      {chosen !== null && <OperatorWords operator={chosen} />}
      {isRecording && (
        <OperatorDrawer
          hireId={hireId}
          categories={categories}
          onClose={() => setIsRecording(false)}
          onRecorded={(number, validUntil) => {
            onProof({ number, validUntil, instead: null });
            setIsRecording(false);
          }}
        />
      )}
    </div>
  );
}

/** What is known of somebody: how they stand, who evaluated them, and until when. */
export function OperatorWords({ operator }: { operator: Operator }) {
  const { t } = useTranslation();
  const until = operator.evaluated_until;

  return (
    <p className={`operator-words operator-${operator.standing}`} data-testid="operator-words">
      <b>{t(`operator.standing.${operator.standing}`)}</b>{' '}
      {until !== null && t('operator.evaluated_until', { day: calendarDay(until) })}{' '}
      {operator.evaluator !== '' && t('operator.evaluated_by', { who: operator.evaluator })}{' '}
      {operator.has_own_code && t('operator.has_code')}{' '}
      {operator.photo !== null && (
        <a href={`/api/photos/${operator.photo}`} target="_blank" rel="noreferrer">
          {t('operator.photo')}
        </a>
      )}
    </p>
  );
}
