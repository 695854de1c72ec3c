import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import type { HandoverLock } from '../../offline/store';
import { PinKeys } from '../session/PinKeys';
import { useSignOut } from '../session/useAccount';
import { isLockedOut, triesLeft } from '../../offline/pinSeal';
import { unlock } from './handoverLock';

interface HandBackDrawerProps {
  lock: HandoverLock;
  isOpen: boolean;
  onClose: () => void;
  onOpened: () => void;
}

/** The tablet comes back: the PIN with which it was given out opens it again. */
export function HandBackDrawer({ lock, isOpen, onClose, onOpened }: HandBackDrawerProps) {
  const { t } = useTranslation();
  const signOut = useSignOut();
  const [pin, setPin] = useState('');
  const [isWrong, setIsWrong] = useState(false);
  const go = async () => {
    const outcome = await unlock(pin);
    setPin('');
    setIsWrong(outcome === 'wrong');
    if (outcome === 'open') {
      onOpened();
    }
  };

  return (
    <Drawer open={isOpen} title={t('handover.back_to_yard')} onClose={onClose}>
      {isLockedOut(lock) ? (
        <>
          <p role="alert" data-testid="locked-out">
            {t('handover.locked_out')}
          </p>
          {signOut.isError && <p role="alert">{t('state.no_network')}</p>}
          <Button tone="jade" testId="sign-in-again" disabled={signOut.isPending} onClick={() => signOut.mutate()}>
            {t('handover.sign_in_again')}
          </Button>
        </>
      ) : (
        <div className="pin">
          <p>{t('handover.back_words')}</p>
          <PinKeys
            label={t('handover.your_pin')}
            pin={pin}
            wrong={isWrong ? t('handover.wrong_pin', { count: triesLeft(lock) }) : undefined}
            go={t('handover.take_back')}
            onPin={(typed) => {
              setIsWrong(false);
              setPin(typed);
            }}
            onGo={() => void go()}
          />
        </div>
      )}
    </Drawer>
  );
}

interface GiveOutDrawerProps {
  isOpen: boolean;
  onClose: () => void;
  onPin: (pin: string) => void;
}

/** Before the tablet changes hands: the PIN that it will be opened with again. */
export function GiveOutDrawer({ isOpen, onClose, onPin }: GiveOutDrawerProps) {
  const { t } = useTranslation();
  const [pin, setPin] = useState('');

  return (
    <Drawer open={isOpen} title={t('handover.give_out')} onClose={onClose}>
      <div className="pin">
        <p>{t('handover.give_out_words')}</p>
        <PinKeys
          label={t('handover.your_pin')}
          pin={pin}
          go={t('handover.give_out_go')}
          onPin={setPin}
          onGo={() => onPin(pin)}
        />
      </div>
    </Drawer>
  );
}
