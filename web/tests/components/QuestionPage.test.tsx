import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Chapters } from '../../src/features/handover/Chapters';
import { QuestionPage } from '../../src/features/handover/QuestionPage';
import { firstOpen, told } from '../../src/features/handover/told';
import type { Briefing } from '../../src/features/handover/withShownHere';

const QUESTION: Briefing['questions'][number] = {
  id: 'tag',
  step: 'read_tags',
  forms: [
    {
      ask: 'A tag hangs on it. What do you do?',
      answers: [
        { answer: 1, say: 'Take it off', because: 'Whoever hung it knows of a fault.' },
        { answer: 0, say: 'Leave it standing', because: null },
      ],
    },
    {
      ask: 'May you take the tag off?',
      answers: [
        { answer: 0, say: 'No', because: null },
        { answer: 2, say: 'Yes, if it starts', because: 'A fault need not stop it from starting.' },
      ],
    },
  ],
};

const touch = (testId: string) => userEvent.click(screen.getByTestId(testId));
type Step = Briefing['steps'][number];
const step = (id: string, kind: Step['kind']) => ({ id, kind, name: id }) as Step;
const STEPS = [step('a', 'startup'), step('b', 'startup'), step('c', 'working'), step('d', 'shutdown')];

beforeEach(() => {
  document.body.innerHTML = '';
});

describe('a question that is asked back', () => {
  it('says why a wrong answer is wrong, asks in another form, and goes on when it is right', async () => {
    const [onAnswer, onGo] = [vi.fn(), vi.fn()];
    render(<QuestionPage question={QUESTION} left={3} onAnswer={onAnswer} onGo={onGo} />);

    await touch('answer-1');
    expect(screen.getByRole('status').textContent).toContain('Whoever hung it knows of a fault.');
    expect(screen.queryByTestId('next-question')).toBeNull();
    await touch('ask-again');
    expect(screen.getByRole('heading').textContent).toBe('May you take the tag off?');
    await touch('answer-0');
    expect(onAnswer.mock.calls).toEqual([
      [0, 1],
      [1, 0],
    ]);
    expect(onGo).not.toHaveBeenCalled();
    await touch('next-question');
    expect(onGo).toHaveBeenCalledOnce();
  });

  it('takes one answer at a time', async () => {
    const onAnswer = vi.fn();
    render(<QuestionPage question={QUESTION} left={1} onAnswer={onAnswer} onGo={vi.fn()} />);

    await touch('answer-1');
    await touch('answer-0');
    expect(onAnswer).toHaveBeenCalledOnce();
  });
});

describe('the chapters of a briefing', () => {
  it('lets nobody pass over what was not shown', () => {
    render(<Chapters steps={STEPS} at={1} shown={new Set(['a'])} onGo={vi.fn()} />);

    expect(screen.getByTestId('chapter-startup')).toHaveProperty('disabled', false);
    expect(screen.getByTestId('chapter-working')).toHaveProperty('disabled', true);
    expect(screen.getByTestId('chapter-shutdown')).toHaveProperty('disabled', true);
  });

  it('goes on at the first step that was not shown, of the length that was chosen', () => {
    const briefing = {
      steps: STEPS,
      lengths: [
        { length: 'full', steps: ['a', 'b', 'c', 'd'], minutes: 9 },
        { length: 'knows_model', steps: ['a', 'd'], minutes: 2 },
      ],
    } as Briefing;

    expect(told(briefing, 'knows_model').steps.map(({ id }) => id)).toEqual(['a', 'd']);
    expect(told(briefing, 'knows_family').steps).toBe(STEPS);
    expect(firstOpen(told(briefing, 'knows_model').steps, new Set(['a']))).toBe(1);
    expect(firstOpen(STEPS, new Set(['a', 'b', 'c', 'd']))).toBe(4);
  });
});
