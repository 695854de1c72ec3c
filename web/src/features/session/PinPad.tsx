import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { whatToDo } from '../../api/problem';
import { Button } from '../../app/Button';
import { useSignInByPin } from './useSession';

const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'];
const LONGEST = 8;

/** The names on shift of an enrolled tablet, and the digits of a PIN. */
export function PinPad({ tablet }: { tablet: NonNullable<Schema['Session']['tablet']> }) {
  const { t } = useTranslation();
  const signIn = useSignInByPin();
  const [person, setPerson] = useState<string | null>(null);
  const [pin, setPin] = useState('');
  const who = tablet.people.find((one) => one.id === person);
  const choose = (id: string) => {
    setPerson(id);
    setPin('');
    signIn.reset();
  };
  const type = (digit: string) => {
    signIn.reset();
    setPin((typed) => (typed + digit).slice(0, LONGEST));
  };
  const go = () => {
    if (who !== undefined && pin !== '') {
      signIn.mutate({ person: who.id, pin }, { onError: () => setPin('') });
    }
  };

  return (
    <section className="pin" aria-label={t('sign_in.pin_title', { tablet: tablet.name })}>
      <h2>{t('sign_in.pin_title', { tablet: tablet.name })}</h2>
      {tablet.people.length === 0 && <p>{t('sign_in.nobody_on_shift')}</p>}
      <ul className="pin-names">
        {tablet.people.map((one) => (
          <li key={one.id}>
            <button
              type="button"
              aria-pressed={one.id === person}
              data-testid={`pin-${one.initials}`}
              onClick={() => choose(one.id)}
            >
              <b>{one.name}</b>
              <span>{t(`role.${one.role}`)}</span>
            </button>
          </li>
        ))}
      </ul>
      {who !== undefined && (
        <form
          aria-label={t('sign_in.pin_for', { name: who.name })}
          onSubmit={(event) => {
            event.preventDefault();
            go();
          }}
        >
          <input
            className="pin-dots"
            type="password"
            inputMode="none"
            autoComplete="off"
            aria-label={t('sign_in.pin_for', { name: who.name })}
            value={pin}
            maxLength={LONGEST}
            data-testid="pin"
            onChange={(event) => setPin(event.target.value.replace(/\D/g, '').slice(0, LONGEST))}
          />
          <p className="pin-said" role="status">
            {signIn.isError ? whatToDo(signIn.error, t('state.no_network')) : pin === '' ? ' ' : t('sign_in.pin_digits', { count: pin.length })}
          </p>
          <div className="pin-keys" data-repeats="">
            {KEYS.map((digit) => (
              <Button key={digit} label={t('sign_in.digit', { digit })} onClick={() => type(digit)}>
                {digit}
              </Button>
            ))}
            <Button label={t('act.back_one')} onClick={() => setPin((typed) => typed.slice(0, -1))}>
              ←
            </Button>
            <Button label={t('sign_in.digit', { digit: '0' })} onClick={() => type('0')}>
              0
            </Button>
            <Button tone="jade" testId="pin-go" disabled={signIn.isPending || pin.length < 4} onClick={go}>
              {t('sign_in.pin_go')}
            </Button>
          </div>
        </form>
      )}
    </section>
  );
}
