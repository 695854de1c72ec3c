import type { Say } from './texts';
import type { Page } from './yard';

/** What went along with the machine: it comes back with it. A page kept from before knows of none. */
export function Things({ things, say }: { things: NonNullable<Page['things']>; say: Say }) {
  if (things.length === 0) {
    return null;
  }

  return (
    <section className="limits" data-testid="things">
      <h2>{say('things')}</h2>
      <ul>
        {things.map(({ name, count, marks }) => (
          <li key={name}>
            <b>
              {count} × {name}
            </b>
            {marks !== '' && <p>{marks}</p>}
          </li>
        ))}
      </ul>
    </section>
  );
}
