import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { TranslationNote } from '../../app/TranslationNote';
import type { Schema } from '../../api/client';
import { Mark } from '../../marks/Mark';

type Question = Schema['Briefing']['questions'][number];

const RIGHT = 0;

interface Props {
  question: Question;
  left: number;
  onAnswer: (form: number, answer: number) => void;
  onGo: () => void;
}

/** One question, asked back. A wrong answer hears why, and the question comes again in other words. */
export function QuestionPage({ question, left, onAnswer, onGo }: Props) {
  const { t } = useTranslation();
  const [form, setForm] = useState(0);
  const [chosen, setChosen] = useState<number | null>(null);
  const asked = question.forms[form % question.forms.length];
  if (asked === undefined) {
    return null;
  }
  const wrong = asked.answers.find((one) => one.answer === chosen && one.because !== null);
  const choose = (answer: number) => {
    setChosen(answer);
    onAnswer(form % question.forms.length, answer);
  };

  return (
    <section className="question" data-testid={`question-${question.id}`}>
      <p className="question-left">{t('handover.asked_back', { count: left })}</p>
      <h2>{asked.ask}</h2>
      <TranslationNote />
      <ul>
        {asked.answers.map((one) => (
          <li key={one.say}>
            <button
              type="button"
              className={one.answer === chosen ? 'chosen' : ''}
              aria-pressed={one.answer === chosen}
              disabled={chosen !== null}
              data-testid={`answer-${one.answer}`}
              onClick={() => choose(one.answer)}
            >
              {one.answer === chosen && <Mark outcome={one.because === null ? 'stands' : 'attend'} size={30} />}
              {one.say}
            </button>
          </li>
        ))}
      </ul>
      <div className="question-said" role="status">
        {chosen === RIGHT && (
          <>
            <b>{t('handover.right')}</b>
            <button type="button" className="handover-next" data-testid="next-question" onClick={onGo}>
              {t('handover.go_on')}
            </button>
          </>
        )}
        {wrong !== undefined && (
          <>
            <b>{wrong.because}</b>
            <button
              type="button"
              className="handover-next"
              data-testid="ask-again"
              onClick={() => {
                setForm(form + 1);
                setChosen(null);
              }}
            >
              {t('handover.ask_again')}
            </button>
          </>
        )}
      </div>
    </section>
  );
}
