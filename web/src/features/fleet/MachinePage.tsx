import { Suspense, lazy, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import type { Schema } from '../../api/client';
import { problemOf, whatToDo } from '../../api/problem';
import { Button } from '../../app/Button';
import { calendarDay, figure, shortDate } from '../../app/figures';
import { inWords } from '../../app/units';
import { Notice } from '../../app/Notice';
import { Page } from '../../app/Page';
import { Mark } from '../../marks/Mark';
import { Stamp } from '../../marks/Stamp';
import { DamagePlan } from '../../plans/DamagePlan';
import { MyName } from '../session/MyName';
import { useReading } from '../session/useReading';
import { useMe } from '../session/useSession';
import { ProblemWords } from '../../app/ProblemWords';
import { useOpenWalk } from '../walk/state/useOpenWalk';
import { DamageDrawer } from './DamageDrawer';
import { MeterOfMachine } from './MeterOfMachine';
import { MoveDrawer } from './MoveDrawer';
import { Trail } from './Trail';
import { useMachine } from './useFleet';
import './fleet.css';

const HireDrawer = lazy(() => import('../office/HireDrawer').then((part) => ({ default: part.HireDrawer })));
const NewHireDrawer = lazy(() => import('../office/NewHireDrawer').then((part) => ({ default: part.NewHireDrawer })));
const PaperDrawer = lazy(() => import('../office/PaperDrawer').then((part) => ({ default: part.PaperDrawer })));
const MachineDrawer = lazy(() => import('../office/MachineDrawer').then((part) => ({ default: part.MachineDrawer })));

function paperUntil(paper: Schema['MachinePaper'], t: (key: string, words?: Record<string, string>) => string): string {
  if (paper.valid_until === null) {
    return t('office.no_end');
  }

  return t((paper.days_left ?? 0) < 0 ? 'office.ended' : 'office.until', { date: calendarDay(paper.valid_until) });
}

/** Which form of the office lies over the page. */
type Office = { is: 'plate' } | { is: 'paper' } | { is: 'new' } | { is: 'hire'; id: string } | null;

/** A machine: its plan with all open damage, its folios, and the posting trail with nothing erased. */
export default function MachinePage() {
  const { t } = useTranslation();
  const reading = useReading();
  const { machineId = '' } = useParams();
  const query = useMachine(machineId);
  const me = useMe();
  const opening = useOpenWalk();
  const [selected, setSelected] = useState<string | null>(null);
  const [isReporting, setIsReporting] = useState(false);
  const [isMoving, setIsMoving] = useState(false);
  const [office, setOffice] = useState<Office>(null);
  if (query.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (query.data === undefined) {
    return <Notice words={whatToDo(query.error, t('state.no_answer'))} act={t('state.try_again')} onAct={() => void query.refetch()} />;
  }
  const { machine, findings, folios, serial, tag, hours_in_all, left_as, papers } = query.data;
  const finding = findings.find((one) => one.id === selected) ?? findings[0];

  return (
    <Page
      className="machine"
      title={`${machine.fleet_number} ${machine.describes}`}
      sub={t('fleet.sub', { maker: machine.maker, model: machine.model, serial, hours: machine.smr_hours === null ? '–' : figure(machine.smr_hours) })}
      leaf={t('fleet.machine_leaf')}
      tabs
      right={
        <>
          {me.may.lead && (
            <button type="button" data-testid="write-down" onClick={() => setOffice({ is: 'plate' })}>
              {t('office.write_down')}
            </button>
          )}
          {me.may.book && left_as === null && (
            <button type="button" data-testid="new-hire" onClick={() => setOffice({ is: 'new' })}>
              {t('office.new_hire')}
            </button>
          )}
          <MyName />
        </>
      }
    >
      <div className="machine-top">
        <div className="machine-plan">
          <DamagePlan
            name={machine.drawing}
            findings={findings.map((one) => ({ ...one, comparison: 'same' as const }))}
            selected={finding?.id ?? null}
            label={t('fleet.open_damage')}
            onSelect={setSelected}
          />
        </div>
        <section className="machine-folios" aria-label={t('fleet.folios')}>
          {tag !== null && <Stamp tone="oxide" top={t('tag.top', { number: tag.number })} word={t('decision.tagged_out')} reason={tag.reason} foot={`${shortDate(tag.hung_at)}, ${tag.hung_by.name}`} />}
          {tag !== null && (
            <Link className="to-tag" to={`/walks/${tag.walk_id}?decision`} data-testid="to-tag">
              {t('repair.to_tag')}
            </Link>
          )}
          {finding !== undefined && (
            <p className="machine-finding">
              <b>
                {finding.number} {finding.part}: {t(`kind.${finding.kind}`, { defaultValue: finding.kind })}
                {finding.size_now_mm !== null && `, ${inWords(String(finding.size_now_mm), 'mm', reading)}`}.
              </b>{' '}
              {finding.words}
            </p>
          )}
          {left_as !== null && <p className="machine-finding">{t(
            'office.left_words',
            { how: t(`office.left.${left_as}`) },
          )}</p>}
          {opening.error !== null && <ProblemWords problem={problemOf(opening.error, t('state.no_network'))} />}
          {!['out', 'gone'].includes(machine.standing) && (
            <p className="machine-bay">
              <span>{machine.bay === null ? t('fleet.no_bay') : t('fleet.stands_in', { bay: machine.bay })}</span>
              {(me.may.walk || me.may.hand_over) && (
                <Button testId="move-machine" onClick={() => setIsMoving(true)}>
                  {t('fleet.move')}
                </Button>
              )}
            </p>
          )}
          <MeterOfMachine machine={machine} inAll={hours_in_all} mayReplace={me.may.walk || me.may.repair} />
          {(me.may.walk || me.may.repair || me.may.hand_over) && !['out', 'gone'].includes(machine.standing) && (
            <p className="machine-bay">
              <span>{t('fleet.open_findings', { count: findings.length })}</span>
              <Button testId="report-damage" onClick={() => setIsReporting(true)}>
                {t('fleet.report_damage')}
              </Button>
            </p>
          )}
          <p className="machine-bay">
            <span>{t(papers.length === 0 ? 'office.no_papers' : 'office.papers')}</span>
            {(me.may.book || me.may.repair) && (
              <Button testId="add-paper" onClick={() => setOffice({ is: 'paper' })}>
                {t('office.add_paper')}
              </Button>
            )}
          </p>
          <ul className="machine-papers" data-testid="papers">
            {papers.map((paper) => (
              <li key={paper.kind}>
                <Mark outcome={paper.mark} size={20} />
                <b>{paper.name}</b>
                <span>{paper.number}</span>
                <i>{paperUntil(paper, t)}</i>
              </li>
            ))}
          </ul>
          {isReporting && <DamageDrawer detail={query.data} onClose={() => setIsReporting(false)} />}
          {isMoving && <MoveDrawer machine={machine} onClose={() => setIsMoving(false)} />}
          <h2>{t('fleet.folios')}</h2>
          {folios.length === 0 && <p>{t('fleet.no_folios')}</p>}
          <ul>
            {folios.map((folio) => (
              <li key={folio.hire_id}>
                <Link to={`/hires/${folio.hire_id}/spread`}>
                  <b>{folio.folio}</b>
                  <span>
                    {shortDate(folio.out_at)} – {shortDate(folio.in_at)}
                  </span>
                  <span>{folio.customer}</span>
                  <i>{t(`standing.${folio.standing}`)}</i>
                </Link>
                {folio.walk_id !== null && (
                  <Button testId={`sheet-${folio.folio}`} href={`/api/walks/${folio.walk_id}/sheet`} opensTab>
                    {t('walk.print_sheet')}
                  </Button>
                )}
                {me.may.book && ['booked', 'out', 'walking_in'].includes(folio.standing) && (
                  <Button testId={`change-${folio.folio}`} onClick={() => setOffice({ is: 'hire', id: folio.hire_id })}>
                    {t('office.change')}
                  </Button>
                )}
                {folio.standing === 'booked' && tag === null && me.may.walk && (
                  <Button
                    testId="open-early"
                    disabled={opening.isPending}
                    onClick={() => opening.mutate({ hireId: folio.hire_id, movement: 'checkout' })}
                  >
                    {t('fleet.walk_out')}
                  </Button>
                )}
              </li>
            ))}
          </ul>
        </section>
      </div>
      <Suspense fallback={null}>
        {office?.is === 'plate' && <MachineDrawer of={query.data} onClose={() => setOffice(null)} />}
        {office?.is === 'paper' && <PaperDrawer machine={machine} onClose={() => setOffice(null)} />}
        {office?.is === 'new' && <NewHireDrawer machine={machine} onClose={() => setOffice(null)} />}
        {office?.is === 'hire' && <HireDrawer hireId={office.id} onClose={() => setOffice(null)} />}
      </Suspense>
      <Trail machineId={machineId} />
    </Page>
  );
}
