import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { DayField } from '../../app/DayField';
import { Drawer } from '../../app/Drawer';
import { ProblemWords } from '../../app/ProblemWords';
import { PhotoField } from '../walk/panels/PhotoField';
import { useRecordPaper } from './useOffice';
import { PdfField } from './PdfField';

const KINDS = ['examination', 'inspection', 'extinguisher', 'insurance', 'manual', 'plate'] as const;
const MOST_PAGES = 6;

/** A paper of a machine: what it is, its number, and until when it counts. */
export function PaperDrawer({ machine, onClose }: { machine: Schema['MachineRow']; onClose: () => void }) {
  const { t } = useTranslation();
  const record = useRecordPaper(machine.id);
  const [kind, setKind] = useState<(typeof KINDS)[number]>('examination');
  const [number, setNumber] = useState('');
  const [days, setDays] = useState<{ issued_on: string | null; valid_until: string | null }>(
    { issued_on: null, valid_until: null },
  );
  const [photos, setPhotos] = useState<string[]>([]);
  const fields = record.error instanceof ProblemError ? (record.error.problem.field ?? {}) : {};
  const day = (name: 'issued_on' | 'valid_until') => (
    <DayField
      label={t(`office.${name}`)}
      value={days[name]}
      testId={name}
      words=" "
      wrong={fields[name]?.[0]}
      onDay={(next) => setDays({ ...days, [name]: next })}
    />
  );

  return (
    <Drawer
      open
      title={t('office.paper_of', { number: machine.fleet_number })}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="record-paper"
          disabled={record.isPending}
          onClick={() =>
            record.mutate({ kind, number, ...(kind === 'plate' ? {} : days), photos }, { onSuccess: onClose })
          }
        >
          {t('office.keep')}
        </Button>
      }
    >
      <div className="choices">
        {KINDS.map((one) => (
          <Button key={one} pressed={kind === one} testId={`paper-${one}`} onClick={() => setKind(one)}>
            {t(`office.paper.${one}`)}
          </Button>
        ))}
      </div>
      <TextField
        label={t('office.paper_number')}
        value={number}
        onChange={(event) => setNumber(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 60, 'data-testid': 'paper-number' } }}
      />
      {kind !== 'plate' && (
        <div className="two-times">
          {day('issued_on')}
          {day('valid_until')}
        </div>
      )}
      <h3>{t(kind === 'plate' ? 'office.plate_picture' : 'office.pages')}</h3>
      <PhotoField photos={photos} most={MOST_PAGES} onPhotos={setPhotos} />
      {kind !== 'plate' && <PdfField photos={photos} most={MOST_PAGES} onPhotos={setPhotos} />}
      <p>{t('office.paper_words')}</p>
      {record.isError && <ProblemWords problem={problemOf(record.error, t('state.no_network'))} />}
    </Drawer>
  );
}
