import { useEffect } from 'react';
import { Duties } from './Duties';
import { Limits } from './Limits';
import { Things } from './Things';
import { Report } from './Report';
import { Steps } from './Steps';
import { languageName, sayIn, shortly, whenIn, type Say } from './texts';
import { useHirerPage, type Hirer } from './useHirerPage';
import type { Page } from './yard';

/** The page of the hirer: how it is started and stopped, the daily list, the limits, and always whom to ring. */
export function HirerPage({ token }: { token: string }) {
  const hirer = useHirerPage(token);
  const language = hirer.page?.language ?? hirer.language ?? navigator.language.slice(0, 2);
  const say = sayIn(language);
  useEffect(() => {
    document.documentElement.lang = language;
    document.title = hirer.page === null ? say('title') : `${hirer.page.fleet_number}: ${say('title')}`;
  });

  return (
    <div className="page">
      <p className="edge" aria-hidden="true">
        {hirer.page !== null && say('folio', { yard: hirer.page.yard, folio: hirer.page.folio })}
      </p>
      <main>
        {hirer.page === null ? (
          <Nothing hirer={hirer} say={say} />
        ) : (
          <Whole hirer={hirer} page={hirer.page} say={say} />
        )}
      </main>
      <Foot hirer={hirer} language={language} say={say} />
    </div>
  );
}

interface PartProps {
  hirer: Hirer;
  say: Say;
}

/** Where there is no page to show: why, and what to do. */
function Nothing({ hirer, say }: PartProps) {
  if (hirer.standing === 'fetching') {
    return (
      <p className="notice" role="status">
        {say('fetching')}
      </p>
    );
  }

  return (
    <div className="notice" role="alert" data-testid="no-page">
      <h1>{say(hirer.standing === 'ended' ? 'ended' : 'nearer')}</h1>
      {hirer.standing === 'unreached' && <p>{say('nearer_why')}</p>}
    </div>
  );
}

function Whole({ hirer, page, say }: PartProps & { page: Page }) {
  const until = whenIn(page.language, page.timezone, {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    hour: '2-digit',
    minute: '2-digit',
  });
  const head = (
    <header className="head">
      <h1>
        {page.fleet_number} {page.family.toLowerCase()}
      </h1>
      <p>{say('yours', { when: until(page.until) })}</p>
    </header>
  );
  if (page.standing === 'over' || page.standing === 'not_out') {
    return (
      <>
        {head}
        <p className="notice" data-testid="standing">
          {say(page.standing)}
        </p>
      </>
    );
  }

  return (
    <>
      {head}
      {page.standing === 'tagged' && (
        <section className="tag" role="alert" data-testid="tagged">
          <h2>{say('tagged')}</h2>
          <p className="large">{say('do_not_start')}</p>
          <p>{say('tagged_why')}</p>
        </section>
      )}
      <Steps page={page} say={say} />
      {page.duties.length > 0 && (
        <Duties
          duties={page.duties}
          say={say}
          onTick={(point, answer) => void hirer.say('hirer.ticked', { point, answer })}
        />
      )}
      <Limits limits={page.limits} cautions={page.cautions} say={say} />
      <Things things={page.things ?? []} say={say} />
      <Report hirer={hirer} page={page} say={say} />
      <nav className="languages">
        {page.languages.map((language) => (
          <button
            key={language}
            type="button"
            lang={language}
            aria-pressed={language === page.language}
            onClick={() => hirer.choose(language)}
          >
            {languageName(language)}
          </button>
        ))}
      </nav>
      <p className="manual">
        {say('manual')} {say('checked')}
      </p>
    </>
  );
}

/** Always there: the number to ring, and how old the page is. */
function Foot({ hirer, language, say }: PartProps & { language: string }) {
  const { page, isReached } = hirer;
  const when = shortly(language, page?.timezone ?? 'UTC');

  return (
    <footer className="foot">
      <p className="ring">
        <b>{say('emergency')}</b>
        {page?.phone == null ? (
          <span>{say('no_number')}</span>
        ) : (
          <a href={`tel:${page.phone.replace(/[^0-9+]/g, '')}`} data-testid="ring">
            {page.phone}
          </a>
        )}
      </p>
      {page !== null && (
        <p className="kept" role="status" data-testid="kept">
          {say(isReached ? 'kept' : 'old', { when: when(page.kept_at) })}
        </p>
      )}
    </footer>
  );
}
