import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { readSet, writeSet, type ColourSet } from '../../app/colourSet';
import { useOutbox } from '../../offline/useOutbox';
import { BookingsOfOthers } from './BookingsOfOthers';
import { ChangePasswordDrawer } from './ChangePasswordDrawer';
import { ChoosePinDrawer } from './ChoosePinDrawer';
import { MyChoices } from './MyChoices';
import { OutboxesOfOthers } from './OutboxesOfOthers';
import { SecondFactorDrawer } from './SecondFactorDrawer';
import { TabletChoices } from './TabletChoices';
import { useSignOut, useSignOutElsewhere } from './useAccount';
import { useMe } from './useSession';

/** The name at the right of the head line, and behind it: day or night set, and signing out. */
export function MyName() {
  const { t } = useTranslation();
  const me = useMe();
  const signOut = useSignOut();
  const elsewhere = useSignOutElsewhere();
  const { ofOthers } = useOutbox();
  const [open, setOpen] = useState(false);
  const [choosing, setChoosing] = useState<'pin' | 'password' | 'second_factor' | null>(null);
  const [set, setSet] = useState<ColourSet>(readSet);
  const choose = (next: ColourSet) => {
    writeSet(next);
    setSet(next);
  };

  return (
    <>
      <button
        type="button"
        className="head-who"
        onClick={() => setOpen(true)}
        aria-haspopup="dialog"
        data-testid="my-name"
      >
        {me.name}
        <span>{t(`role.${me.role}`)}</span>
      </button>
      <Drawer
        open={open}
        title={me.name}
        onClose={() => setOpen(false)}
        foot={<Button testId="sign-out" onClick={() => signOut.mutate()}>{t('sign_in.out')}</Button>}
      >
        <p>{t('set.words')}</p>
        <div className="choice-row">
          <Button pressed={set === 'day'} onClick={() => choose('day')}>
            {t('set.day')}
          </Button>
          <Button pressed={set === 'night'} onClick={() => choose('night')}>
            {t('set.night')}
          </Button>
        </div>
        {ofOthers > 0 && <p>{t('outbox.of_others', { count: ofOthers })}</p>}
        <BookingsOfOthers userId={me.id} />
        {me.may.lead && ofOthers > 0 && <OutboxesOfOthers />}
        <MyChoices />
        <TabletChoices />
        {me.may.use_pin && (
          <Button testId="choose-pin" onClick={() => setChoosing('pin')}>
            {t(me.has_pin ? 'me.pin_again' : 'me.pin')}
          </Button>
        )}
        <Button testId="change-password" onClick={() => setChoosing('password')}>
          {t('me.password')}
        </Button>
        {me.second_factor !== null && (
          <Button
            testId="second-factor"
            under={
              me.second_factor.is_set
                ? t('second_factor.left', { count: me.second_factor.recovery_codes_left })
                : undefined
            }
            onClick={() => setChoosing('second_factor')}
          >
            {t(me.second_factor.is_set ? 'me.second_factor_again' : 'me.second_factor')}
          </Button>
        )}
        <Button
          testId="sign-out-elsewhere"
          disabled={elsewhere.isPending || elsewhere.isSuccess}
          onClick={() => elsewhere.mutate()}
        >
          {t(elsewhere.isSuccess ? 'sign_in.out_elsewhere_done' : 'sign_in.out_elsewhere')}
        </Button>
        {elsewhere.isError && <p>{t('state.no_answer')}</p>}
      </Drawer>
      {choosing === 'pin' && <ChoosePinDrawer onClose={() => setChoosing(null)} />}
      {choosing === 'second_factor' && <SecondFactorDrawer onClose={() => setChoosing(null)} />}
      {choosing === 'password' && <ChangePasswordDrawer onClose={() => setChoosing(null)} />}
    </>
  );
}
