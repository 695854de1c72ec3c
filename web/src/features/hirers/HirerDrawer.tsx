import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { OperatorList } from './OperatorList';
import { Link } from 'react-router';
import type { Schema } from '../../api/client';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { calendarDay, onYardClock } from '../../app/figures';
import { ProblemWords } from '../../app/ProblemWords';
import { NewHireDrawer } from '../office/NewHireDrawer';
import { detailsOf, HirerFields } from './HirerFields';
import { SameHirer } from './SameHirer';
import { useChangeHirer, useHirer } from './useHirerBook';

const day = (moment: string): string => calendarDay(onYardClock(moment).slice(0, 10));

interface Props {
  hirerId: string;
  /** Another hirer takes the place of this one. */
  onOther: (hirerId: string) => void;
  onClose: () => void;
}

/** A hirer: who it is, what was hired, and whether it is the same as another one. */
export function HirerDrawer({ hirerId, onOther, onClose }: Props) {
  const { t } = useTranslation();
  const shown = useHirer(hirerId);
  if (shown.data !== undefined) {
    return <OpenHirer key={shown.data.hirer.id} of={shown.data} onOther={onOther} onClose={onClose} />;
  }

  return (
    <Drawer open title={t('hirers.one')} onClose={onClose}>
      {shown.isError ? (
        <ProblemWords problem={problemOf(shown.error, t('state.no_network'))} />
      ) : (
        <p>{t('state.fetching')}</p>
      )}
    </Drawer>
  );
}

function OpenHirer({ of, onOther, onClose }: { of: Schema['HirerDetail'] } & Omit<Props, 'hirerId'>) {
  const { t } = useTranslation();
  const change = useChangeHirer(of.hirer.id);
  const [details, setDetails] = useState(detailsOf(of.hirer));
  const [isBooking, setIsBooking] = useState(false);
  const was = detailsOf(of.hirer);
  const isChanged = (Object.keys(was) as (keyof typeof was)[]).some((name) => details[name] !== was[name]);
  if (isBooking) {
    return <NewHireDrawer hirer={of.hirer} onClose={() => setIsBooking(false)} />;
  }

  return (
    <Drawer
      open
      title={of.hirer.name}
      onClose={onClose}
      foot={
        <>
          <Button
            tone="jade"
            testId="keep-hirer"
            disabled={change.isPending || !isChanged || details.name.trim().length < 2}
            onClick={() => change.mutate({ details }, { onSuccess: onClose })}
          >
            {t('office.keep')}
          </Button>
          <Button testId="hire-for" onClick={() => setIsBooking(true)}>
            {t('office.new_hire')}
          </Button>
        </>
      }
    >
      {of.also.length > 0 && <p data-testid="also">{t('hirers.also', { names: of.also.join(', ') })}</p>}
      <HirerFields
        value={details}
        wrong={change.error instanceof ProblemError ? (change.error.problem.field ?? {}) : {}}
        onChange={setDetails}
      />
      {change.isError && <ProblemWords problem={problemOf(change.error, t('state.no_network'))} />}
      <h3>{t('operator.people')}</h3>
      <OperatorList operators={of.operators} />
      <h3>{t('hirers.hires', { count: of.hire_count })}</h3>
      <ul className="hirer-hires">
        {of.hires.map((hire) => (
          <li key={hire.id}>
            <Link to={`/fleet/${hire.machine_id}`}>
              <b>{hire.folio}</b>
              <span>
                {hire.fleet_number} {hire.describes}
              </span>
              <span>
                {day(hire.goes_out_at)} – {day(hire.comes_back_at)}
              </span>
              <i>{t(`standing.${hire.standing}`)}</i>
            </Link>
          </li>
        ))}
      </ul>
      {of.hires.length === 0 && <p>{t('hirers.no_hires')}</p>}
      <SameHirer
        hirer={of.hirer}
        count={of.hire_count}
        isBusy={change.isPending}
        onSame={(into) => change.mutate({ mergeInto: into }, { onSuccess: onOther })}
      />
    </Drawer>
  );
}
