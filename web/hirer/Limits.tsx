import type { Say } from './texts';
import type { Page } from './yard';

/** What was computed for this hire, and what its place calls for. */
export function Limits({ limits, cautions, say }: { limits: Page['limits']; cautions: string[]; say: Say }) {
  if (limits.length + cautions.length === 0) {
    return null;
  }

  return (
    <section className="limits" data-testid="limits">
      <h2>{say('limits')}</h2>
      <ul>
        {limits.map((limit) => (
          <li key={limit.sheet} className={limit.fits}>
            <b>{limit.title}</b>
            <p>
              {limit.fits === 'beyond' && <strong>{say('beyond')} </strong>}
              {limit.says}
            </p>
          </li>
        ))}
        {cautions.map((caution) => (
          <li key={caution} className="caution">
            {caution}
          </li>
        ))}
      </ul>
    </section>
  );
}
