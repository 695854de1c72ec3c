import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { shortDate } from '../../app/figures';
import { ProblemWords } from '../../app/ProblemWords';
import { Mark } from '../../marks/Mark';
import { useSettleReport, type Report } from './useReports';
import './reports.css';

const WAYS = ['told', 'visited', 'fetched', 'on_return', 'no_fault'] as const;

/** A fault as the hirer said it, with the number to ring; settled with a word of what was done. */
export function OneReport({ report, maySettle }: { report: Report; maySettle: boolean }) {
  const { t } = useTranslation();
  const settle = useSettleReport();
  const [how, setHow] = useState<(typeof WAYS)[number] | null>(null);
  const [words, setWords] = useState('');

  return (
    <article className="hirer-report" data-testid="hirer-report" aria-label={report.fleet_number}>
      <header>
        <Mark outcome={report.settled === null ? 'attend' : 'stands'} />
        <div>
          <h2>
            <Link to={`/fleet/${report.machine_id}`}>{report.fleet_number}</Link> {report.words}
          </h2>
          <p>
            {t('reports.of', { hirer: report.hirer, folio: report.folio, when: shortDate(report.reported_at) })}{' '}
            <b>{t(`reports.${report.runs}`)}</b>
          </p>
        </div>
        {report.photo !== null && (
          <a href={`/api/photos/${report.photo}`} target="_blank" rel="noreferrer">
            <img src={`/api/photos/${report.photo}/thumbnail`} alt={t('reports.photo')} />
          </a>
        )}
      </header>
      {report.settled !== null && (
        <p>
          {t(`reports.how.${report.settled.how}`)}: {report.settled.words}
          {report.settled.by !== null && ` (${report.settled.by.name})`}
        </p>
      )}
      {report.settled === null && report.phone !== null && (
        <Button href={`tel:${report.phone.replaceAll(' ', '')}`} under={report.phone} testId="ring-hirer">
          {t('reports.ring', { name: report.hirer })}
        </Button>
      )}
      {report.settled === null && maySettle && (
        <>
          <div className="choices">
            {WAYS.map((one) => (
              <Button key={one} pressed={one === how} testId={`how-${one}`} onClick={() => setHow(one)}>
                {t(`reports.how.${one}`)}
              </Button>
            ))}
          </div>
          {how !== null && (
            <>
              <TextField
                label={t('reports.words')}
                helperText={t('reports.they_read')}
                value={words}
                fullWidth
                onChange={(event) => setWords(event.target.value)}
                slotProps={{ htmlInput: { maxLength: 600, 'data-testid': 'settle-words' } }}
              />
              {settle.isError && <ProblemWords problem={problemOf(settle.error, t('state.no_network'))} />}
              <Button
                tone="jade"
                testId="settle-report"
                disabled={words.trim().length < 3 || settle.isPending}
                onClick={() => settle.mutate({ report, how, words: words.trim() })}
              >
                {t('reports.settle')}
              </Button>
            </>
          )}
        </>
      )}
    </article>
  );
}
