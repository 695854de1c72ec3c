import { Suspense, lazy, useState, type FormEvent } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { ProblemError, whatToDo } from '../../api/problem';
import { Button } from '../../app/Button';
import { TextInput } from '../../app/TextInput';
import { useSignIn } from './useSession';
import './signIn.css';

const PinPad = lazy(() => import('./PinPad').then((part) => ({ default: part.PinPad })));

/** Paper, J over its double rule, and the people of the yard. */
export function SignInPage({ session }: { session: Schema['Session'] }) {
  const { t } = useTranslation();
  const signIn = useSignIn();
  const [login, setLogin] = useState('');
  const [password, setPassword] = useState('');
  const [code, setCode] = useState('');
  const field = signIn.error instanceof ProblemError ? signIn.error.problem.field : undefined;
  const [asksCode, setAsksCode] = useState(false);
  if (field?.['code'] !== undefined && !asksCode) {
    setAsksCode(true);
  }
  const [byPassword, setByPassword] = useState(false);
  const tablet = byPassword ? null : session.tablet;

  const submit = (event: FormEvent) => {
    event.preventDefault();
    signIn.mutate({ login, password, ...(asksCode ? { code } : {}) });
  };

  return (
    <div className="sign-in">
      <div className="sign-in-brand">
        <div className="sign-in-j" aria-hidden="true">
          J
        </div>
        <h1>{t('sign_in.title')}</h1>
        <p>
          {session.yard.name}, {session.yard.place}
        </p>
      </div>
      {tablet !== null && (
        <div className="sign-in-tablet">
          <Suspense fallback={<p>{t('state.fetching')}</p>}>
            <PinPad tablet={tablet} />
          </Suspense>
          <Button testId="by-password" onClick={() => setByPassword(true)}>
            {t('sign_in.by_password')}
          </Button>
        </div>
      )}
      {tablet === null && <form onSubmit={submit} aria-label={t('sign_in.form')}>
        <TextInput label={t('sign_in.name')} value={login} testId="login" autoComplete="username" onChange={setLogin} />
        <TextInput
          label={t('sign_in.password')}
          type="password"
          value={password}
          testId="password"
          autoComplete="current-password"
          error={signIn.isError && field?.['code'] === undefined}
          helperText={signIn.isError && field?.['code'] === undefined ? whatToDo(
            signIn.error,
            t('state.no_network'),
          ) : ' '}
          onChange={setPassword}
        />
        {asksCode && (
          <TextInput
            label={t('sign_in.code')}
            value={code}
            testId="sign-in-code"
            autoComplete="one-time-code"
            error={field?.['code'] !== undefined}
            helperText={field?.['code']?.[0] ?? ' '}
            onChange={setCode}
          />
        )}
        <button type="submit" className="sign-in-go" disabled={signIn.isPending} data-testid="sign-in">
          {t('sign_in.go')}
        </button>
        {session.tablet !== null && <Button onClick={() => setByPassword(false)}>{t('sign_in.by_pin')}</Button>}
      </form>}
      {session.demo_accounts.length > 0 && (
        <section className="sign-in-demo" aria-label={t('sign_in.demo')}>
          <h2>{t('sign_in.demo')}</h2>
          <p>{t('sign_in.demo_words', { password: session.demo_accounts[0]?.password })}</p>
          <ul>
            {session.demo_accounts.map((account) => (
              <li key={account.login}>
                <button
                  type="button"
                  data-testid={`demo-${account.login}`}
                  onClick={() => signIn.mutate({ login: account.login, password: account.password })}
                >
                  <b>{account.name}</b>
                  <span>{t(`role.${account.role}`)}</span>
                  <i>{account.login}</i>
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}
