import { useState } from 'react';
import { smallPicture } from './picture';
import { shortly, type Say, type Text } from './texts';
import type { Hirer } from './useHirerPage';
import type { Page } from './yard';

const SHORTEST = 3;
const RUNS = ['stopped', 'running'] as const;

/** A fault, in the words of whoever has the machine, with a picture where they take one. */
export function Report({ hirer, page, say }: { hirer: Hirer; page: Page; say: Say }) {
  const [isOpen, setIsOpen] = useState(false);
  const waits = hirer.waiting.filter(({ entry }) => entry.kind === 'hirer.reported');
  const when = shortly(page.language, page.timezone);

  return (
    <section className="report">
      <h2>{say('report')}</h2>
      <p className="stop-first">{say('stop_first')}</p>
      {hirer.refused !== null && (
        <p className="problem" role="alert">
          {hirer.refused}
        </p>
      )}
      {isOpen ? (
        <Form hirer={hirer} say={say} onSent={() => setIsOpen(false)} />
      ) : (
        <button type="button" className="ink" data-testid="report" onClick={() => setIsOpen(true)}>
          {say('report')}
        </button>
      )}
      <ul>
        {waits.map(({ entry }) => (
          <li key={entry.id} data-testid="report-waits">
            <b>{String(entry.payload.words)}</b>
            <p>{say('waits')}</p>
          </li>
        ))}
        {page.reports.map((report) => (
          <li key={report.id} data-testid="report-there">
            <b>{report.words}</b>
            <p>
              {when(report.reported_at)}.{' '}
              {report.settled === null ? say('open') : say('settled', { words: report.settled })}
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Form({ hirer, say, onSent }: { hirer: Hirer; say: Say; onSent: () => void }) {
  const [words, setWords] = useState('');
  const [runs, setRuns] = useState<(typeof RUNS)[number] | null>(null);
  const [phone, setPhone] = useState('');
  const [picture, setPicture] = useState<string | null>(null);
  const [problem, setProblem] = useState<Text | null>(null);

  const take = async (file: File | undefined) => {
    if (file === undefined) {
      return;
    }
    const small = await smallPicture(file);
    setPicture(small);
    setProblem(small === null ? 'picture_none' : null);
  };
  const send = () => {
    if (words.trim().length < SHORTEST || runs === null) {
      setProblem(words.trim().length < SHORTEST ? 'too_short' : 'which');

      return;
    }
    const number = phone.trim();
    const payload = { words: words.trim(), runs, ...(number === '' ? {} : { phone: number }) };
    if (hirer.say('hirer.reported', payload, picture)) {
      onSent();
    } else {
      setPicture(null);
      setProblem('picture_room');
    }
  };

  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        send();
      }}
    >
      <label>
        {say('report_what')}
        <textarea
          rows={4}
          maxLength={2000}
          value={words}
          data-testid="report-words"
          onChange={(event) => setWords(event.currentTarget.value)}
        />
      </label>
      <fieldset>
        <legend>{say('report_runs')}</legend>
        {RUNS.map((one) => (
          <button
            key={one}
            type="button"
            aria-pressed={one === runs}
            data-testid={`runs-${one}`}
            onClick={() => setRuns(one)}
          >
            {say(one)}
          </button>
        ))}
      </fieldset>
      <label>
        {say('report_phone')}
        <input type="tel" maxLength={40} value={phone} onChange={(event) => setPhone(event.currentTarget.value)} />
      </label>
      <label className="picture">
        <span>{say(picture === null ? 'report_picture' : 'picture_there')}</span>
        <input
          type="file"
          accept="image/*"
          data-testid="report-picture"
          onChange={(event) => void take(event.currentTarget.files?.[0])}
        />
      </label>
      {picture !== null && <img src={picture} alt={say('picture_there')} />}
      {problem !== null && (
        <p className="problem" role="alert">
          {say(problem)}
        </p>
      )}
      <button type="submit" className="jade" data-testid="report-send">
        {say('send')}
      </button>
    </form>
  );
}
