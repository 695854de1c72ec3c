import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { Button } from '../../../app/Button';
import { sealSecret } from '../../../offline/sealSecret';
import { usePeople } from '../../people/usePeople';
import { useMe } from '../../session/useSession';

export interface Second {
  person: string | null;
  /** Their PIN or password; empty where they said on their own tablet that they stand by. */
  secret: string;
}

interface Props {
  second: Second;
  onSecond: (second: Second) => void;
}

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
