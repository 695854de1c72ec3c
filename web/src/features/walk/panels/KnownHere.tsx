import { useTranslation } from 'react-i18next';
import { Button } from '../../../app/Button';
import { DamageIcon } from '../../../marks/Mark';
import { ProblemWords } from '../../../app/ProblemWords';
import { FindingName } from '../finding/FindingName';
import { useSend } from '../state/useSend';
import type { Post } from '../state/useWalk';
import type { Position } from '../state/useWalkPosition';
import type { Walk } from '../state/types';

interface Props {
  walk: Walk;
  visit: Position['visit'];
  mayPost: boolean;
  post: Post;
  /** Opens the finding, where its size is read again. */
  onWorse: (finding: string) => void;
}

/** What was found here on an earlier walk and was not looked at on this one: still there, worse, or gone. */
export function KnownHere({ walk, visit, mayPost, post, onWorse }: Props) {
  const { t } = useTranslation();
  const { busy, problem, send } = useSend();
  const name = walk.plan.parts.find((part) => part.id === visit.part)?.name;
  const known = walk.state.findings.filter((finding) => finding.part === name && finding.comparison === 'open');
  if (known.length === 0 || name === undefined) {
    return null;
  }
  const see = (finding: string, payload: { size_mm: number; gone?: boolean }) =>
    void send(() => post('finding.seen_again', { finding, words: '', photos: [], ...payload }));

  return (
    <section className="known" aria-label={t('known.title')}>
      {known.map((finding) => (
        <div key={finding.id} className="known-row" data-testid={`known-${finding.number}`}>
          <DamageIcon comparison={finding.comparison} number={finding.number} size={40} />
          <p>
            <FindingName finding={finding} />
          </p>
          {mayPost && (
            <div className="known-acts">
              <Button
                disabled={busy}
                testId="known-there"
                onClick={() => see(finding.id, { size_mm: finding.size_mm ?? 0 })}
              >
                {t('known.there')}
              </Button>
              <Button disabled={busy} testId="known-worse" onClick={() => onWorse(finding.id)}>
                {t('known.worse')}
              </Button>
              <Button disabled={busy} testId="known-gone" onClick={() => see(finding.id, { size_mm: 0, gone: true })}>
                {t('known.gone')}
              </Button>
            </div>
          )}
        </div>
      ))}
      <ProblemWords problem={problem} />
    </section>
  );
}
