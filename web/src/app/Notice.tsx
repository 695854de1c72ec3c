import { useTranslation } from 'react-i18next';
import { Link, useInRouterContext } from 'react-router';
import { Button } from './Button';
import './notice.css';

/** A ruled page with one sentence: while something is fetched, when it did not come, when there is nothing. */
export function Notice({ words, act, onAct }: { words: string; act?: string; onAct?: () => void }) {
  const isInside = useInRouterContext();

  return (
    <div className="notice" role="status">
      <p className="slab">{words}</p>
      {act !== undefined && onAct !== undefined && (
        <>
          <Button onClick={onAct}>{act}</Button>
          {isInside && <WayBack />}
        </>
      )}
    </div>
  );
}

/** Where trying again does not help, as of a page that is for another role, nobody is left without a way. */
function WayBack() {
  const { t } = useTranslation();

  return (
    <Link to="/" className="notice-back">
      {t('state.to_the_day')}
    </Link>
  );
}
