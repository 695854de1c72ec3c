import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { DayField } from '../../app/DayField';
import { Drawer } from '../../app/Drawer';
import { calendarDay } from '../../app/figures';
import { ProblemWords } from '../../app/ProblemWords';
import { useRecordQualification, type Person, type Qualification } from './usePeople';

interface Props {
  person: Person;
  qualification: Qualification;
  onClose: () => void;
}

/** The lead records until when somebody is qualified, and what was seen of it. */
export function QualificationDrawer({ person, qualification, onClose }: Props) {
  const { t } = useTranslation();
  const held = person.qualified.find((one) => one.id === qualification.id);
  const [until, setUntil] = useState<string | null>(held?.valid_until ?? null);
  const [proof, setProof] = useState('');
  const record = useRecordQualification();

  return (
    <Drawer
      open
      title={`${person.name}: ${qualification.name}`}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="record-qualification"
          disabled={record.isPending || until === null || proof.trim().length < 3}
          onClick={() =>
            until !== null &&
            record.mutate(
              { person: person.id, qualification: qualification.id, validUntil: until, proof: proof.trim() },
              { onSuccess: onClose },
            )
          }
        >
          {t('people.record')}
        </Button>
      }
    >
      {held !== undefined && (
        <p>
          {t('people.before', {
            date: calendarDay(held.valid_until),
            proof: held.proof,
            name: held.recorded_by?.name ?? t('people.at_set_up'),
          })}
        </p>
      )}
      <DayField label={t('people.last_day')} value={until} testId="valid-until" onDay={setUntil} />
      <TextField
        label={t('people.proof')}
        helperText={t('people.proof_words')}
        value={proof}
        onChange={(event) => setProof(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 200, 'data-testid': 'proof' } }}
      />
      <p>{t('people.takes_away')}</p>
      <small>
        {t(`source.${qualification.source.kind}`)}: {qualification.source.words}
      </small>
      {record.isError && <ProblemWords problem={problemOf(record.error, t('state.no_network'))} />}
    </Drawer>
  );
}
