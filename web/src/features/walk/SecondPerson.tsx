import { useTranslation } from 'react-i18next';
import { Act } from '../../app/Act';
import { usePeople } from '../people/usePeople';
import { useMe } from '../session/useSession';

interface Props {
  chosen: string | null;
  onChoose: (person: string) => void;
}

/** Who stands by in a state in which nobody is alone. */
export function SecondPerson({ chosen, onChoose }: Props) {
  const { t } = useTranslation();
  const me = useMe();
  const people = usePeople();

  return (
    <section className="second-person" aria-label={t('crossing.second')}>
      <h3>{t('crossing.second')}</h3>
      {people.isError && <p>{t('state.no_answer')}</p>}
      <div>
        {(people.data?.people ?? [])
          .filter((person) => person.may_stand_by && person.id !== me.id)
          .map((person) => (
            <Act key={person.id} pressed={chosen === person.id} testId={`second-${person.initials}`} onClick={() => onChoose(person.id)}>
              {person.name}
            </Act>
          ))}
      </div>
    </section>
  );
}
