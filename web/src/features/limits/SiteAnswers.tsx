import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useTranslation } from 'react-i18next';
import { letterOf } from './letterOf';
import type { Limits, SiteAnswer } from './useLimits';
import './site.css';

interface Props {
  questions: Limits['site'];
  disabled: boolean;
  onAnswer: (question: string, answer: SiteAnswer) => void;
}

const ANSWERS: SiteAnswer[] = ['yes', 'no', 'unknown'];

/** What is asked about the place. What nobody asked yet counts as unknown, and unknown as the worse answer. */
export function SiteAnswers({ questions, disabled, onAnswer }: Props) {
  const { t } = useTranslation();

  return (
    <section className="limits-site" aria-labelledby="limits-site">
      <h2 id="limits-site">{t('limits.site')}</h2>
      {questions.map((question) => (
        <div key={question.id} className="site-question">
          <div className="site-asks">
            <b id={`site-${question.id}`}>{question.asks}</b>
            {question.say !== null && <i>{t('limits.caution_letter', { letter: letterOf(questions, question.id) })}</i>}
          </div>
          <ToggleButtonGroup
            exclusive
            fullWidth
            value={question.answer}
            disabled={disabled}
            aria-labelledby={`site-${question.id}`}
            onChange={(_, answer: SiteAnswer | null) => answer !== null && onAnswer(question.id, answer)}
          >
            {ANSWERS.map((answer) => (
              <ToggleButton key={answer} value={answer} data-testid={`site-${question.id}-${answer}`}>
                {t(`limits.answer.${answer}`)}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        </div>
      ))}
    </section>
  );
}
