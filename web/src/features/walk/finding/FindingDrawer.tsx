import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answer, api } from '../../../api/client';
import { Button } from '../../../app/Button';
import { FindingForm, type SaidOfFinding } from './FindingForm';
import { PlaceOnPlan } from './PlaceOnPlan';
import { useSend } from '../state/useSend';
import type { Post } from '../state/useWalk';
import type { Walk } from '../state/types';

export interface FindingPlace {
  x: number;
  y: number;
  line?: string;
  /** Whether it says at once that the line is not so. */
  answers?: boolean;
}

interface Props {
  walk: Walk;
  place: FindingPlace;
  post: Post;
  onClose: () => void;
}

/** A finding of a walk, placed where the plan was touched, or from the line that is not so. */
export function FindingDrawer({ walk, place, post, onClose }: Props) {
  const { t } = useTranslation();
  const [at, setAt] = useState({ x: place.x, y: place.y });
  const [isSaid, setIsSaid] = useState(false);
  const { busy, problem, send } = useSend();
  const visit = walk.plan.visits.find((one) => one.lines.some(({ key }) => key === place.line));
  const line = visit?.lines.find(({ key }) => key === place.line);
  // Said once, however often the finding under it has to be tried.
  const itIsAmiss = async () => {
    if (place.answers === true && place.line !== undefined && !isSaid) {
      await post('check.answered', { line: place.line, answer: 'amiss' });
      setIsSaid(true);
    }
  };
  const placeIt = async (said: SaidOfFinding) => {
    await itIsAmiss();

    return post('finding.placed', { ...said, ...(place.line === undefined ? {} : { line: place.line }) });
  };

  return (
    <FindingForm
      title={place.answers === true ? t('finding.not_so', { title: line?.title }) : t('finding.title')}
      at={at}
      kinds={walk.plan.finding_kinds}
      // Whoever touched the plan has said where it is.
      plan={
        place.line !== undefined && (
          <PlaceOnPlan
            drawingOf={walk.plan.drawing}
            around={walk.plan.route}
            at={at}
            part={visit?.part ?? null}
            onPlace={setAt}
          />
        )
      }
      before={
        place.answers === true && (
          <Button
            disabled={busy}
            testId="amiss-only"
            under={t('finding.nothing_to_place_under')}
            onClick={() => void send(itIsAmiss).then((posted) => posted && onClose())}
          >
            {t('finding.nothing_to_place')}
          </Button>
        )
      }
      part={visit?.name ?? t('finding.part_follows')}
      subject={walk.id}
      propose={(description) => answer(
        api.POST('/api/walks/{walk}/severity-proposals', { params: { path: { walk: walk.id } }, body: description }),
      )}
      busy={busy}
      problem={problem}
      onClose={onClose}
      onPlace={(said) => void send(() => placeIt(said)).then((posted) => posted && onClose())}
    />
  );
}
