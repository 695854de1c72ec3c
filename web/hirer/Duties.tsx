import type { Say } from './texts';
import type { Page } from './yard';

interface Props {
  duties: Page['duties'];
  say: Say;
  onTick: (point: string, answer: 'done' | 'not_done') => void;
}

/** What the hirer's own people do today; a tick is taken back with the same touch. */
export function Duties({ duties, say, onTick }: Props) {
  const left = duties.filter(({ ticked }) => !ticked).length;

  return (
    <section className="duties">
      <h2>{say('daily')}</h2>
      <p>{left === 0 ? say('daily_all') : say('daily_left', { left, all: duties.length })}</p>
      <ul>
        {duties.map((duty, at) => (
          <li key={duty.id}>
            <button
              type="button"
              className="tick"
              aria-pressed={duty.ticked}
              aria-label={`${duty.name}: ${say(duty.ticked ? 'done' : 'not_done')}`}
              data-testid={`tick-${duty.id}`}
              onClick={() => onTick(duty.id, duty.ticked ? 'not_done' : 'done')}
            >
              {duty.ticked ? `${at + 1} =` : at + 1}
            </button>
            <div>
              <b>{duty.name}</b>
              <p>{duty.do}</p>
              {(duty.spots ?? []).length > 0 && (
                <ol className="spots">
                  {(duty.spots ?? []).map(({ name, nipples, strokes }) => (
                    <li key={name}>{say('spot', { name, nipples, strokes })}</li>
                  ))}
                </ol>
              )}
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}
