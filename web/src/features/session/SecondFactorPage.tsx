import { useTranslation } from 'react-i18next';
import { Button } from '../../app/Button';
import { Page } from '../../app/Page';
import { SecondFactorSteps } from './SecondFactorSteps';
import { useSignOut } from './useAccount';
import { useMe } from './useSession';

/** It was put off for too long: nothing else opens before it is set. */
export function SecondFactorPage() {
  const { t } = useTranslation();
  const me = useMe();
  const signOut = useSignOut();

  return (
    <Page
      title={t('second_factor.title')}
      sub={me.name}
      leaf={t('second_factor.title')}
      isRead
      right={
        <Button testId="sign-out" onClick={() => signOut.mutate()}>
          {t('sign_in.out')}
        </Button>
      }
    >
      <div className="second-factor-page">
        <p>
          <b>{t('second_factor.due')}</b>
        </p>
        <SecondFactorSteps isSet={me.second_factor?.is_set === true} />
      </div>
    </Page>
  );
}
