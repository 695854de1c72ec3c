import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../../../app/Button';
import { Drawer } from '../../../app/Drawer';
import { clock, shortDate } from '../../../app/figures';
import { DamageIcon } from '../../../marks/Mark';
import { useMe } from '../../session/useSession';
import { FindingName } from './FindingName';
import { PhotoField } from '../panels/PhotoField';
import { ProblemWords } from '../../../app/ProblemWords';
import { SeverityWords } from '../panels/SeverityWords';
import { SizePad } from './SizePad';
import { StrikeButton } from '../panels/StrikeButton';
import { useSend } from '../state/useSend';
import type { Post } from '../state/useWalk';
import type { Finding, Walk } from '../state/types';

interface Props {
  walk: Walk;
  findingId: string;
  post: Post;
  mayPost: boolean;
  onClose: () => void;
}

/** A finding that is known: what was said of it, and what it looks like now: the same, or grown. */
export function SeenAgainDrawer({ walk, findingId, post, mayPost, onClose }: Props) {
  const { t } = useTranslation();
  const finding = walk.state.findings.find((one) => one.id === findingId);
  const [size, setSize] = useState<number | null>(null);
  const [words, setWords] = useState('');
  const [photos, setPhotos] = useState<string[]>([]);
  const [pad, setPad] = useState(false);
  const { busy, problem, send } = useSend();
  if (finding === undefined) {
    return null;
  }
  const isOfThisWalk = finding.walk_id === walk.id;
  const see = (millimetres: number) =>
    void send(() =>
      post('finding.seen_again', { finding: finding.id, size_mm: millimetres, words: words.trim(), photos }),
    ).then((posted) => posted && onClose());

  return (
    <Drawer
      open
      title={t('finding.known', { number: finding.number, part: finding.part })}
      onClose={onClose}
      foot={
        mayPost && !isOfThisWalk ? (
          <>
            <Button disabled={busy} testId="seen-grown" onClick={() => (size === null ? setPad(true) : see(size))}>
              {size === null ? t('finding.grown') : t('finding.post_grown', { size })}
            </Button>
            <Button tone="jade" disabled={busy} testId="seen-same" onClick={() => see(finding.size_mm ?? 0)}>
              {t('finding.same')}
            </Button>
          </>
        ) : undefined
      }
    >
      <div className="finding-head">
        <DamageIcon comparison={finding.comparison} number={finding.number} size={56} />
        <p>
          <FindingName finding={finding} />
          <small>
            {finding.actor.name}, {isOfThisWalk ? clock(finding.recorded_at) : shortDate(finding.recorded_at)}
          </small>
        </p>
      </div>
      <SeverityWords severity={finding.severity} because={finding.severity_reason ?? finding.proposed_because} />
      {mayPost && <Regrade finding={finding} post={post} />}
      {finding.photos.length > 0 && <PhotoField photos={finding.photos} most={0} onPhotos={() => undefined} />}
      {mayPost && !isOfThisWalk && (
        <>
          <TextField
            label={t('finding.words_now')}
            value={words}
            multiline
            onChange={(event) => setWords(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 4000 } }}
          />
          <PhotoField photos={photos} most={8} onPhotos={setPhotos} />
        </>
      )}
      {mayPost && isOfThisWalk && <StrikeButton entryId={finding.id} stops={finding.severity === 'stop'} post={post} />}
      <ProblemWords problem={problem} />
      <SizePad open={pad} onClose={() => setPad(false)} onSet={setSize} />
    </Drawer>
  );
}

/** Anybody may raise it; lowering it is for the lead, with a reason. */
function Regrade({ finding, post }: { finding: Finding; post: Post }) {
  const { t } = useTranslation();
  const me = useMe();
  const [reason, setReason] = useState('');
  const { busy, problem, send } = useSend();
  const order = ['note', 'hold', 'stop'] as const;
  const offered = order.filter(
    (one) => one !== finding.severity && (me.may.lead || order.indexOf(one) > order.indexOf(finding.severity)),
  );
  if (offered.length === 0) {
    return null;
  }

  return (
    <details className="regrade">
      <summary>{t('finding.regrade')}</summary>
      <TextField
        label={t('finding.reason')}
        value={reason}
        fullWidth
        onChange={(event) => setReason(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 500, 'data-testid': 'grade-reason' } }}
      />
      <div className="choice-row">
        {offered.map((severity) => (
          <Button
            key={severity}
            disabled={busy}
            testId={`grade-${severity}`}
            onClick={() =>
              void send(() => post('finding.graded', { finding: finding.id, severity, reason: reason.trim() }))
            }
          >
            {t(`severity.short.${severity}`)}
          </Button>
        ))}
      </div>
      <ProblemWords problem={problem} />
    </details>
  );
}
