import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schema } from '../../api/client';
import { Button } from '../../app/Button';
import { shortDate } from '../../app/figures';
import { Mark } from '../../marks/Mark';
import type { Row } from './useDay';

interface Props {
  left: Schema['Day']['before_today'];
  mayWalk: boolean;
  onOpen: (row: Row, side: 'out' | 'in') => void;
}

/** More than so many are folded up until somebody asks for them. */
const SHOWN = 2;

/** What days before have left over, on top until somebody settles it. */
export function BeforeToday({ left, mayWalk, onOpen }: Props) {
  const { t } = useTranslation();
  const [isOpen, setIsOpen] = useState(left.length <= SHOWN);

  return (
    <section className="before-today" data-testid="before-today">
      <button type="button" aria-expanded={isOpen} data-testid="before-today-fold" onClick={() => setIsOpen(!isOpen)}>
        <Mark outcome="attend" size={22} /> {t('day.before_today', { count: left.length })}
      </button>
      {isOpen && (
        <ul>
          {left.map(({ side, row }) => (
            <li key={side + row.hire_id}>
              <b>{row.fleet_number}</b>
              <span>
                {row.customer}
                {row.phone !== null && <a href={`tel:${row.phone}`}>{row.phone}</a>}
              </span>
              <span>
                {t(side === 'out' ? 'day.was_to_leave' : 'day.was_to_be_back', { date: shortDate(row.due_at) })}
              </span>
              {row.opens === 'nothing' || row.opens === 'hire' || (row.opens === 'walk' && !mayWalk) ? (
                <Link to={`/fleet/${row.machine_id}`}>{t('day.settle_it')}</Link>
              ) : (
                <Button testId={`settle-${row.fleet_number}`} onClick={() => onOpen(row, side)}>
                  {row.state.words}
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
