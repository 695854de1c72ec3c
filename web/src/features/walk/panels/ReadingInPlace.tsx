import { useTranslation } from 'react-i18next';
import { LinesOfPage } from './LinesOfPage';
import type { PanelProps } from './PanelProps';
import { PanelTitle } from './PanelTitle';
import { PostureBar } from './PostureBar';
import { ReadingPanel } from './ReadingPanel';

interface Props extends PanelProps {
  /** The numbers of the lines of the page, as in its list and on its drawing. */
  numbers: Map<string, number>;
  /** The machine state in which it is read. */
  stage: string;
  /** The drawing of the part again; upright the list of the page. */
  onPutAway: () => void;
  /** Where nothing else is left on the page: the way on, once it is posted. */
  goOn?: (answered: string[]) => void;
}

/**
 * The instrument of the row that is present: in the place of the drawing, beside the list; upright in that of the
 * list, which folds to its marks.
 */
export function ReadingInPlace(props: Props) {
  const { t } = useTranslation();
  const { walk, position, observed, mayPost, stage, onObserved, onPutAway } = props;
  const { line } = position;
  if (line.instrument === null) {
    return null;
  }

  return (
    <section
      className="panel panel-in-place"
      aria-label={line.title}
      data-testid="line"
      data-line={line.key}
    >
      <LinesOfPage {...props} />
      <PanelTitle position={position} onBack={onPutAway}>
        <span className="only-wide">{t('station.to_drawing')}</span>
        <span className="only-upright">{t('station.to_list')}</span>
      </PanelTitle>
      {line.conditions.length > 0 && (
        <PostureBar
          walk={walk}
          line={line}
          stage={stage}
          observed={observed}
          onObserved={onObserved}
          mayPost={mayPost}
        />
      )}
      <ReadingPanel {...props} instrument={line.instrument} inState />
    </section>
  );
}
