import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { Button } from '../../app/Button';
import { calendarDay } from '../../app/figures';
import { Mark } from '../../marks/Mark';

interface Props {
  papers: Schema['MachinePaper'][];
  mayAdd: boolean;
  onAdd: () => void;
}

/** The papers that belong to a machine, each with the day on which it ends and the days until then. */
export function PaperList({ papers, mayAdd, onAdd }: Props) {
  const { t } = useTranslation();

  return (
    <section className="machine-papers" aria-label={t('office.papers')} data-testid="papers">
      <header>
        <h2>{t('office.papers')}</h2>
        {mayAdd && (
          <Button testId="add-paper" onClick={onAdd}>
            {t('office.add_paper')}
          </Button>
        )}
      </header>
      {papers.length === 0 && <p>{t('office.no_papers')}</p>}
      <ul>
        {papers.map((paper) => (
          <li key={paper.kind}>
            <Mark outcome={paper.mark} size={22} />
            <span>
              <b>{paper.name}</b>
              <small>
                {paper.number === null ? '' : t('fleet.paper_number', { number: paper.number })}
                {paper.issued_on !== null && ` ${t('fleet.paper_issued', { date: calendarDay(paper.issued_on) })}`}
              </small>
              {paper.photos.length > 0 && (
                <small className="paper-pages">
                  {paper.photos.map((sha, at) => (
                    <a key={sha} href={`/api/photos/${sha}`} target="_blank" rel="noreferrer">
                      <img src={`/api/photos/${sha}/thumbnail`} alt={t('fleet.paper_page', { page: at + 1 })} />
                    </a>
                  ))}
                </small>
              )}
            </span>
            <i>
              {paper.valid_until === null ? t('office.no_end') : calendarDay(paper.valid_until)}
              {paper.days_left !== null && (
                <small>
                  {paper.days_left < 0
                    ? t('fleet.days_over', { count: -paper.days_left })
                    : t('fleet.days_left', { count: paper.days_left })}
                </small>
              )}
            </i>
          </li>
        ))}
      </ul>
    </section>
  );
}
