import { useEffect, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { TranslationNote } from '../../../app/TranslationNote';
import { Button } from '../../../app/Button';
import { Mark } from '../../../marks/Mark';
import { LinesDrawer } from './LinesDrawer';
import { LookPanel } from './LookPanel';
import { DashboardPanel } from './DashboardPanel';
import { KnownHere } from './KnownHere';
import type { PanelProps } from './PanelProps';
import { PaperPanel } from './PaperPanel';
import { ReadingPanel } from './ReadingPanel';
import { isReadLaterHere } from '../state/readLater';
import { TestPanel } from './TestPanel';

/** The question at hand: a check by eye or an instrument, with the other lines of this stop above it. */
export function LinePanel(props: PanelProps) {
  const { t } = useTranslation();
  const { walk, position, isKept, mayPost, onCross } = props;
  const { line, visit } = position;
  const inState = walk.state.stage === visit.stage || isReadLaterHere(walk, line.key);
  const stage = walk.plan.stages.find((one) => one.id === visit.stage);

  return (
    <section
      className={`panel ${isKept ? 'panel-kept' : ''}`}
      aria-label={line.title}
      data-testid="line"
      data-line={line.key}
    >
      <Lines {...props} />
      <header className="panel-title">
        <h2>{line.title}</h2>
        <p>
          {visit.direction} {line.how}
        </p>
        <TranslationNote />
      </header>
      {!inState && mayPost && stage !== undefined && (
        <div className="panel-state">
          <p>{t('walk.needs_state', { state: stage.title })}</p>
          <Button tone="ink" testId="cross" onClick={() => onCross(stage.id)}>
            {t('walk.bring_it', { state: stage.title })}
          </Button>
        </div>
      )}
      {mayPost && walk.state.progress.lines_left === 0 && walk.state.tag === null && (
        <div className="panel-state panel-all-read">
          <p>{t('walk.all_read')}</p>
          <Button tone="jade" testId="decide-now" onClick={props.onTag}>
            {t(walk.state.decision === null ? 'walk.decide_now' : 'walk.see_decision')}
          </Button>
        </div>
      )}
      <KnownHere walk={walk} visit={visit} mayPost={mayPost} post={props.post} onWorse={props.onKnown} />
      <AnswerPanel {...props} inState={inState} />
    </section>
  );
}

/** A look, a function test step by step, or an instrument. */
function AnswerPanel(props: PanelProps & { inState: boolean }) {
  const { line } = props.position;
  if (line.instrument !== null) {
    return <ReadingPanel {...props} instrument={line.instrument} inState={props.inState} />;
  }

  if (line.answer === 'dashboard') {
    return <DashboardPanel {...props} />;
  }
  if (line.paper !== null) {
    return <PaperPanel {...props} paper={line.paper} />;
  }

  return line.test.length > 0 ? <TestPanel {...props} /> : <LookPanel {...props} />;
}

/** One row, however many lines a stop has: the present one is brought into sight. */
function Lines({ walk, position }: PanelProps) {
  const { t } = useTranslation();
  const present = useRef<HTMLButtonElement>(null);
  const [names, setNames] = useState(false);
  useEffect(() => {
    // In braces: newer browsers answer with a promise, which is no way to tidy up an effect.
    void present.current?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [position.line.key]);

  return (
    <div className="panel-lines-row">
    <ol className="panel-lines" aria-label={t('walk.lines_here', { name: position.visit.name })}>
      {position.visit.lines.map((line, at) => {
        const outcome = walk.state.lines.find((one) => one.key === line.key)?.outcome ?? 'open';

        return (
          <li key={line.key}>
            <button
              ref={line.key === position.line.key ? present : undefined}
              type="button"
              aria-current={line.key === position.line.key ? 'true' : undefined}
              aria-label={`${line.title}, ${t(`outcome.${outcome}`)}`}
              onClick={() => position.goLine(line.key)}
            >
              <Mark outcome={outcome} size={20} />
              {at + 1}
            </button>
          </li>
        );
      })}
    </ol>
      {position.visit.lines.length > 1 && (
        <button
          type="button"
          className="lines-by-name-key"
          data-testid="lines-by-name"
          aria-label={t('walk.lines_by_name')}
          onClick={() => setNames(true)}
        >
          {t('walk.lines_key')}
        </button>
      )}
      <LinesDrawer open={names} walk={walk} position={position} onClose={() => setNames(false)} />
    </div>
  );
}
