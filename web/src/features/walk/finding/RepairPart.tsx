import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../../api/client';
import { Button } from '../../../app/Button';
import { HoldButton } from '../../../app/HoldButton';
import { shortDate } from '../../../app/figures';
import { usePersistentState } from '../../../app/usePersistentState';
import { useMe } from '../../session/useSession';
import { ProblemWords } from '../../../app/ProblemWords';
import { useSend } from '../state/useSend';
import type { Post } from '../state/useWalk';
import type { Walk } from '../state/types';

type Release = Schema['Release'];

interface Props {
  walk: Walk;
  data: Release;
  /** What stands here is of before the last entry; what is due now is on its way. */
  isComputing: boolean;
  post: Post;
  mayPost: boolean;
  onGoLine: (key: string) => void;
}

/** From the tag to the tag-in: what was mended, what that makes due, and who may take the tag off. */
export function RepairPart({ walk, data, isComputing, post, mayPost, onGoLine }: Props) {
  const { t } = useTranslation();
  const me = useMe();
  const { busy, problem, send } = useSend();
  const stops = data.grounds.filter((ground) => ground.outcome === 'stop');
  const [first] = data.repair?.still_due ?? [];

  return (
    <section className="repair" aria-label={t('repair.title')} aria-busy={isComputing}>
      {data.repair !== null && (
        <div className="repair-done">
          <h3>{t('repair.done')}</h3>
          <p>{data.repair.words}</p>
          {data.repair.parts.length > 0 && <p>{t('repair.parts_used', { parts: data.repair.parts.join(', ') })}</p>}
          <small>
            {shortDate(data.repair.at)}, {data.repair.by.name}.{' '}
            {t('repair.due', { count: data.repair.due, left: data.repair.still_due.length })}
          </small>
          {first !== undefined && (
            <Button testId="go-due" disabled={isComputing} onClick={() => onGoLine(first)}>
              {t('repair.go_due')}
            </Button>
          )}
        </div>
      )}
      {mayPost && me.may.repair && (data.repair === null || stops.length > 0) && (
        <RepairForm
          walk={walk}
          stops={stops}
          busy={busy}
          onMended={(payload) => void send(() => post('repair.recorded', payload))}
        />
      )}
      {data.tag_stays !== null && <p data-testid="tag-stays">{data.tag_stays}</p>}
      <ProblemWords problem={problem} />
      {mayPost && data.tag_stays === null && (
        <HoldButton
          testId="lift-tag"
          disabled={busy || isComputing}
          under={t('act.hold')}
          onHeld={() => void send(() => post('tag.lifted', {}))}
        >
          {t('repair.tag_in')}
        </HoldButton>
      )}
    </section>
  );
}

interface FormProps {
  walk: Walk;
  stops: Release['grounds'];
  busy: boolean;
  onMended: (payload: { words: string; parts: string[]; lines: string[]; findings: string[] }) => void;
}

function RepairForm({ walk, stops, busy, onMended }: FormProps) {
  const { t } = useTranslation();
  const [draft, setDraft] = usePersistentState(`repair.1.${walk.id}`, { words: '', parts: '', left: [] as string[] });
  const mended = stops.filter((ground) => !draft.left.includes(ground.reference));
  const toggle = (reference: string) =>
    setDraft({
      ...draft,
      left: draft.left.includes(reference) ? draft.left.filter((one) => one !== reference) : [...draft.left, reference],
    });

  return (
    <div className="repair-form">
      <h3>{t('repair.title')}</h3>
      {stops.map((ground) => (
        <Button
          key={ground.reference}
          pressed={!draft.left.includes(ground.reference)}
          under={ground.words}
          onClick={() => toggle(ground.reference)}
        >
          {ground.title}
        </Button>
      ))}
      <TextField
        label={t('repair.words')}
        value={draft.words}
        multiline
        onChange={(event) => setDraft({ ...draft, words: event.target.value })}
        slotProps={{ htmlInput: { maxLength: 1000, 'data-testid': 'repair-words' } }}
      />
      <TextField
        label={t('repair.parts')}
        value={draft.parts}
        helperText={t('repair.parts_words')}
        onChange={(event) => setDraft({ ...draft, parts: event.target.value })}
        slotProps={{ htmlInput: { maxLength: 1000, 'data-testid': 'repair-parts' } }}
      />
      <HoldButton
        tone="ink"
        testId="record-repair"
        disabled={busy || draft.words.trim().length < 3 || (stops.length > 0 && mended.length === 0)}
        under={t('act.hold')}
        onHeld={() =>
          onMended({
            words: draft.words.trim(),
            parts: draft.parts.split(',').map((part) => part.trim()).filter((part) => part !== ''),
            lines: mended.flatMap((ground) => ground.line ?? []),
            findings: mended.flatMap((ground) => ground.finding ?? []),
          })
        }
      >
        {t('repair.mended')}
      </HoldButton>
    </div>
  );
}
