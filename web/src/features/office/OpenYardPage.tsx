import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { useTranslation } from 'react-i18next';
import { answer, api, changeHands, type Schema } from '../../api/client';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { CurrencyField } from '../../app/CurrencyField';
import { longDate } from '../../app/figures';
import { ProblemWords } from '../../app/ProblemWords';
import { LANGUAGES, speak } from '../../app/texts';
import { SecondFactorSteps } from '../session/SecondFactorSteps';
import { SESSION, useSession } from '../session/useSession';
import '../session/signIn.css';
import './office.css';

/** As the house rule has them; it can be chosen anew later. */
const UNITS = ['si', 'us', 'both'] as const;
const ZONES = Intl.supportedValuesOf('timeZone');
const NOT_SAID = 'not_said';

/** An installation in which there is nobody yet: whoever opens the yard leads it. */
export default function OpenYardPage() {
  const { t, i18n } = useTranslation();
  const [yard, setYard] = useState({ name: '', place: '', timezone: Intl.DateTimeFormat().resolvedOptions().timeZone });
  const [lead, setLead] = useState({ name: '', login: '', initials: '', password: '' });
  const [units, setUnits] = useState<(typeof UNITS)[number]>('si');
  const [currency, setCurrency] = useState<string | null>(null);
  const [law, setLaw] = useState(NOT_SAID);
  const laws = useSession().data?.laws ?? [];
  const open = useMutation({
    mutationFn: (body: Schema['OpenYard']) => changeHands(() => answer(api.POST('/api/yard-opening', { body }))),
  });
  const fields = open.error instanceof ProblemError ? (open.error.problem.field ?? {}) : {};
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (currency !== null) {
      const said = law === NOT_SAID ? {} : { law };
      open.mutate({ ...yard, ...said, currency, language: i18n.language === 'es' ? 'es' : 'en', units, lead });
    }
  };
  const field = (name: string, label: string, value: string, set: (value: string) => void, more: {
    type?: string; words?: string; complete?: string,
  } = {}) => (
    <TextField
      label={label}
      type={more.type ?? 'text'}
      value={value}
      required
      autoComplete={more.complete ?? 'off'}
      error={fields[name] !== undefined}
      helperText={fields[name]?.[0] ?? more.words ?? ' '}
      onChange={(event) => set(event.target.value)}
      slotProps={{ htmlInput: { 'data-testid': name, autoCapitalize: name === 'lead.login' ? 'none' : undefined } }}
    />
  );

  if (open.data !== undefined) {
    return <SecondOfLead session={open.data} password={lead.password} />;
  }

  return (
    <main className="open-yard">
      <div className="sign-in-j" aria-hidden="true">
        J
      </div>
      <h1>{t('open_yard.title')}</h1>
      <p>{t('open_yard.words')}</p>
      <div className="choice-row" role="group" aria-label={t('me.language')}>
        {LANGUAGES.map(({ tag, name }) => (
          <Button key={tag} pressed={i18n.language === tag} testId={`language-${tag}`} onClick={() => void speak(tag)}>
            <span lang={tag}>{name}</span>
          </Button>
        ))}
      </div>
      <form onSubmit={submit} aria-label={t('open_yard.title')}>
        <h2>{t('open_yard.yard')}</h2>
        <div className="two-times">
          {field('name', t('open_yard.name'), yard.name, (name) => setYard({ ...yard, name }))}
          {field(
            'place',
            t('open_yard.place'),
            yard.place,
            (place) => setYard({ ...yard, place }),
            { words: t('open_yard.place_words') },
          )}
        </div>
        <Autocomplete
          options={ZONES}
          value={yard.timezone}
          disableClearable
          onChange={(_, timezone) => setYard({ ...yard, timezone })}
          renderInput={(params) => (
            <TextField
              {...params}
              label={t('open_yard.timezone')}
              error={fields['timezone'] !== undefined}
              helperText={fields['timezone']?.[0] ?? t('open_yard.timezone_words')}
            />
          )}
        />
        <CurrencyField
          value={currency}
          wrong={fields['currency']?.[0]}
          words={t('open_yard.currency_words')}
          onChange={setCurrency}
        />
        <h3>{t('open_yard.law')}</h3>
        <p>{t('open_yard.law_words')}</p>
        <div className="choice-row" role="group" aria-label={t('open_yard.law')}>
          {laws.map((one) => (
            <Button key={one.id} pressed={law === one.id} testId={`law-${one.id}`} onClick={() => setLaw(one.id)}>
              {one.name}
            </Button>
          ))}
        </div>
        <h3>{t('me.units')}</h3>
        <div className="choice-row" role="group" aria-label={t('me.units')}>
          {UNITS.map((one) => (
            <Button key={one} pressed={units === one} testId={`yard-units-${one}`} onClick={() => setUnits(one)}>
              {t(`open_yard.units.${one}`)}
            </Button>
          ))}
        </div>
        <h2>{t('open_yard.lead')}</h2>
        <div className="two-times">
          {field('lead.name', t('people.name'), lead.name, (name) => setLead({ ...lead, name }), { complete: 'name' })}
          {field('lead.initials', t('people.initials'), lead.initials, (initials) => setLead({ ...lead, initials }))}
          {field(
            'lead.login',
            t('people.login'),
            lead.login,
            (login) => setLead({ ...lead, login }),
            { complete: 'username', words: t('people.login_words') },
          )}
          {field(
            'lead.password',
            t('sign_in.password'),
            lead.password,
            (password) => setLead({ ...lead, password }),
            { type: 'password', complete: 'new-password', words: t('open_yard.password_words') },
          )}
        </div>
        {open.isError && <ProblemWords problem={problemOf(open.error, t('state.no_network'))} />}
        <button
          type="submit"
          className="sign-in-go"
          disabled={open.isPending || currency === null}
          data-testid="open-yard"
        >
          {t('open_yard.go')}
        </button>
      </form>
    </main>
  );
}

/** The yard is open: whoever leads it gets a second factor and the codes for the paper, now or within the week. */
function SecondOfLead({ session, password }: { session: Schema['Session']; password: string }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const until = session.user?.second_factor?.due_at ?? null;

  return (
    <main className="open-yard">
      <div className="sign-in-j" aria-hidden="true">
        J
      </div>
      <h1>{t('open_yard.codes_title')}</h1>
      <p>{t('open_yard.codes_words')}</p>
      <SecondFactorSteps
        isSet={false}
        password={password}
        instead={
          <Button testId="later" onClick={() => queries.setQueryData(SESSION, session)}>
            {until === null ? t('open_yard.later') : t('open_yard.later_until', { date: longDate(until) })}
          </Button>
        }
      />
    </main>
  );
}
