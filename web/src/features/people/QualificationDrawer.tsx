import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
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
  const [until, setUntil] = useState(held?.valid_until ?? '');
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
          disabled={record.isPending || until === '' || proof.trim().length < 3}
          onClick={() =>
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
            date: held.valid_until,
            proof: held.proof,
            name: held.recorded_by?.name ?? t('people.at_set_up'),
          })}
        </p>
      )}
      <TextField
        type="date"
        label={t('people.last_day')}
        value={until}
        onChange={(event) => setUntil(event.target.value)}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { 'data-testid': 'valid-until' } }}
      />
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
