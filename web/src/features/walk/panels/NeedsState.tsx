import { useTranslation } from 'react-i18next';
import { Button } from '../../../app/Button';
import type { Walk } from '../state/types';

interface Props {
  walk: Walk;
  stage: string;
  onCross: (stage: string) => void;
}

/** What is shown wants the machine in another state: the way there. */
export function NeedsState({ walk, stage, onCross }: Props) {
  const { t } = useTranslation();
  const state = walk.plan.stages.find((one) => one.id === stage)?.title ?? stage;

  return (
    <div className="panel-state">
      <p>{t('walk.needs_state', { state })}</p>
      <Button tone="ink" testId="cross" onClick={() => onCross(stage)}>
        {t('walk.bring_it', { state })}
      </Button>
    </div>
  );
}
