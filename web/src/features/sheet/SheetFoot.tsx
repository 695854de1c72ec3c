import { useTranslation } from 'react-i18next';
import type { Problem } from '../../api/problem';
import { Button } from '../../app/Button';
import { ProblemWords } from '../../app/ProblemWords';
import type { Typed } from './sheetDraft';

interface Props {
  typed: Typed;
  isReady: boolean;
  isBusy: boolean;
  problem: Problem | null;
  onEnter: () => void;
}

/** How much of the sheet is typed; what is half typed is sent with nothing else until it is whole or empty. */
export function SheetFoot({ typed, isReady, isBusy, problem, onEnter }: Props) {
  const { t } = useTranslation();
  const count = typed.answers.length;

  return (
    <footer className="filled-foot">
      <ProblemWords problem={problem} />
      <p>
        <b>{t('filled.typed', { count, open: typed.open })}</b>
        {typed.half.length > 0 && <span>{t('filled.half', { count: typed.half.length })}</span>}
        {!isReady && <span>{t('filled.who')}</span>}
      </p>
      <Button
        tone="jade"
        testId="enter-sheet"
        disabled={isBusy || !isReady || count === 0 || typed.half.length > 0}
        under={t('filled.enter_under')}
        onClick={onEnter}
      >
        {t('filled.enter', { count })}
      </Button>
    </footer>
  );
}
