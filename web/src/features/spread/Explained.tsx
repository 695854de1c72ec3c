import { money, shortDate } from '../../app/figures';
import type { components } from '../../api/schema';

/** What somebody said to a line that does not balance, beside what stands there, with who and when. */
export function Explained({ explanation }: { explanation: components['schemas']['Explanation'] }) {
  return (
    <i className="explained">
      {explanation.words}{' '}
      {explanation.charge !== null && <b>{money(explanation.charge)} </b>}
      <small>
        {explanation.by.name}, {shortDate(explanation.at)}
      </small>
    </i>
  );
}
