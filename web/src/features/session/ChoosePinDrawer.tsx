import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { ProblemWords } from '../../app/ProblemWords';
import { useChoosePin } from './usePins';

/** Chooses the PIN for shared tablets; the password is asked for again. */
export function ChoosePinDrawer({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const [password, setPassword] = useState('');
  const [pin, setPin] = useState('');
  const choose = useChoosePin();

  return (
    <Drawer
      open
      title={t('me.pin')}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="keep-pin"
          disabled={choose.isPending || password === '' || pin.length < 4}
          onClick={() => choose.mutate({ password, pin }, { onSuccess: onClose })}
        >
          {t('me.keep')}
        </Button>
      }
    >
      <p>{t('me.pin_words')}</p>
      <TextField
        type="password"
        label={t('me.password_now')}
        value={password}
        autoComplete="current-password"
        onChange={(event) => setPassword(event.target.value)}
        slotProps={{ htmlInput: { 'data-testid': 'password-now' } }}
      />
      <TextField
        type="password"
        label={t('me.pin_new')}
        value={pin}
        autoComplete="off"
        onChange={(event) => setPin(event.target.value.replace(/\D/g, '').slice(0, 8))}
        slotProps={{ htmlInput: { inputMode: 'numeric', 'data-testid': 'new-pin' } }}
      />
      {choose.isError && <ProblemWords problem={problemOf(choose.error, t('state.no_network'))} />}
    </Drawer>
  );
}
