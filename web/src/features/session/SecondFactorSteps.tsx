import TextField from '@mui/material/TextField';
import { useState, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { ProblemWords } from '../../app/ProblemWords';
import { QrCode } from './QrCode';
import { useConfirmDevice, useProposeDevice, useTakeUpSession } from './useSecondFactor';
import './secondFactor.css';

interface Props {
  /** Another device takes the place of one that is set: its code is asked for. */
  isSet: boolean;
  /** Typed a moment ago. */
  password?: string;
  /** What else may be done until the device is confirmed; then the codes have to be read. */
  instead?: ReactNode;
  onDone?: () => void;
}

/** Password, then the square, then the six digits, then the codes for the paper. */
export function SecondFactorSteps({ isSet, password: typed = '', instead, onDone }: Props) {
  const { t } = useTranslation();
  const propose = useProposeDevice();
  const confirm = useConfirmDevice();
  const takeUp = useTakeUpSession();
  const [password, setPassword] = useState(typed);
  const [present, setPresent] = useState('');
  const [code, setCode] = useState('');
  const wrong = confirm.error ?? propose.error;
  const fault = wrong !== null && <ProblemWords problem={problemOf(wrong, t('state.no_network'))} />;

  if (confirm.data !== undefined) {
    const { recovery_codes, session } = confirm.data;

    return (
      <div className="second-factor">
        <p>{t('second_factor.done')}</p>
        <p>
          <b>{t('second_factor.paper')}</b>
        </p>
        <ol className="recovery-codes" data-testid="recovery-codes">
          {recovery_codes.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </ol>
        <Button
          tone="jade"
          testId="written-down"
          onClick={() => {
            takeUp(session);
            onDone?.();
          }}
        >
          {t('second_factor.written_down')}
        </Button>
      </div>
    );
  }
  if (propose.data !== undefined) {
    return (
      <div className="second-factor">
        <p>{t('second_factor.take_up')}</p>
        <div className="second-factor-square">
          <QrCode rows={propose.data.square} label={t('second_factor.square')} />
          <p>
            {t('second_factor.letters')}
            <code data-testid="device-letters">{propose.data.letters}</code>
          </p>
        </div>
        <TextField
          label={t('second_factor.code')}
          value={code}
          autoComplete="one-time-code"
          onChange={(event) => setCode(event.target.value)}
          slotProps={{ htmlInput: { 'data-testid': 'device-code', inputMode: 'numeric', maxLength: 10 } }}
        />
        {fault}
        <Button
          tone="jade"
          testId="confirm-device"
          disabled={confirm.isPending || code.trim() === ''}
          onClick={() => confirm.mutate({ code })}
        >
          {t('second_factor.confirm')}
        </Button>
        {instead}
      </div>
    );
  }

  return (
    <div className="second-factor">
      <p>{t('second_factor.words')}</p>
      <TextField
        type="password"
        label={t('sign_in.password')}
        value={password}
        autoComplete="current-password"
        onChange={(event) => setPassword(event.target.value)}
        slotProps={{ htmlInput: { 'data-testid': 'second-factor-password' } }}
      />
      {isSet && (
        <TextField
          label={t('second_factor.code_now')}
          value={present}
          autoComplete="one-time-code"
          onChange={(event) => setPresent(event.target.value)}
          slotProps={{ htmlInput: { 'data-testid': 'present-code' } }}
        />
      )}
      {fault}
      <Button
        tone="jade"
        testId="propose-device"
        disabled={propose.isPending || password === '' || (isSet && present.trim() === '')}
        onClick={() => propose.mutate({ password, ...(isSet ? { code: present } : {}) })}
      >
        {t('second_factor.begin')}
      </Button>
      {instead}
    </div>
  );
}
