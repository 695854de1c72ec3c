import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Act } from '../../app/Act';
import { Leaf } from '../../app/Leaf';
import { readSet, writeSet, type ColourSet } from '../../app/colourSet';
import { useOutbox } from '../../offline/useOutbox';
import { ChangePasswordLeaf } from './ChangePasswordLeaf';
import { ChoosePinLeaf } from './ChoosePinLeaf';
import { MyChoices } from './MyChoices';
import { TabletChoices } from './TabletChoices';
import { useMe, useSignOut, useSignOutElsewhere } from './useSession';

/** The name at the right of the head line, and behind it: day or night set, and signing out. */
export function MyName() {
  const { t } = useTranslation();
  const me = useMe();
  const signOut = useSignOut();
  const elsewhere = useSignOutElsewhere();
  const { ofOthers } = useOutbox();
  const [open, setOpen] = useState(false);
  const [choosing, setChoosing] = useState<'pin' | 'password' | null>(null);
  const [set, setSet] = useState<ColourSet>(readSet);
  const choose = (next: ColourSet) => {
    writeSet(next);
    setSet(next);
  };

  return (
    <>
      <button type="button" className="head-who" onClick={() => setOpen(true)} aria-haspopup="dialog" data-testid="my-name">
        {me.name}
        <span>{t(`role.${me.role}`)}</span>
      </button>
      <Leaf open={open} title={me.name} onClose={() => setOpen(false)} foot={<Act testId="sign-out" onClick={() => signOut.mutate()}>{t('sign_in.out')}</Act>}>
        <p>{t('set.words')}</p>
        <div className="choice-row">
          <Act pressed={set === 'day'} onClick={() => choose('day')}>
            {t('set.day')}
          </Act>
          <Act pressed={set === 'night'} onClick={() => choose('night')}>
            {t('set.night')}
          </Act>
        </div>
        {ofOthers > 0 && <p>{t('outbox.of_others', { count: ofOthers })}</p>}
        <MyChoices />
        <TabletChoices />
        {me.may.use_pin && (
          <Act testId="choose-pin" onClick={() => setChoosing('pin')}>
            {t(me.has_pin ? 'me.pin_again' : 'me.pin')}
          </Act>
        )}
        <Act testId="change-password" onClick={() => setChoosing('password')}>
          {t('me.password')}
        </Act>
        <Act testId="sign-out-elsewhere" disabled={elsewhere.isPending || elsewhere.isSuccess} onClick={() => elsewhere.mutate()}>
          {t(elsewhere.isSuccess ? 'sign_in.out_elsewhere_done' : 'sign_in.out_elsewhere')}
        </Act>
        {elsewhere.isError && <p>{t('state.no_answer')}</p>}
      </Leaf>
      {choosing === 'pin' && <ChoosePinLeaf onClose={() => setChoosing(null)} />}
      {choosing === 'password' && <ChangePasswordLeaf onClose={() => setChoosing(null)} />}
    </>
  );
}
