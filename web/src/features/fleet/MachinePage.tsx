import { Suspense, lazy, useLayoutEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import type { Schema } from '../../api/client';
import { problemOf, whatToDo } from '../../api/problem';
import { shortDate } from '../../app/figures';
import { Notice } from '../../app/Notice';
import { Page } from '../../app/Page';
import { ProblemWords } from '../../app/ProblemWords';
import { pageChanged } from '../../app/touchGuard';
import { Mark } from '../../marks/Mark';
import { Stamp } from '../../marks/Stamp';
import { VerdictPlan } from '../../plans/VerdictPlan';
import { MyName } from '../session/MyName';
import { useMe } from '../session/useSession';
import { MeterReadDrawer } from '../service/MeterReadDrawer';
import { ServiceScale } from '../service/ServiceScale';
import { useServiceOfMachine } from '../service/useService';
import { useOpenWalk } from '../walk/state/useOpenWalk';
import { AttachmentDrawer, fittedWords } from './AttachmentDrawer';
import { DamageDrawer } from './DamageDrawer';
import { DamageLine } from './DamageLine';
import { FolioTable } from './FolioTable';
import { FoundDrawer } from './FoundDrawer';
import { MachineActs, type Asked } from './MachineActs';
import { MachineFigures } from './MachineFigures';
import { MachineOutbox } from './MachineOutbox';
import { MoveDrawer } from './MoveDrawer';
import { NextActButton } from './NextActButton';
import { limitsOf, openFolio } from './limitsOf';
import { PaperList } from './PaperList';
import { ReplaceMeter } from './ReplaceMeter';
import { Trail } from './Trail';
import { useMachine } from './useFleet';
import './fleet.css';
import './machine.css';
import '../service/service.css';

const HireDrawer = lazy(() => import('../office/HireDrawer').then((part) => ({ default: part.HireDrawer })));
const NewHireDrawer = lazy(() => import('../office/NewHireDrawer').then((part) => ({ default: part.NewHireDrawer })));
const PaperDrawer = lazy(() => import('../office/PaperDrawer').then((part) => ({ default: part.PaperDrawer })));
const MeterLeaf = lazy(() => import('../service/MeterLeaf'));
const ServiceDrawer = lazy(() => import('../service/ServiceDrawer').then((part) => ({ default: part.ServiceDrawer })));
const MachineDrawer = lazy(() => import('../office/MachineDrawer').then((part) => ({ default: part.MachineDrawer })));

/** Which leaf lies over the page. */
type Over =
  | { is: 'damage' }
  | { is: 'read' }
  | { is: 'service'; point: string | null }
  | { is: 'meter'; meter: Schema['MeterName'] }
  | { is: 'move' }
  | { is: 'found' }
  | { is: 'attachment' }
  | { is: 'plate' }
  | { is: 'paper' }
  | { is: 'new' }
  | { is: 'hire'; id: string };

const AWAY = ['out', 'gone'];
/** The pages of a machine, in their order. */
const LEAVES = ['machine', 'trail', 'meter'] as const;

/** A machine: how it stands and what is wrong with it, its hours, folios and papers, and what it waits for. */
export default function MachinePage() {
  const { t } = useTranslation();
  const { machineId = '' } = useParams();
  const [params, setParams] = useSearchParams();
  const query = useMachine(machineId);
  const me = useMe();
  const opening = useOpenWalk();
  const navigate = useNavigate();
  const service = useServiceOfMachine(machineId);
  const isServiceKnown = service.data !== undefined;
  // The hours to each service push the papers below them down.
  useLayoutEffect(pageChanged, [isServiceKnown]);
  const [selected, setSelected] = useState<string | null>(null);
  const [over, setOver] = useState<Over | null>(null);
  if (query.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (query.data === undefined) {
    return (
      <Notice
        words={whatToDo(query.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void query.refetch()}
      />
    );
  }
  const { machine, findings, folios, serial, tag, left_as, papers, last_walk, next } = query.data;
  const shownLeaf = LEAVES.find((one) => one === params.get('leaf')) ?? 'machine';
  const close = () => setOver(null);
  const isHere = !AWAY.includes(machine.standing) && left_as === null;
  const stations = last_walk?.stations ?? [];
  const mayBeFound = isHere && machine.standing === 'in_yard' && tag === null && (me.may.walk || me.may.settle);
  const ask = (asked: Asked) => {
    if (asked === 'machine' || asked === 'trail') {
      setParams(asked === 'machine' ? {} : { leaf: asked });
    } else if (asked === 'limits') {
      void navigate(limitsOf(machine.id, next?.hire_id ?? openFolio(folios)));
    } else {
      setOver(asked === 'service' ? { is: asked, point: null } : { is: asked });
    }
  };

  return (
    <Page
      className="machine"
      title={`${machine.fleet_number} ${machine.describes}`}
      sub={t('fleet.sub', { maker: machine.maker, model: machine.model, serial })}
      folio={machine.fleet_number}
      leaf={t(`fleet.machine_leaf.${shownLeaf}`)}
      tabs
      notices={<MachineOutbox machineId={machineId} />}
      right={
        <>
          {isHere && <p className="machine-where">{machine.bay === null ? t('fleet.no_bay') : machine.bay}</p>}
          <p className="machine-state">
            <Mark outcome={machine.mark} size={24} />
            {machine.words}
          </p>
          <MyName />
        </>
      }
    >
      {shownLeaf === 'trail' && <Trail machineId={machineId} />}
      {shownLeaf === 'meter' && (
        <Suspense fallback={null}>
          {service.data === undefined ? (
            <p className="horizon-none">{t('state.fetching')}</p>
          ) : (
            <MeterLeaf service={service.data} />
          )}
        </Suspense>
      )}
      {shownLeaf === 'machine' && (
        <div className="machine-fields">
          <div className="machine-left-side">
            <section className="machine-plan" aria-label={t('fleet.open_damage')}>
              <VerdictPlan
                name={machine.drawing}
                label={t('fleet.plan_label')}
                stations={stations}
                findings={findings}
                selected={selected}
                onSelect={(id) => setSelected((now) => (now === id ? null : id))}
              />
            </section>
            <DamageLine findings={findings} stations={stations} selected={selected} onSelect={setSelected} />
            <FolioTable
              folios={folios}
              nextHire={next?.hire_id ?? null}
              mayChange={me.may.book}
              onChange={(id) => setOver({ is: 'hire', id })}
              onFound={mayBeFound ? () => setOver({ is: 'found' }) : undefined}
              onWalkOut={
                tag === null && me.may.walk ? (hireId) => opening.mutate({ hireId, movement: 'checkout' }) : undefined
              }
            />
          </div>
          <div className="machine-right-side">
            <section className="machine-hours">
              {left_as !== null && (
                <p className="machine-left">{t('office.left_words', { how: t(`office.left.${left_as}`) })}</p>
              )}
              {tag !== null && (
                <Stamp
                  tone="oxide"
                  top={t('tag.top', { number: tag.number })}
                  word={t('decision.tagged_out')}
                  reason={tag.reason}
                  foot={`${shortDate(tag.hung_at)}, ${tag.hung_by.name}`}
                />
              )}
              {opening.error !== null && <ProblemWords problem={problemOf(opening.error, t('state.no_network'))} />}
              <MachineFigures detail={query.data} />
              {query.data.attachment !== null && (
                <p className="machine-fitted">
                  <i>{t('fleet.fitted')}</i>
                  <b>{fittedWords(query.data.attachment, t)}</b>
                  {isHere && (me.may.walk || me.may.repair) && (
                    <button
                      type="button"
                      data-testid="change-attachment"
                      aria-label={t('fleet.change_attachment')}
                      onClick={() => setOver({ is: 'attachment' })}
                    >
                      {t('fleet.change_short')}
                    </button>
                  )}
                </p>
              )}
              {service.data !== undefined && service.data.points.length > 0 && (
                <ServiceScale service={service.data} onPoint={(point) => setOver({ is: 'service', point })} />
              )}
              {service.data === undefined && service.isError && (
                <ProblemWords problem={problemOf(service.error, t('state.no_answer'))} />
              )}
            </section>
            <PaperList papers={papers} mayAdd={me.may.book || me.may.repair} onAdd={() => setOver({ is: 'paper' })} />
          </div>
        </div>
      )}
      <MachineActs
        may={me.may}
        isHere={isHere}
        isOurs={left_as === null}
        isServiceKnown={isServiceKnown}
        leaf={shownLeaf}
        onAsked={ask}
        next={next !== null && <NextActButton next={next} may={me.may} opening={opening} />}
      />
      {over?.is === 'damage' && <DamageDrawer detail={query.data} onClose={close} />}
      {over?.is === 'read' && (
        <MeterReadDrawer
          machine={machine}
          workMeter={service.data?.work_meter ?? null}
          onReplaced={(meter) => setOver({ is: 'meter', meter })}
          onClose={close}
        />
      )}
      {over?.is === 'meter' && <ReplaceMeter machine={machine} meter={over.meter} onClose={close} />}
      {over?.is === 'attachment' && query.data.attachment !== null && (
        <AttachmentDrawer machine={machine} attachment={query.data.attachment} onClose={close} />
      )}
      {over?.is === 'found' && <FoundDrawer machine={machine} onClose={close} />}
      {over?.is === 'move' && <MoveDrawer machine={machine} onClose={close} />}
      <Suspense fallback={null}>
        {over?.is === 'service' && service.data !== undefined && (
          <ServiceDrawer
            machine={machine}
            hoursInAll={query.data.hours_in_all}
            service={service.data}
            chosen={over.point}
            mayDo={me.may.walk || me.may.repair}
            onChoose={(point) => setOver({ is: 'service', point })}
            onClose={close}
          />
        )}
        {over?.is === 'plate' && <MachineDrawer of={query.data} onClose={close} />}
        {over?.is === 'paper' && <PaperDrawer machine={machine} onClose={close} />}
        {over?.is === 'new' && <NewHireDrawer machine={machine} onClose={close} />}
        {over?.is === 'hire' && <HireDrawer hireId={over.id} onClose={close} />}
      </Suspense>
    </Page>
  );
}
