import { useTranslation } from 'react-i18next';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { clock, duration, unbroken } from '../../app/figures';
import { MiniPlan } from '../../plans/MiniPlan';
import type { Row } from './useDay';

interface Props {
  row: Row;
  side: 'out' | 'in';
  busy: boolean;
  onClose: () => void;
  onOpen: () => void;
}

/** A walk is opened for good, so it is asked first: what, for whom, for how long. */
export function OpenWalkDrawer({ row, side, busy, onClose, onOpen }: Props) {
  const { t } = useTranslation();
  const isStillOut = side === 'in' && row.standing === 'out';

  return (
    <Drawer
      open
      title={t(`open.title_${side}`, { number: row.fleet_number })}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          disabled={busy}
          testId="open-walk"
          under={t('open.under', { time: duration(row.work_seconds) })}
          onClick={onOpen}
        >
          {t(isStillOut ? 'open.it_is_here' : 'open.act')}
        </Button>
      }
    >
      <div className="open-walk">
        <MiniPlan name={row.drawing} height={110} />
        <dl>
          <dt>{t('open.machine')}</dt>
          <dd>
            {row.fleet_number} {unbroken(row.describes)}
          </dd>
          <dt>{t(side === 'out' ? 'open.for' : 'open.from')}</dt>
          <dd>{row.customer}</dd>
          <dt>{t(side === 'out' ? 'day.leaves' : 'day.back')}</dt>
          <dd>{clock(row.due_at)}</dd>
          <dt>{t('day.start_by')}</dt>
          <dd>{clock(row.start_by)}</dd>
        </dl>
      </div>
      {row.state.because !== '' && <p className="slab">{row.state.because}</p>}
      {isStillOut && <p>{t('open.not_back')}</p>}
      {isStillOut && row.phone !== null && (
        <Button href={`tel:${row.phone.replaceAll(' ', '')}`} testId="ring" under={row.phone}>
          {t('open.ring', { name: row.customer })}
        </Button>
      )}
      {side === 'out' && !row.machine_is_here && <p>{t('open.not_here')}</p>}
    </Drawer>
  );
}
