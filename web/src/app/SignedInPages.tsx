import { Suspense, lazy, useEffect } from 'react';
import { useTranslation } from 'react-i18next';
import { BrowserRouter, Navigate, Route, Routes, useLocation } from 'react-router';
import type { Schema } from '../api/client';
import { useHandoverLock } from '../features/handover/useHandoverLock';
import { useIdleLock } from '../features/session/useIdleLock';
import '../features/walk/state/followOutbox';
import { useBookingsOf } from '../offline/useBookings';
import { useOutboxOf } from '../offline/useOutbox';
import { Notice } from './Notice';
import { PageFault } from './PageFault';

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
const HouseRulesPage = lazy(() => import('../features/catalogue/HouseRulesPage'));
const IdleLock = lazy(() => import('../features/session/IdleLock').then((part) => ({ default: part.IdleLock })));
const SecondFactorPage = lazy(() =>
  import('../features/session/SecondFactorPage').then((page) => ({ default: page.SecondFactorPage })),
);

/** Whoever walks has the pages of a walk at hand before the network goes, even on the first day of a tablet. */
function useWalkingPages(isWalking: boolean): void {
  useEffect(() => {
    if (isWalking) {
      void Promise.allSettled([loadDay(), loadWalk(), loadHandover()]);
    }
  }, [isWalking]);
}

interface Props {
  user: Schema['SignedIn'];
  tablet: Schema['Session']['tablet'];
}

/** What is signed in to, and over it the lock of a shared tablet that was left alone. */
export default function SignedInPages({ user, tablet }: Props) {
  const lock = useIdleLock(tablet, user.id);

  return (
    <BrowserRouter basename="/app">
      <PagesBelow user={user} />
      {lock.isLocked && (
        <Suspense fallback={<Notice words="" />}>
          <IdleLock user={user} minutes={lock.minutes} onOpen={lock.open} />
        </Suspense>
      )}
    </BrowserRouter>
  );
}

function PagesBelow({ user }: Pick<Props, 'user'>) {
  const { t } = useTranslation();
  const { pathname } = useLocation();
  useOutboxOf(user.id);
  useBookingsOf(user.id);
  const lock = useHandoverLock(user.id);
  useWalkingPages(user.may.walk);
  if (lock === undefined) {
    return <Notice words={t('state.fetching')} />;
  }
  if (user.second_factor?.is_due === true) {
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
          {user.may.book && <Route path="/hirers" element={<HirersPage />} />}
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
