import { useTranslation } from 'react-i18next';
import { Mark } from '../../marks/Mark';
import './limits.css';
import { letterOf } from './letterOf';
import type { Limits } from './useLimits';

/** What the answers about the place call for, each with its letter; first of all that the machine does not suit it. */
export function SiteCautions({ questions }: { questions: Limits['site'] }) {
  const { t } = useTranslation();

  return (
    <>
      {questions.map(
        ({ id, unsuitable }) =>
          unsuitable !== null && (
            <p key={id} className="limits-unsuitable" role="alert" data-testid="unsuitable">
              <Mark outcome="stop" size={26} />
              <span>
                <b>{unsuitable.why}</b>
                {t('limits.instead', { families: unsuitable.instead.map(({ name }) => name).join(', ') })}
              </span>
            </p>
          ),
      )}
      <ul className="limits-cautions">
        {questions.map(
          ({ id, say }) =>
            say !== null && (
              <li key={id}>
                <i>{letterOf(questions, id)}</i> {say}
              </li>
            ),
        )}
      </ul>
    </>
  );
}
