import { useTranslation } from 'react-i18next';
import { written } from '../../app/units';
import { Mark } from '../../marks/Mark';
import { useReading } from '../session/useReading';
import type { Result } from './useLimits';

const MARKS = { within: 'stands', beyond: 'attend', told: 'open' } as const;

/** What a sheet comes to: the verdict in words, and what the maker says, what is taken off and what is left. */
export function ResultLedger({ result }: { result: Result }) {
  const { t } = useTranslation();
  const reading = useReading();
  const figure = (of: { value: string; unit: string }) => written(of.value, of.unit, reading)[0];

  return (
    <div className="limits-result">
      <p className={`limits-says limits-${result.fits}`} role="status" data-testid="limits-says">
        <Mark outcome={MARKS[result.fits]} size={30} />
        <span>
          <b>{t(`limits.fits.${result.fits}`)}</b>
          {result.says}
        </span>
      </p>
      {result.ledger.length > 0 && (
        <table className="limits-ledger">
          <thead>
            <tr>
              <th scope="col">{t('limits.limit')}</th>
              <th scope="col">{t('limits.maker')}</th>
              <th scope="col">{t('limits.less')}</th>
              <th scope="col">{t('limits.yours')}</th>
            </tr>
          </thead>
          <tbody>
            {result.ledger.map((line) => (
              <tr key={line.what}>
                <th scope="row">
                  {line.what} <small>{figure(line.yours).unit}</small>
                </th>
                <td>{line.maker === null ? '–' : figure(line.maker).text}</td>
                <td>
                  {line.less.map((one) => (
                    <span key={one.why}>
                      {figure(one.by).text}
                      <small>{one.why}</small>
                    </span>
                  ))}
                  {line.less.length === 0 && line.maker !== null && '0'}
                </td>
                <td>{figure(line.yours).text}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {result.working.map((one) => (
        <p key={one} className="limits-working">
          {one}
        </p>
      ))}
      <ul className="limits-advice">
        {result.advice.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
    </div>
  );
}
