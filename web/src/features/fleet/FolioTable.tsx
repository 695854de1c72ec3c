import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schema } from '../../api/client';
import { Button } from '../../app/Button';
import { figure, shortDate } from '../../app/figures';
import { Mark } from '../../marks/Mark';

type Folio = Schema['MachineDetail']['folios'][number];

interface Props {
  folios: Folio[];
  /** The hire that the machine waits for. */
  nextHire: string | null;
  mayChange: boolean;
  onChange: (hireId: string) => void;
  /** Opens the walk of a hire that is not the next one; where that is nobody's to do, nothing is offered. */
  onWalkOut?: ((hireId: string) => void) | undefined;
  /** It stands here and nobody had it out: offered where no folio of it is under way. */
  onFound?: (() => void) | undefined;
}

/** What a mark says of a folio: done with, damaged, stopped, or still ahead. */
function markOf(folio: Folio): Schema['Outcome'] {
  switch (folio.standing) {
    case 'gone':
    case 'stopped':
      return 'stop';
    case 'held':
    case 'returned':
      return 'attend';
    case 'closed':
      return folio.new_damage > 0 ? 'attend' : 'stands';
    case 'ready':
      return 'stands';
    default:
      return 'open';
  }
}

/** The hires of a machine, newest first: when, for whom, how long it ran, and how each was left. */
export function FolioTable({ folios, nextHire, mayChange, onChange, onWalkOut, onFound }: Props) {
  const { t } = useTranslation();

  return (
    <section className="machine-folios" aria-label={t('fleet.folios')}>
      <h2>{t('fleet.folios')}</h2>
      {folios.length === 0 && <p>{t('fleet.no_folios')}</p>}
      {folios.length > 0 && (
        <table>
          <thead>
            <tr>
              <th>{t('fleet.folio')}</th>
              <th>{t('day.out')}</th>
              <th>{t('day.in')}</th>
              <th>{t('fleet.hirer')}</th>
              <th className="n">{t('fleet.ran')}</th>
              <th>{t('fleet.stamp')}</th>
            </tr>
          </thead>
          <tbody>
            {folios.map((folio) => (
              <tr
                key={folio.hire_id}
                className={folio.hire_id === nextHire ? 'folio-next' : ''}
                data-testid={`folio-${folio.folio}`}
              >
                <th scope="row">
                  <Link to={`/hires/${folio.hire_id}/spread`}>{folio.folio}</Link>
                </th>
                <td>{shortDate(folio.out_at)}</td>
                <td>{shortDate(folio.in_at)}</td>
                <td>{folio.customer}</td>
                <td className="n">{folio.hours === null ? '–' : figure(folio.hours)}</td>
                <td className="folio-stamp">
                  <span>
                    <Mark outcome={markOf(folio)} size={20} />
                    {folio.standing === 'closed' && folio.new_damage > 0
                      ? t('fleet.damages', { count: folio.new_damage })
                      : t(`standing.${folio.standing}`)}
                  </span>
                  {mayChange && ['booked', 'out', 'walking_in'].includes(folio.standing) && (
                    <Button testId={`change-${folio.folio}`} onClick={() => onChange(folio.hire_id)}>
                      {t('fleet.change')}
                    </Button>
                  )}
                  {folio.walk_id !== null && (
                    <Button testId={`sheet-${folio.folio}`} href={`/api/walks/${folio.walk_id}/sheet`} opensTab>
                      {t('fleet.sheet')}
                    </Button>
                  )}
                  {folio.walk_id !== null && ['walking_out', 'walking_in'].includes(folio.standing) && (
                    <Link to={`/walks/${folio.walk_id}/sheet`} data-testid={`enter-sheet-${folio.folio}`}>
                      {t('filled.open')}
                    </Link>
                  )}
                  {folio.standing === 'booked' && folio.hire_id !== nextHire && onWalkOut !== undefined && (
                    <Button testId={`walk-out-${folio.folio}`} onClick={() => onWalkOut(folio.hire_id)}>
                      {t('fleet.walk_out')}
                    </Button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {onFound !== undefined && (
        <p className="folio-found">
          {t('fleet.found_ask')}
          <Button testId="report-found" onClick={onFound}>
            {t('fleet.found_open')}
          </Button>
        </p>
      )}
    </section>
  );
}
