import { Suspense, lazy, useEffect } from 'react';
import { useTranslation } from 'react-i18next';
import { Navigate, Route, Routes, useLocation } from 'react-router';
import { SignInPage } from '../features/session/SignInPage';
import { useHandoverLock } from '../features/handover/useHandoverLock';
import { useIdleLock } from '../features/session/useIdleLock';
import { useSession } from '../features/session/useSession';
import { useBookingsOf } from '../offline/useBookings';
import { useOutboxOf } from '../offline/useOutbox';
import { setZone } from './figures';
import { Notice } from './Notice';
import { PageFault } from './PageFault';
import { useLanguageOf } from './useLanguageOf';

const loadDay = () => import('../features/day/DayPage');
const loadWalk = () => import('../features/walk/WalkPage');
const loadHandover = () => import('../features/handover/HandoverPage');
const DayPage = lazy(loadDay);
const WalkPage = lazy(loadWalk);
const HandoverPage = lazy(loadHandover);
const SheetPage = lazy(() => import('../features/sheet/SheetPage'));
const SpreadPage = lazy(() => import('../features/spread/SpreadPage'));
const HirersPage = lazy(() => import('../features/hirers/HirersPage'));
const HorizonPage = lazy(() => import('../features/service/HorizonPage'));
const LimitsPage = lazy(() => import('../features/limits/LimitsPage'));
const TelematicsPage = lazy(() => import('../features/telematics/TelematicsPage'));
const FleetPage = lazy(() => import('../features/fleet/FleetPage'));
const MachinePage = lazy(() => import('../features/fleet/MachinePage'));
const CataloguePage = lazy(() => import('../features/catalogue/CataloguePage'));
const ModelPage = lazy(() => import('../features/catalogue/ModelPage'));
const ModelSheetPage = lazy(() => import('../features/catalogue/ModelSheetPage'));
const PeoplePage = lazy(() => import('../features/people/PeoplePage'));
const AuditPage = lazy(() => import('../features/audit/AuditPage'));
const DoubtsPage = lazy(() => import('../features/doubts/DoubtsPage'));
const ReportsPage = lazy(() => import('../features/reports/ReportsPage'));
const IdleLock = lazy(() => import('../features/session/IdleLock').then((part) => ({ default: part.IdleLock })));
const SecondFactorPage = lazy(() =>
  import('../features/session/SecondFactorPage').then((page) => ({ default: page.SecondFactorPage })),
);
const OpenYardPage = lazy(() => import('../features/office/OpenYardPage'));
const HouseRulesPage = lazy(() => import('../features/catalogue/HouseRulesPage'));

/** Whoever walks has the pages of a walk at hand before the network goes, even on the first day of a tablet. */
function useWalkingPages(isWalking: boolean): void {
  useEffect(() => {
    if (isWalking) {
      void Promise.allSettled([loadDay(), loadWalk(), loadHandover()]);
    }
  }, [isWalking]);
}

/** What is signed in to, and over it the lock of a shared tablet that was left alone. */
export function Pages() {
  const session = useSession().data;
  const lock = useIdleLock(session);

  return (
    <>
      <PagesBelow />
      {lock.isLocked && session?.user !== undefined && session.user !== null && (
        <Suspense fallback={<Notice words="" />}>
          <IdleLock user={session.user} minutes={session.tablet?.locks_after_minutes ?? 0} onOpen={lock.open} />
        </Suspense>
      )}
    </>
  );
}

function PagesBelow() {
  const { t } = useTranslation();
  const session = useSession();
  const { pathname } = useLocation();
  useOutboxOf(session.data?.user?.id ?? null);
  useBookingsOf(session.data?.user?.id ?? null);
  useLanguageOf(session.data?.user ?? null);
  const lock = useHandoverLock(session.data?.user?.id ?? null);
  useWalkingPages(session.data?.user?.may.walk === true);
  if (session.isPending || lock === undefined) {
    return <Notice words={t('state.fetching')} />;
  }
  if (session.data === undefined) {
    return <Notice words={t('state.no_answer')} act={t('state.try_again')} onAct={() => void session.refetch()} />;
  }
  setZone(session.data.yard.timezone);
  if (session.data.is_to_be_opened) {
    return (
      <Suspense fallback={<Notice words={t('state.fetching')} />}>
        <OpenYardPage />
      </Suspense>
    );
  }
  if (session.data.user === null) {
    return <SignInPage session={session.data} />;
  }

  if (session.data.user.second_factor?.is_due === true) {
    return (
      <Suspense fallback={<Notice words={t('state.fetching')} />}>
        <SecondFactorPage />
      </Suspense>
    );
  }

  const lockedTo = lock === null ? null : `/walks/${lock.walkId}/handover`;
  if (lockedTo !== null && pathname !== lockedTo) {
    return <Navigate to={lockedTo} replace />;
  }

  return (
    <PageFault>
      <Suspense fallback={<Notice words={t('state.fetching')} />}>
        <Routes>
          <Route path="/" element={<DayPage />} />
          <Route path="/walks/:walkId" element={<WalkPage />} />
          <Route path="/walks/:walkId/sheet" element={<SheetPage />} />
          <Route path="/walks/:walkId/handover" element={<HandoverPage />} />
          <Route path="/hires/:hireId/spread" element={<SpreadPage />} />
          <Route path="/service" element={<HorizonPage />} />
          <Route path="/telematics" element={<TelematicsPage />} />
          <Route path="/fleet" element={<FleetPage />} />
          <Route path="/fleet/:machineId" element={<MachinePage />} />
          <Route path="/fleet/:machineId/limits" element={<LimitsPage />} />
          {session.data.user.may.book && <Route path="/hirers" element={<HirersPage />} />}
          <Route path="/catalogue" element={<CataloguePage />} />
          <Route path="/catalogue/house-rules" element={<HouseRulesPage />} />
          <Route path="/catalogue/models/new" element={<ModelSheetPage />} />
          <Route path="/catalogue/models/:modelId/sheet" element={<ModelSheetPage />} />
          <Route path="/catalogue/models/:modelId" element={<ModelPage />} />
          <Route path="/people" element={<PeoplePage />} />
          <Route path="/doubts" element={<DoubtsPage />} />
          <Route path="/reports" element={<ReportsPage />} />
          <Route path="/audit" element={<AuditPage />} />
          <Route path="*" element={<Navigate to="/" replace />} />
        </Routes>
      </Suspense>
    </PageFault>
  );
}
