import { useTranslation } from 'react-i18next';
import type { Briefing } from './withShownHere';

type Kind = Briefing['steps'][number]['kind'];

/** The class of a step's mark: the one that is open, one that was shown, or one that is ahead. */
function markOf(isHere: boolean, isShown: boolean): string {
  if (isHere) {
    return 'here';
  }

  return isShown ? 'done' : '';
}

const KINDS: Kind[] = ['startup', 'working', 'shutdown'];

interface Props {
  steps: Briefing['steps'];
  at: number;
  shown: ReadonlySet<string>;
  onGo: (at: number) => void;
}

/** How far it has come: starting, working, stopping, each with its steps as marks and the present one by name. */
export function Chapters({ steps, at, shown, onGo }: Props) {
  const { t } = useTranslation();
  const present = steps[at]?.kind;
  const all = steps.map((step, index) => ({ step, index }));

  return (
    <ol className="chapters">
      {KINDS.map((kind) => {
        const own = all.filter(({ step }) => step.kind === kind);
        const done = own.filter(({ step }) => shown.has(step.id)).length;
        const first = own.find(({ step }) => !shown.has(step.id)) ?? own[0];
        // Nothing is passed over: one comes to what was shown, and to the next one.
        const isAhead =
          first === undefined || all.some(({ step, index }) => index < first.index && !shown.has(step.id));

        return own.length === 0 ? null : (
          <li key={kind} className={kind === present ? 'now' : ''}>
            <button
              type="button"
              disabled={isAhead}
              aria-current={kind === present ? 'step' : undefined}
              data-testid={`chapter-${kind}`}
              onClick={() => first && onGo(first.index)}
            >
              <b>{kind === present ? steps[at]?.name : t(`handover.chapter.${kind}`)}</b>
              <small>{t('handover.of', { done, all: own.length })}</small>
              <span className="chapter-marks" aria-hidden="true">
                {own.map(({ step, index }) => (
                  <i key={step.id} className={markOf(index === at, shown.has(step.id))} />
                ))}
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
