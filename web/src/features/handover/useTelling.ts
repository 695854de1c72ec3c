import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { problemOf, type Problem } from '../../api/problem';
import { usePost } from '../walk/state/useWalk';
import { firstOpen, told, type Length } from './told';
import type { Briefing } from './withShownHere';

/** The number of the right answer of every question. */
const RIGHT = 0;

/** How far a briefing has come: which step or question is on the page, and what turns it. */
export function useTelling(whole: Briefing) {
  const { t } = useTranslation();
  const post = usePost(whole.walk_id);
  const [length, setLength] = useState<Length>('full');
  const briefing = told(whole, length);
  const [shown, setShown] = useState(() => new Set(whole.steps_shown));
  // What was signed for is over, whatever its length was.
  const [at, setAt] = useState(() =>
    whole.signed_at === null ? firstOpen(briefing.steps, shown) : briefing.steps.length,
  );
  const [passed, setPassed] = useState(() => rightly(whole.answers ?? {}));
  const [problem, setProblem] = useState<Problem | null>(null);
  const step = briefing.steps[at];
  // A briefing that a tablet kept from before asks nothing back.
  const left = (briefing.questions ?? []).filter(({ id }) => !passed.has(id));
  const refused = (error: unknown) => setProblem(problemOf(error, t('state.no_network')));

  // The page turns at once: with a poor network nobody waits for the yard. What it refuses brings the step back.
  const next = () => {
    if (step === undefined) {
      return;
    }
    const { id } = step;
    setProblem(null);
    setAt(at + 1);
    if (!shown.has(id)) {
      setShown((before) => new Set(before).add(id));
      post('handover.step_shown', { step: id }).catch((error: unknown) => {
        refused(error);
        setShown((before) => without(before, id));
        setAt(at);
      });
    }
  };
  const answer = (id: string, form: number, said: number) => {
    setProblem(null);
    post('handover.answered', { question: id, form, answer: said }).catch((error: unknown) => {
      refused(error);
      setPassed((before) => without(before, id));
    });
  };

  return {
    briefing,
    length,
    at,
    step,
    shown,
    problem,
    question: step === undefined && whole.signed_at === null ? left[0] : undefined,
    questionsLeft: left.length,
    next,
    answer,
    goTo: setAt,
    back: () => setAt(Math.max(0, at - 1)),
    pass: (id: string) => setPassed((before) => new Set(before).add(id)),
    choose: (chosen: Length) => {
      setLength(chosen);
      setAt(firstOpen(told(whole, chosen).steps, shown));
    },
  };
}

const rightly = (answers: Record<string, number>) =>
  new Set(Object.keys(answers).filter((id) => answers[id] === RIGHT));

const without = (all: ReadonlySet<string>, id: string) => new Set([...all].filter((one) => one !== id));
