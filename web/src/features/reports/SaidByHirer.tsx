import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Drawer } from '../../app/Drawer';
import { shortDate } from '../../app/figures';
import { Mark } from '../../marks/Mark';
import { useMe } from '../session/useSession';
import { OneReport } from './OneReport';
import { useSaidByHirer } from './useReports';

/** A line of a return: what the hirer reported and ticked. Nothing where they said nothing. */
export function SaidByHirer({ hireId }: { hireId: string }) {
  const { t } = useTranslation();
  const me = useMe();
  const said = useSaidByHirer(hireId).data;
  const [isOpen, setIsOpen] = useState(false);
  if (said === undefined || said.reports.length + said.ticks.length === 0) {
    return null;
  }
  const open = said.reports.filter(({ settled }) => settled === null);
  const days = new Map<string, string[]>();
  said.ticks.forEach(({ day, name }) => days.set(day, [...(days.get(day) ?? []), name]));

  return (
    <>
      <button type="button" className="said-by-hirer" data-testid="said-by-hirer" onClick={() => setIsOpen(true)}>
        <Mark outcome={open.length > 0 ? 'attend' : 'stands'} size={24} />
        <span>
          {open.length > 0
            ? t('reports.reported', { words: open[0]?.words })
            : t('reports.said', { reports: said.reports.length, days: days.size })}
        </span>
      </button>
      {isOpen && (
        <Drawer open title={t('reports.from_hirer')} onClose={() => setIsOpen(false)}>
          {said.reports.map((report) => (
            <OneReport key={report.id} report={report} maySettle={me.may.walk || me.may.settle} />
          ))}
          {days.size > 0 && <h3>{t('reports.ticked')}</h3>}
          <ul className="ticked-days">
            {[...days].map(([day, names]) => (
              <li key={day}>
                <b>{shortDate(`${day}T12:00:00Z`).split(' ').slice(0, 2).join(' ')}</b> {names.join(', ')}
              </li>
            ))}
          </ul>
        </Drawer>
      )}
    </>
  );
}
