import { Fragment } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { clock, figure } from '../../app/figures';
import { written, writtenDifference } from '../../app/units';
import { Mark } from '../../marks/Mark';
import { useReading } from '../session/useReading';
import { Explained } from './Explained';
import type { ToExplain } from './ExplainDrawer';

type Spread = Schema['Spread'];
type Line = Spread['readings'][number];

interface Props {
  spread: Spread;
  mayExplain: boolean;
  onExplain: (line: ToExplain) => void;
}

/**
 * The readings, grouped: name, Out, In, Difference behind its double rule, and the finding. Struck lines keep their
 * place.
 */
export function ReadingLedger({ spread, mayExplain, onExplain }: Props) {
  const { t } = useTranslation();
  const groups = [...new Set(spread.readings.map((line) => line.group))];

  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls has to be reached by keys
    <div className="ledger-frame" tabIndex={0} role="region" aria-label={t('spread.reading')}>
      <table className="ledger">
        <thead>
          <tr>
            <th colSpan={2}>{t('spread.reading')}</th>
            <th className="n">
              {t('spread.out')}
              <i>{spread.out_by?.name}</i>
            </th>
            <th className="n">
              {t('spread.in')}
              <i>{spread.in_by?.name ?? t('spread.open')}</i>
            </th>
            <th className="n difference">
              {t('spread.difference')}
              <i>{t('spread.computed')}</i>
            </th>
            <th>{t('spread.finding')}</th>
          </tr>
        </thead>
        <tbody>
          {spread.readings.length === 0 && (
            <tr>
              <td colSpan={6} className="ledger-empty">
                {t('spread.none')}
              </td>
            </tr>
          )}
          {groups.map((group) => {
            const lines = spread.readings.filter((line) => line.group === group);
            const rows = lines.reduce((sum, line) => sum + 1 + line.struck.length, 0);

            return lines.map((line, at) => (
              <Fragment key={line.key}>
                {line.struck.map((struck, index) => (
                  <StruckRow
                    key={`${line.key}-${index}`}
                    line={line}
                    struck={struck}
                    group={at === 0 && index === 0 ? { name: group, rows } : undefined}
                  />
                ))}
                <LedgerRow
                  line={line}
                  group={at === 0 && line.struck.length === 0 ? { name: group, rows } : undefined}
                  isLast={at === lines.length - 1}
                  mayExplain={mayExplain}
                  onExplain={onExplain}
                />
              </Fragment>
            ));
          })}
        </tbody>
      </table>
    </div>
  );
}

interface Group {
  name: string;
  rows: number;
}

function GroupCell({ group }: { group: Group | undefined }) {
  return group === undefined ? null : (
    <th rowSpan={group.rows} scope="rowgroup" className="group">
      {group.name}
    </th>
  );
}

interface RowProps {
  line: Line;
  group: Group | undefined;
  isLast: boolean;
  mayExplain: boolean;
  onExplain: (line: ToExplain) => void;
}

function LedgerRow({ line, group, isLast, mayExplain, onExplain }: RowProps) {
  const { t } = useTranslation();
  const unbalanced = line.balance !== 'balanced';
  const reading = useReading();
  const cell = (value: string) => written(value, line.unit, reading)[0];

  return (
    <tr
      className={`${line.outcome === 'stop' ? 'tagged' : ''} ${isLast ? 'last' : ''}`}
      data-testid={`spread-${line.key}`}
    >
      <GroupCell group={group} />
      <td className="name">
        {line.name} <small>{cell('0').unit}</small>
      </td>
      <td className="n">{line.out === null ? '–' : cell(line.out.value).text}</td>
      <td className="n">{line.in === null ? '–' : cell(line.in.value).text}</td>
      <td className="n difference">
        {line.difference === null ? (
          <span className="open-word">– {t(line.balance === 'balanced' ? 'spread.not_asked' : 'spread.open')}</span>
        ) : (
          writtenDifference(line.difference, line.unit, reading).text
        )}
      </td>
      <td className="words">
        <span>
          <Mark outcome={line.outcome} size={21} />
          <span>
            <b>{t(`outcome.${line.outcome}`)}.</b> {line.words}
            {line.topped_up !== null && (
              <i data-testid="topped-up">
                {t(line.topped_up.is_measured ? 'spread.topped_up_measured' : 'spread.topped_up', {
                  to: `${cell(line.topped_up.to).text} ${cell('0').unit}`,
                  litres: figure(line.topped_up.litres),
                  fluid: line.topped_up.fluid,
                })}
              </i>
            )}
            {line.meter_change !== null && <i data-testid="meter-change">{t(
              'spread.meter_change',
              { hours: figure(line.meter_change) },
            )}</i>}
            {line.explanation !== null && <Explained explanation={line.explanation} />}
          </span>
          {unbalanced && line.explanation === null && mayExplain && (
            <button type="button" onClick={() => onExplain({ key: line.key, title: line.name, words: line.words })}>
              {t('spread.explain')}
            </button>
          )}
        </span>
      </td>
    </tr>
  );
}

/** A struck line stays legible, with its reason; the right one follows at once. */
function StruckRow({ line, struck, group }: { line: Line; struck: Line['struck'][number]; group: Group | undefined }) {
  const { t } = useTranslation();
  const reading = useReading();
  const cell = (value: string) => written(value, line.unit, reading)[0];

  return (
    <tr className="struck">
      <GroupCell group={group} />
      <td className="name">
        <s>{line.name}</s> <small>{cell('0').unit}</small>
      </td>
      <td className="n">{struck.out === null ? '' : <s>{cell(struck.out).text}</s>}</td>
      <td className="n">{struck.in === null ? '' : <s>{cell(struck.in).text}</s>}</td>
      <td className="n difference" />
      <td className="words">
        <i>{t('spread.struck', { time: clock(struck.at), because: struck.because })}</i>
      </td>
    </tr>
  );
}
