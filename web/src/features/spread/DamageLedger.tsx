import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { written, writtenDifference } from '../../app/units';
import { DamageIcon } from '../../marks/Mark';
import { useReading } from '../session/useReading';
import { Explained } from './Explained';
import type { ToExplain } from './ExplainDrawer';

interface Props {
  spread: Schema['Spread'];
  selected: string | null;
  mayExplain: boolean;
  onSelect: (id: string) => void;
  onExplain: (line: ToExplain) => void;
}

/** Damage in both columns; the mark says the same, worse or new. */
export function DamageLedger({ spread, selected, mayExplain, onSelect, onExplain }: Props) {
  const { t } = useTranslation();
  const reading = useReading();
  const size = (millimetres: number) => written(String(millimetres), 'mm', reading)[0];

  return (
    <>
      <ul className="damage-key">
        {(['same', 'worse', 'new'] as const).map((comparison) => (
          <li key={comparison}>
            <DamageIcon comparison={comparison} number={0} size={24} />
            {t(`comparison.${comparison}`)}
          </li>
        ))}
        <li className="damage-unit">{t('spread.in_unit', { unit: size(0).unit })}</li>
      </ul>
      <table className="damage-lines">
        <thead>
          <tr>
            <th colSpan={2}>{t('spread.damage')}</th>
            <th>{t('spread.out')}</th>
            <th>{t('spread.in')}</th>
            <th>{t('spread.diff')}</th>
          </tr>
        </thead>
        <tbody>
          {spread.findings.length === 0 && (
            <tr>
              <td colSpan={5} className="ledger-empty">
                {t('spread.no_damage')}
              </td>
            </tr>
          )}
          {spread.findings.map(({ finding, ...line }) => (
            <tr
              key={finding.id}
              className={`${selected === finding.id ? 'selected' : ''} ${finding.severity === 'stop' ? 'tagged' : ''}`}
              data-testid={`damage-${finding.number}`}
            >
              <td>
                <button
                  type="button"
                  aria-label={t('spread.show_on_plan', { number: finding.number })}
                  onClick={() => onSelect(finding.id)}
                >
                  <DamageIcon comparison={finding.comparison} number={finding.number} />
                </button>
              </td>
              <td>
                <b>
                  {t(`kind.${finding.kind}`, { defaultValue: finding.kind })}, {finding.part.toLowerCase()}
                </b>
                <span>{finding.words}</span>
                {line.explanation !== null && <Explained explanation={line.explanation} />}
                {line.balance !== 'balanced' && line.explanation === null && mayExplain && (
                  <button
                    type="button"
                    className="explain-act"
                    onClick={() =>
                      onExplain({
                        key: finding.id,
                        title: `${finding.number} ${finding.part}`,
                        words: t(`balance.${line.balance}`),
                      })
                    }
                  >
                    {t('spread.explain')}
                  </button>
                )}
                {finding.photos[0] !== undefined && (
                  <a
                    className="damage-photo"
                    href={`/api/photos/${finding.photos[finding.photos.length - 1]}`}
                    target="_blank"
                    rel="noreferrer"
                  >
                    {t('spread.photo')}
                  </a>
                )}
              </td>
              <td className="n">{line.out_mm === null ? t('spread.none_there') : size(line.out_mm).text}</td>
              <td className="n">{line.in_mm === null ? '–' : size(line.in_mm).text}</td>
              <td className="n">
                {line.difference_mm === null ? '–' : writtenDifference(String(line.difference_mm), 'mm', reading).text}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
