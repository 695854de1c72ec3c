import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { Button } from '../../../app/Button';
import { sealSecret } from '../../../offline/sealSecret';
import { usePeople } from '../../people/usePeople';
import { useMe } from '../../session/useSession';
import type { Schema } from '../../../api/client';
import { clock } from '../../../app/figures';

export interface Second {
  person: string | null;
  /** Their PIN or password; empty where they said on their own tablet that they stand by. */
  secret: string;
}

interface Props {
  second: Second;
  onSecond: (second: Second) => void;
}

export type StandingBy = NonNullable<Schema['WalkState']['standing_by']>;

/** What goes along with an entry that another person confirms: who, and their secret, sealed to the yard. */
export async function sealedBy(
  { person, secret }: Second,
  sealingKey: string,
  entryId: string,
): Promise<Record<string, unknown>> {
  if (person === null) {
    return {};
  }

  return { second: person, ...(secret === '' ? {} : { second_sealed: await sealSecret(sealingKey, secret, entryId) }) };
}

/** Who stands by where nobody is alone, and how they confirm it: here with their secret, or on their own tablet. */
export function SecondPerson({ second, onSecond }: Props) {
  const { t } = useTranslation();
  const me = useMe();
  const people = usePeople();
  const chosen = people.data?.people.find((one) => one.id === second.person);

  return (
    <section className="second-person" aria-label={t('crossing.second')}>
      <h3>{t('crossing.second')}</h3>
      {people.isError && <p>{t('state.no_answer')}</p>}
      <div>
        {(people.data?.people ?? [])
          .filter((person) => person.may_stand_by && person.id !== me.id)
          .map((person) => (
            <Button
              key={person.id}
              pressed={second.person === person.id}
              testId={`second-${person.initials}`}
              onClick={() => onSecond({ person: person.id, secret: '' })}
            >
              {person.name}
            </Button>
          ))}
      </div>
      {chosen !== undefined && (
        <TextField
          className="second-secret"
          type="password"
          autoComplete="off"
          label={t('crossing.secret_of', { name: chosen.name })}
          helperText={t('crossing.or_own_tablet', { name: chosen.name })}
          value={second.secret}
          onChange={(event) => onSecond({ person: chosen.id, secret: event.target.value })}
          slotProps={{ htmlInput: { maxLength: 100, 'data-testid': 'second-secret' } }}
        />
      )}
    </section>
  );
}

interface StillProps {
  standing: StandingBy;
  /** Somebody else stands by now. */
  onOther: () => void;
}

/** Who has stood by since a crossing before: nobody confirms twice what has not changed. */
export function StillStandsBy({ standing, onOther }: StillProps) {
  const { t } = useTranslation();

  return (
    <section className="second-person second-still" aria-label={t('crossing.second')}>
      <h3>{t('crossing.second')}</h3>
      <div>
        <p data-testid="still-stands-by">
          <b>{t('crossing.still', { name: standing.person.name })}</b>
          <span>{t('crossing.still_since', { time: clock(standing.since), until: clock(standing.until) })}</span>
        </p>
        <Button testId="other-second" onClick={onOther}>
          {t('crossing.other_second')}
        </Button>
      </div>
    </section>
  );
}
