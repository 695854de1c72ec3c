import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { whatToDo } from '../../api/problem';
import { PinKeys } from './PinKeys';
import { useSignInByPin } from './usePins';

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
        <PinKeys
          label={t('sign_in.pin_for', { name: who.name })}
          pin={pin}
          wrong={signIn.isError ? whatToDo(signIn.error, t('state.no_network')) : undefined}
          busy={signIn.isPending}
          go={t('sign_in.pin_go')}
          onPin={(typed) => {
            signIn.reset();
            setPin(typed);
          }}
          onGo={() => signIn.mutate({ person: who.id, pin }, { onError: () => setPin('') })}
        />
      )}
    </section>
  );
}
