import { useTranslation } from 'react-i18next';
import { Link, useLocation } from 'react-router';
import { useOutbox } from '../offline/useOutbox';

/** Says on every page that the yard's ledger refused something, and leads to the walk where it stands. */
export function NotTakenElsewhere() {
  const { t } = useTranslation();
  const { pathname } = useLocation();
  const { refused } = useOutbox();
  const walks = [...new Set(refused.map((one) => one.walkId))].filter((walkId) => !pathname.includes(walkId));

  return walks.map((walkId) => (
    <p key={walkId} className="refused-elsewhere" role="alert" data-testid="refused-elsewhere">
      <Link to={`/walks/${walkId}`}>{t('outbox.refused_elsewhere', { count: refused.filter((one) => one.walkId === walkId).length })}</Link>
    </p>
  ));
}
