import Dialog from '@mui/material/Dialog';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { whatToDo } from '../../api/problem';
import { Button } from '../../app/Button';
import { checkPin } from './keptPin';
import { PinKeys } from './PinKeys';
import { useSignOut } from './useAccount';
import { useSignInByPin } from './usePins';
import './idleLock.css';

interface Props {
  user: Schema['SignedIn'];
  minutes: number;
  onOpen: () => void;
}

/** Over everything, until whoever left the tablet is back: the page below stands as it was. */
export function IdleLock({ user, minutes, onOpen }: Props) {
  const { t } = useTranslation();
  const signIn = useSignInByPin();
  const signOut = useSignOut();
  const [pin, setPin] = useState('');
  const [wrong, setWrong] = useState<string>();
  const [isBusy, setIsBusy] = useState(false);
  const tryIt = async () => {
    setIsBusy(true);
    const answer = await checkPin(user.id, pin);
    setPin('');
    setIsBusy(false);
    switch (answer.is) {
      case 'right':
        onOpen();
        break;
      case 'wrong':
        setWrong(answer.left > 0 ? t('idle.wrong', { left: answer.left }) : t('idle.locked_out'));
        break;
      case 'unknown':
        // They came in with a password: the yard knows the PIN.
        signIn.mutate(
          { person: user.id, pin },
          { onSuccess: onOpen, onError: (error) => setWrong(whatToDo(error, t('state.no_network'))) },
        );
    }
  };

  return (
    <Dialog open fullScreen transitionDuration={0} aria-labelledby="idle-title" data-testid="idle-lock">
      <div className="idle-lock">
        <div>
          <h2 id="idle-title">{t('idle.title', { name: user.name })}</h2>
          <p>{t('idle.words', { minutes })}</p>
          <Button
            testId="somebody-else"
            disabled={signOut.isPending}
            onClick={() => signOut.mutate(undefined, { onSuccess: onOpen })}
          >
            {t(user.has_pin ? 'idle.somebody_else' : 'idle.sign_in_again')}
          </Button>
        </div>
        {user.has_pin ? (
          <div className="pin">
            <PinKeys
              label={t('sign_in.pin_for', { name: user.name })}
              pin={pin}
              wrong={wrong}
              busy={isBusy || signIn.isPending}
              go={t('sign_in.pin_go')}
              onPin={(typed) => {
                setWrong(undefined);
                setPin(typed);
              }}
              onGo={() => void tryIt()}
            />
          </div>
        ) : (
          <p>{t('idle.no_pin')}</p>
        )}
      </div>
    </Dialog>
  );
}
