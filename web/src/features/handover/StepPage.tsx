import { useTranslation } from 'react-i18next';
import { TranslationNote } from '../../app/TranslationNote';
import type { Schema } from '../../api/client';
import { StepDrawing } from './StepDrawing';
import { StepNote } from './StepNote';
import { StepTimer } from './StepTimer';
import type { Briefing } from './withShownHere';

/** Letters beyond which an instruction is set smaller, so that the drawing keeps its room. */
const LONG = 100;

type Step = Schema['Briefing']['steps'][number];

/** One step: what to do in two short sentences, where it is, why, what to beware of, and a clock where time matters. */
export function StepPage({ briefing, step }: { briefing: Briefing; step: Step }) {
  const { t } = useTranslation();

  return (
    <section className="step">
      <div className="step-main">
        <h2 className={step.instruction.length > LONG ? 'long' : undefined}>{step.instruction}</h2>
        {(step.by_hand || (step.wear ?? []).length > 0) && (
          <p className="step-marks">
            {step.by_hand && <b>{t('handover.by_hand')}</b>}
            {(step.wear ?? []).map((wear) => (
              <span key={wear}>{t(`handover.wear.${wear}`)}</span>
            ))}
          </p>
        )}
        <StepNote briefing={briefing} step={step.id} />
        <TranslationNote />
        <StepDrawing briefing={briefing} step={step} />
        {step.timer !== null && <StepTimer seconds={step.timer.seconds} label={step.timer.label} />}
      </div>
      <aside className="step-side">
        <h3>{t('handover.why')}</h3>
        <p>{step.why}</p>
        <h3 className={`signal ${step.level ?? 'warning'}`}>{t(`handover.level.${step.level ?? 'warning'}`)}</h3>
        <p className="step-caution">{step.caution}</p>
        <p className="step-source">
          {t(`source.${step.source.kind}`)}: {step.source.words}. {t('handover.manual')}
        </p>
      </aside>
    </section>
  );
}
