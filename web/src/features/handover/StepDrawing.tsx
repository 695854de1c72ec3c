import { useTranslation } from 'react-i18next';
import { useCloseUp } from '../../closeups/useCloseUp';
import { drawing } from '../../plans/drawings';
import { Shapes } from '../../plans/Shapes';
import type { Briefing } from './withShownHere';

type Step = Briefing['steps'][number];

interface Props {
  briefing: Briefing;
  step: Step;
}

/** Where it is done: the control ringed on its close-up, or the part marked on the plan where there is none. */
export function StepDrawing({ briefing, step }: Props) {
  // A briefing that a tablet kept from before names no controls.
  const control = step.control ?? null;

  return control === null ? (
    <PartOnPlan briefing={briefing} step={step} />
  ) : (
    <RingedControl drawing={control.drawing} anchor={control.anchor} name={step.name} />
  );
}

function RingedControl({ drawing: name, anchor, name: step }: { drawing: string; anchor: string; name: string }) {
  const { t } = useTranslation();
  const { data } = useCloseUp(name);
  if (data === undefined) {
    return <svg role="img" aria-label={t('handover.ringed', { step })} />;
  }
  const [x, y, width, height] = data.box;
  const at = data.anchors[anchor];
  const room = Math.max(width, height) * 0.09;

  return (
    <svg
      className="step-close-up"
      viewBox={`${x - room} ${y - room} ${width + 2 * room} ${height + 2 * room}`}
      role="img"
      aria-label={t('handover.ringed', { step })}
      data-testid="control"
    >
      <style>{marked(anchor)}</style>
      {/* A drawing of our own, which ships with the application: nothing of it was ever entered. */}
      <g dangerouslySetInnerHTML={{ __html: data.inner }} />
      {at !== undefined && (
        <>
          <circle cx={at[0]} cy={at[1]} r={room * 0.85} className="ring-ground" vectorEffect="non-scaling-stroke" />
          <circle cx={at[0]} cy={at[1]} r={room * 0.85} className="ring" vectorEffect="non-scaling-stroke" />
        </>
      )}
    </svg>
  );
}

const marked = (part: string): string =>
  `.step-close-up [data-part="${CSS.escape(part)}"] :is(.o,.q,.s){fill:var(--jade-tint);stroke:var(--jade)}`;

function PartOnPlan({ briefing, step }: Props) {
  const { t } = useTranslation();
  const art = drawing(briefing.drawing);
  const part = briefing.parts.find((one) => one.id === step.part);
  const [x, y, width, height] = art.frame;
  const room = width * 0.05;

  return (
    <>
      <svg
        viewBox={`${x - room} ${y - room} ${width + 2 * room} ${height + 2 * room}`}
        role="img"
        aria-label={part === undefined ? t('handover.whole') : t('handover.where', { part: part.name })}
      >
        <Shapes shapes={art.plan} marked={step.part} />
        {part !== undefined && (
          <rect
            x={part.box.left - room * 0.3}
            y={part.box.top - room * 0.3}
            width={part.box.right - part.box.left + room * 0.6}
            height={part.box.bottom - part.box.top + room * 0.6}
            fill="none"
            stroke="var(--jade)"
            strokeWidth="3"
            vectorEffect="non-scaling-stroke"
          />
        )}
      </svg>
      <p className="step-where">
        {part === undefined ? t('handover.front') : `${part.name}. ${t('handover.front')}`}
      </p>
    </>
  );
}
