import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import type { Schema } from '../../api/client';
import { Button } from '../../app/Button';
import { shortDate } from '../../app/figures';
import type { useOpenWalk } from '../walk/state/useOpenWalk';

interface Props {
  next: Schema['NextAct'];
  may: Schema['SignedIn']['may'];
  opening: ReturnType<typeof useOpenWalk>;
}

type Act = Schema['NextAct']['act'];

const OPENS: Partial<Record<Act, Schema['Movement']>> = { open_out: 'checkout', open_in: 'return' };

function isAllowed(act: Act, may: Schema['SignedIn']['may']): boolean {
  switch (act) {
    case 'open_out':
    case 'open_in':
      return may.walk;
    case 'hand_over':
      return may.hand_over;
    default:
      return true;
  }
}

function wayTo({ act, hire_id, walk_id }: Schema['NextAct']): string {
  switch (act) {
    case 'to_tag':
    case 'settle':
      return `/walks/${walk_id}?decision`;
    case 'hand_over':
      return `/walks/${walk_id}/handover`;
    case 'balance':
      return `/hires/${hire_id}/spread`;
    default:
      return `/walks/${walk_id}`;
  }
}

/** The one act in jade: what the machine waits for. */
export function NextActButton({ next, may, opening }: Props) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const movement = OPENS[next.act];
  const hireId = next.hire_id;

  return (
    <Button
      tone="jade"
      testId="next-act"
      disabled={!isAllowed(next.act, may) || opening.isPending}
      under={
        next.customer === null
          ? undefined
          : [
              next.customer,
              ...(next.at === null ? [] : [t(`fleet.next_by.${next.act}`, { time: shortDate(next.at) })]),
            ].join(', ')
      }
      onClick={() => {
        if (movement !== undefined && hireId !== null) {
          opening.mutate({ hireId, movement });
        } else {
          void navigate(wayTo(next));
        }
      }}
    >
      {t(`fleet.next.${next.act}`)}
    </Button>
  );
}
