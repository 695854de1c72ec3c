import { useTranslation } from 'react-i18next';
import { Button } from '../../../app/Button';
import { VerdictWords } from './VerdictWords';
import type { Position } from '../state/useWalkPosition';
import type { LineState } from '../state/types';

interface Props {
  state: LineState | undefined;
  position: Position;
  isKept: boolean;
  /** What stops the machine leads to its tag. */
  onTag?: () => void;
}

/** What was answered here: the verdict, the way on where it does not stand, and whether it is still on the tablet. */
export function AnswerSoFar({ state, position, isKept, onTag }: Props) {
  const { t } = useTranslation();
  const isAmiss = state?.outcome === 'attend' || state?.outcome === 'stop';

  return (
    <>
      {state?.judgement !== undefined && state.judgement !== null && <VerdictWords judgement={state.judgement} live />}
      {isAmiss && (
        <div className="answer-acts">
          <Button testId="go-on" onClick={() => position.advance([position.line.key])}>
            {t('walk.go_on')}
          </Button>
          {state.outcome === 'stop' && onTag !== undefined && (
            <Button tone="oxide" testId="tag-it" onClick={onTag}>
              {t('test.tag_it')}
            </Button>
          )}
        </div>
      )}
      {isKept && <p className="kept-words">{t('state.kept_here')}</p>}
    </>
  );
}
