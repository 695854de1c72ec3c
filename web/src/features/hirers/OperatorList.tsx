import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { calendarDay } from '../../app/figures';
import { OperatorWords } from '../handover/OperatorField';

/** The people of a hirer as they were recorded at handovers: for what, with which number, until when. */
export function OperatorList({ operators }: { operators: Schema['Operators'] }) {
  const { t } = useTranslation();
  if (operators.length === 0) {
    return <p>{t('operator.nobody')}</p>;
  }

  return (
    <ul className="operator-list">
      {operators.map((one) => (
        <li key={`${one.name} ${one.category}`}>
          <b>{one.name}</b>, {one.of_category.name}, {one.number}
          {one.valid_until !== null && `, ${calendarDay(one.valid_until)}`}
          <OperatorWords operator={one} />
          {one.introduced_to.length > 0 && (
            <small>{t('operator.introduced', { models: one.introduced_to.join(', ') })}</small>
          )}
        </li>
      ))}
    </ul>
  );
}
