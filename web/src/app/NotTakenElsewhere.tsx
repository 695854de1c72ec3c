import { useTranslation } from 'react-i18next';
import { Link, useLocation } from 'react-router';
import type { KeptEntry } from '../offline/store';
import { useOutbox } from '../offline/useOutbox';

const pageOf = ({ walkId, machineId }: KeptEntry): string =>
  machineId === undefined ? `/walks/${walkId}` : `/fleet/${machineId}`;

/** Says on every page that the yard's ledger refused something, and leads to the page where it stands. */
export function NotTakenElsewhere() {
  const { t } = useTranslation();
  const { pathname } = useLocation();
  const { refused } = useOutbox();
  const pages = [...new Set(refused.map(pageOf))].filter((page) => !`${pathname}/`.includes(`${page}/`));

  return pages.map((page) => (
    <p key={page} className="refused-elsewhere" role="alert" data-testid="refused-elsewhere">
      <Link to={page}>
        {t('outbox.refused_elsewhere', { count: refused.filter((one) => pageOf(one) === page).length })}
      </Link>
    </p>
  ));
}
