import { Suspense, lazy, useEffect } from 'react';
import { useTranslation } from 'react-i18next';
import { idleLocked } from '../features/session/idleLocked';
import { SignInPage } from '../features/session/SignInPage';
import { useSession } from '../features/session/useSession';
import { setZone } from './figures';
import { Notice } from './Notice';
import { speakOfEverything } from './texts';
import { useLanguageOf } from './useLanguageOf';

const loadSignedIn = async () => (await Promise.all([import('./SignedInPages'), speakOfEverything()]))[0];
const SignedInPages = lazy(loadSignedIn);
const OpenYardPage = lazy(async () =>
  (await Promise.all([import('../features/office/OpenYardPage'), speakOfEverything()]))[0],
);

/**
 * Who is signed in decides what is shown. What only signed-in people need comes after the first page stands, which a
 * slow tablet waits for.
 */
export function Pages() {
  const { t } = useTranslation();
  const session = useSession();
  const user = session.data?.user ?? null;
  useLanguageOf(user);
  const isNobody = session.data !== undefined && user === null;
  useEffect(() => {
    if (isNobody) {
      idleLocked.forget();
      void loadSignedIn().catch(() => undefined);
    }
  }, [isNobody]);
  if (session.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (session.data === undefined) {
    return <Notice words={t('state.no_answer')} act={t('state.try_again')} onAct={() => void session.refetch()} />;
  }
  setZone(session.data.yard.timezone);
  if (!session.data.is_to_be_opened && user === null) {
    return <SignInPage session={session.data} />;
  }

  return (
    <Suspense fallback={<Notice words={t('state.fetching')} />}>
      {session.data.is_to_be_opened || user === null
        ? <OpenYardPage />
        : <SignedInPages user={user} tablet={session.data.tablet} />}
    </Suspense>
  );
}
