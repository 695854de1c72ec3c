import { useTranslation } from 'react-i18next';
import { LookPanel } from './LookPanel';
import { DashboardPanel } from './DashboardPanel';
import type { PanelProps } from './PanelProps';
import { NeedsState } from './NeedsState';
import { LinesOfPage } from './LinesOfPage';
import { PanelTitle } from './PanelTitle';
import { PaperPanel } from './PaperPanel';
import { ReadingPanel } from './ReadingPanel';
import { isReadLaterHere } from '../state/readLater';
import { TestPanel } from './TestPanel';

interface Props extends PanelProps {
  /** The numbers of the lines of the page, as in its list and on its drawing. */
  numbers: Map<string, number>;
  /** Back to the list of the page. */
  onBack: () => void;
}

/** The question at hand: a check by eye or an instrument, with the other lines of this stop above it. */
export function LinePanel(props: Props) {
  const { t } = useTranslation();
  const { walk, position, isKept, mayPost, onCross } = props;
  const { line, visit } = position;
  const inState = walk.state.stage === visit.stage || isReadLaterHere(walk, line.key);

  return (
    <section
      className={`panel ${isKept ? 'panel-kept' : ''}`}
      aria-label={line.title}
      data-testid="line"
      data-line={line.key}
    >
      <LinesOfPage {...props} />
      <PanelTitle position={position} onBack={props.onBack}>
        {t('station.to_list')}
      </PanelTitle>
      {!inState && mayPost && <NeedsState walk={walk} stage={visit.stage} onCross={onCross} />}
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
