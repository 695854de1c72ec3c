import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schema } from '../../api/client';
import type { Walk } from '../walk/state/types';

/** What became of the sheet: taken, waiting for the lead, refused. */
export function Entered({ entered, walk }: { entered: Schema['EnteredSheet']; walk: Walk }) {
  const { t } = useTranslation();

  return (
    <section className="filled-entered" role="status" data-testid="entered">
      <b>{t('filled.taken', { count: entered.taken })}</b>
      {entered.in_doubt > 0 && <p>{t('filled.in_doubt', { count: entered.in_doubt })}</p>}
      {entered.refused.length > 0 && <p>{t('filled.refused', { count: entered.refused.length })}</p>}
      {entered.behind > 0 && <p>{t('filled.behind', { count: entered.behind })}</p>}
      <Link to={`/walks/${walk.id}`}>{t('filled.to_walk')}</Link>
    </section>
  );
}
