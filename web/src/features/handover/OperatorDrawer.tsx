import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { DayField } from '../../app/DayField';
import { Drawer } from '../../app/Drawer';
import { ProblemWords } from '../../app/ProblemWords';
import { PhotoField } from '../walk/panels/PhotoField';
import { postToHire } from '../../api/postToHire';
import type { Briefing } from './withShownHere';

const DAYS = ['valid_until', 'inspection_on', 'course_on'] as const;
type Day = (typeof DAYS)[number];

interface Props {
  hireId: string;
  categories: NonNullable<Briefing['operator_categories']>;
  onClose: () => void;
  onRecorded: (number: string, validUntil: string | null) => void;
}

/** What is seen of somebody: proof with its number and last day, the two parts of an evaluation, and who evaluated. */
export function OperatorDrawer({ hireId, categories, onClose, onRecorded }: Props) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [words, setWords] = useState({ name: '', number: '', issuer: '', evaluator: '' });
  const [days, setDays] = useState<Record<Day, string | null>>({
    valid_until: null,
    inspection_on: null,
    course_on: null,
  });
  const [category, setCategory] = useState(categories[0]?.id ?? '');
  const [ownCode, setOwnCode] = useState(false);
  const [photos, setPhotos] = useState<string[]>([]);
  const asksEvaluation = categories.find((one) => one.id === category)?.evaluation_months != null;
  const record = useMutation({
    mutationFn: () =>
      postToHire(hireId, 'operator.recorded', {
        name: words.name.trim(),
        number: words.number.trim(),
        category,
        issuer: words.issuer.trim(),
        evaluator: words.evaluator.trim(),
        own_code: ownCode,
        ...(photos[0] === undefined ? {} : { photo: photos[0] }),
        ...Object.fromEntries(DAYS.flatMap((day) => (days[day] === null ? [] : [[day, days[day]]]))),
      }),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['briefing'] });
      onRecorded(words.number.trim(), days.valid_until);
    },
  });
  const isComplete = words.name.trim().length >= 2 && words.number.trim().length >= 2 && category !== '';
  const text = (name: keyof typeof words) => (
    <TextField
      label={t(`operator.${name}`)}
      value={words[name]}
      onChange={(event) => setWords({ ...words, [name]: event.target.value })}
      slotProps={{ htmlInput: { maxLength: name === 'number' ? 60 : 120, 'data-testid': `operator-${name}` } }}
    />
  );
  const day = (name: Day) => (
    <DayField
      label={t(`operator.${name}`)}
      value={days[name]}
      testId={`operator-${name}`}
      isPast={name !== 'valid_until'}
      onDay={(next) => setDays({ ...days, [name]: next })}
    />
  );

  return (
    <Drawer open title={t('operator.title')} onClose={onClose}>
      {text('name')}
      <TextField
        select
        label={t('operator.category')}
        value={category}
        onChange={(event) => setCategory(event.target.value)}
        slotProps={{ htmlInput: { 'data-testid': 'operator-category' } }}
      >
        {categories.map((one) => (
          <MenuItem key={one.id} value={one.id}>
            {one.name}
          </MenuItem>
        ))}
      </TextField>
      {text('number')}
      {text('issuer')}
      {day('valid_until')}
      {asksEvaluation && (
        <>
          {day('inspection_on')}
          {day('course_on')}
          {text('evaluator')}
        </>
      )}
      <FormControlLabel
        className="operator-code"
        control={<Checkbox checked={ownCode} onChange={(event) => setOwnCode(event.target.checked)} />}
        label={t('operator.own_code')}
      />
      <PhotoField photos={photos} most={1} onPhotos={setPhotos} />
      <ProblemWords problem={record.isError ? problemOf(record.error, t('state.no_network')) : null} />
      <Button
        tone="jade"
        testId="keep-operator"
        disabled={!isComplete || record.isPending}
        onClick={() => record.mutate()}
      >
        {t('operator.keep')}
      </Button>
    </Drawer>
  );
}
