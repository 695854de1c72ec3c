import { useTranslation } from 'react-i18next';
import { ProblemWords } from '../../../app/ProblemWords';
import type { PlainCrossing } from './usePlainCrossing';

/** What must be true before the page below it can be answered. */
export function CrossingBand({ crossing }: { crossing: PlainCrossing }) {
  const { t } = useTranslation();
  const { stage, lines, problem } = crossing;

  return (
    <section className="crossing crossing-band" aria-label={stage.title}>
      <h3>
        <b>{stage.letter}</b>
        {stage.title}
        <em>{t('crossing.first')}</em>
      </h3>
      <ol>
        {lines.map((line) => (
          <li key={line.id} data-testid={`said-${line.id}`}>
            <b>{line.text}</b>
            <small>{line.why}</small>
          </li>
        ))}
      </ol>
      <ProblemWords problem={problem} />
    </section>
  );
}
