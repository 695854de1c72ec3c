import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { ProblemError } from '../../api/problem';
import { YardTimePicker } from '../office/YardTimePicker';
import { usePeople, type Person } from '../people/usePeople';
import { useMe } from '../session/useSession';
import type { Walk } from '../walk/state/types';
import type { SheetDraft } from './sheetDraft';

interface Props {
  walk: Walk;
  draft: SheetDraft;
  onDraft: (draft: SheetDraft) => void;
  error: Error | null;
}

/** What stands at the foot of the paper: who went round, who stood by, from when to when. */
export function SheetHead({ walk, draft, onDraft, error }: Props) {
  const { t } = useTranslation();
  const me = useMe();
  const people = usePeople().data?.people ?? [];
  const fields = error instanceof ProblemError ? error.problem.field : undefined;
  const asksSecond = walk.plan.stages.some((stage) => stage.asks_second_person);

  return (
    <section className="filled-head">
      <p>{t('filled.words', { name: me.name })}</p>
      <div>
        <PersonField
          label={t('filled.walked_by')}
          people={people.filter((one) => one.may_walk)}
          value={draft.walkedBy}
          wrong={fields?.['walked_by']?.[0]}
          testId="walked-by"
          onChange={(walkedBy) => onDraft({ ...draft, walkedBy })}
        />
        {asksSecond && (
          <PersonField
            label={t('filled.second')}
            people={people.filter((one) => one.may_stand_by && one.id !== draft.walkedBy)}
            value={draft.second}
            wrong={fields?.['second']?.[0]}
            testId="stood-by"
            onChange={(second) => onDraft({ ...draft, second })}
          />
        )}
        <YardTimePicker
          label={t('filled.begun')}
          value={draft.begun}
          testId="begun"
          wrong={fields?.['begun']?.[0]}
          onChange={(begun) => onDraft({ ...draft, begun })}
        />
        <YardTimePicker
          label={t('filled.ended')}
          value={draft.ended}
          testId="ended"
          wrong={fields?.['ended']?.[0]}
          onChange={(ended) => onDraft({ ...draft, ended })}
        />
      </div>
      {draft.walkedBy !== me.id && !me.may.lead && <p>{t('filled.waits_for_another')}</p>}
      {asksSecond && <p>{t('filled.waits_for_second')}</p>}
    </section>
  );
}

function PersonField({ label, people, value, wrong, testId, onChange }: {
  label: string;
  people: Person[];
  value: string | null;
  wrong: string | undefined;
  testId: string;
  onChange: (id: string | null) => void;
}) {
  return (
    <Autocomplete
      options={people}
      value={people.find((one) => one.id === value) ?? null}
      getOptionLabel={(one) => one.name}
      getOptionKey={(one) => one.id}
      onChange={(_, one) => onChange(one?.id ?? null)}
      renderInput={(params) => (
        <TextField
          {...params}
          label={label}
          error={wrong !== undefined}
          helperText={wrong ?? ' '}
          slotProps={{ ...params.slotProps, htmlInput: { ...params.slotProps.htmlInput, 'data-testid': testId } }}
        />
      )}
    />
  );
}
