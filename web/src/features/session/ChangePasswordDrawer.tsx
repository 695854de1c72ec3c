import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { ProblemWords } from '../../app/ProblemWords';
import { useChangePassword } from './useAccount';

/** Another password; every other session ends. */
export function ChangePasswordDrawer({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const [now, setNow] = useState('');
  const [next, setNext] = useState('');
  const change = useChangePassword();

  return (
    <Drawer
      open
      title={t('me.password')}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="keep-password"
          disabled={change.isPending || now === '' || next === ''}
          onClick={() => change.mutate({ password: now, new_password: next }, { onSuccess: onClose })}
        >
          {t('me.keep')}
        </Button>
      }
    >
      <p>{t('me.password_words')}</p>
      <TextField
        type="password"
        label={t('me.password_now')}
        value={now}
        autoComplete="current-password"
        onChange={(event) => setNow(event.target.value)}
        slotProps={{ htmlInput: { 'data-testid': 'password-now' } }}
      />
      <TextField
        type="password"
        label={t('me.password_new')}
        value={next}
        autoComplete="new-password"
        onChange={(event) => setNext(event.target.value)}
        slotProps={{ htmlInput: { 'data-testid': 'password-new' } }}
      />
      {change.isError && <ProblemWords problem={problemOf(change.error, t('state.no_network'))} />}
    </Drawer>
  );
}
