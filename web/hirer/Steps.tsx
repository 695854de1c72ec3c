import { useEffect, useRef, useState } from 'react';
import { drawing } from '../src/plans/drawings';
import { Shapes } from '../src/plans/Shapes';
import type { Say } from './texts';
import type { Page } from './yard';

const KINDS = ['startup', 'working', 'shutdown'] as const;

/** Letters beyond which an instruction is set smaller, so that the step stays on one screen. */
const LONG = 80;

type Kind = (typeof KINDS)[number];
type Step = Page['steps'][number];

/** One step fills the middle; which ones were done is remembered as long as the page is open. */
export function Steps({ page, say }: { page: Page; say: Say }) {
  const [kind, setKind] = useState<Kind>('startup');
  const [at, setAt] = useState<Record<Kind, number>>({ startup: 0, working: 0, shutdown: 0 });
  const steps = page.steps.filter((step) => step.kind === kind);
  const now = Math.min(at[kind], steps.length);
  const top = useRef<HTMLElement>(null);
  const go = (to: number) => {
    setAt({ ...at, [kind]: Math.max(0, Math.min(to, steps.length)) });
    // The next one is read from its beginning.
    top.current?.scrollIntoView({ block: 'start' });
  };
  const step = steps[now];

  return (
    <section className="steps" ref={top}>
      <div className="kinds" role="tablist">
        {KINDS.map((one) => (
          <button
            key={one}
            type="button"
            role="tab"
            aria-selected={one === kind}
            data-testid={`kind-${one}`}
            onClick={() => setKind(one)}
          >
            {say(one)}
          </button>
        ))}
      </div>
      <Way steps={steps} at={now} say={say} onGo={go} />
      {step === undefined ? (
        <>
          <p className="instruction">{say('through')}</p>
          <div className="acts">
            <button type="button" onClick={() => go(now - 1)}>
              {say('back')}
            </button>
            <button type="button" className="jade" onClick={() => go(0)}>
              {say('again')}
            </button>
          </div>
        </>
      ) : (
        <OneStep
          key={step.id}
          page={page}
          step={step}
          say={say}
          isFirst={now === 0}
          onBack={() => go(now - 1)}
          onNext={() => go(now + 1)}
        />
      )}
    </section>
  );
}

function Way({ steps, at, say, onGo }: { steps: Step[]; at: number; say: Say; onGo: (to: number) => void }) {
  const row = useRef<HTMLOListElement>(null);
  useEffect(() => {
    const here = row.current?.children[at] as HTMLElement | undefined;
    if (row.current !== null && here !== undefined) {
      // The row alone turns, never the page under the thumb.
      row.current.scrollLeft = here.offsetLeft - row.current.clientWidth / 2 + here.clientWidth / 2;
    }
  }, [at, steps]);

  return (
    <ol className="way" ref={row}>
      {steps.map((step, place) => (
        <li key={step.id}>
          <button
            type="button"
            className={place < at ? 'past' : undefined}
            aria-current={place === at ? 'step' : undefined}
            aria-label={`${say('step', { at: place + 1, all: steps.length })}: ${step.name}`}
            onClick={() => onGo(place)}
          >
            {place + 1}
          </button>
        </li>
      ))}
    </ol>
  );
}

interface StepProps {
  page: Page;
  step: Step;
  say: Say;
  isFirst: boolean;
  onBack: () => void;
  onNext: () => void;
}

function OneStep({ page, step, say, isFirst, onBack, onNext }: StepProps) {
  return (
    <article className="step" data-testid="step">
      <p className={`level ${step.level}`}>
        {step.level !== 'note' && <b>{say(step.level)}</b>} {step.name}
        {step.by_hand && <span> {say('by_hand')}</span>}
      </p>
      <h2 className={`instruction ${step.instruction.length > LONG ? 'long' : ''}`}>{step.instruction}</h2>
      {page.notes[step.id] !== undefined && <p className="beware">{page.notes[step.id]}</p>}
      <p className="reason">{step.why}</p>
      <Where page={page} step={step} />
      <p className={`beware ${step.level}`}>{step.caution}</p>
      {step.timer !== null && <Clock seconds={step.timer.seconds} label={step.timer.label} say={say} />}
      <div className="acts">
        <button type="button" disabled={isFirst} onClick={onBack}>
          {say('back')}
        </button>
        <button type="button" className="jade" data-testid="step-done" onClick={onNext}>
          {say(step.kind === 'working' ? 'next' : 'so')}
        </button>
      </div>
    </article>
  );
}

/** The machine from above with the place of the step ringed; nothing where a step has no place. */
function Where({ page, step }: { page: Page; step: Step }) {
  const part = page.parts.find(({ id }) => id === step.part);
  if (part === undefined) {
    return null;
  }
  const art = drawing(page.drawing);
  const [x, y, width, height] = art.frame;
  const room = width * 0.04;
  const { left, top, right, bottom } = part.box;

  return (
    <figure className="where">
      <svg
        viewBox={`${x - room} ${y - room} ${width + 2 * room} ${height + 2 * room}`}
        role="img"
        aria-label={part.name}
      >
        <Shapes shapes={art.plan} marked={step.part} />
        <rect
          x={left - room * 0.3}
          y={top - room * 0.3}
          width={right - left + room * 0.6}
          height={bottom - top + room * 0.6}
          fill="none"
          stroke="var(--jade)"
          strokeWidth="3"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <figcaption>{part.name}</figcaption>
    </figure>
  );
}

function Clock({ seconds, label, say }: { seconds: number; label: string; say: Say }) {
  const [until, setUntil] = useState<number | null>(null);
  const [left, setLeft] = useState(seconds);
  useEffect(() => {
    if (until === null) {
      return;
    }
    const timer = setInterval(() => setLeft(Math.max(0, Math.ceil((until - Date.now()) / 1000))), 250);

    return () => clearInterval(timer);
  }, [until]);
  const time = `${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')}`;

  return until === null ? (
    <button type="button" className="clock" data-testid="clock" onClick={() => setUntil(Date.now() + seconds * 1000)}>
      {label}: {say('begin', { time })}
    </button>
  ) : (
    <p className="clock" role="timer">
      {label}: <b>{left === 0 ? say('clock_over') : time}</b>
    </p>
  );
}
