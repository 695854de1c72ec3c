import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { whatToDo } from '../../api/problem';
import { Notice } from '../../app/Notice';
import { calendarDay } from '../../app/figures';
import { Page } from '../../app/Page';
import { Mark } from '../../marks/Mark';
import { useMe } from '../session/useSession';
import { AccountDrawer } from './AccountDrawer';
import { AddPersonDrawer } from './AddPersonDrawer';
import { QualificationDrawer } from './QualificationDrawer';
import { Tablets } from './Tablets';
import { usePeople, usePutOnShift, type Person, type Qualification } from './usePeople';
import './people.css';

/** From how many days before the end on it is said aloud. */
const SOON_DAYS = 30;

/** Who works here, and until when each may put power on what. */
export default function PeoplePage() {
  const { t } = useTranslation();
  const me = useMe();
  const people = usePeople();
  const [recording, setRecording] = useState<{ person: Person; qualification: Qualification } | null>(null);
  const [isAdding, setIsAdding] = useState(false);
  const [changing, setChanging] = useState<Person | null>(null);
  if (people.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (people.data === undefined) {
    return (
      <Notice
        words={whatToDo(people.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void people.refetch()}
      />
    );
  }
  const { qualifications } = people.data;

  return (
    <Page
      title={t('people.title')}
      sub={t('people.words')}
      leaf={t('people.title')}
      right={<PeopleActs onAdd={() => setIsAdding(true)} />}
      tabs
      isRead
    >
      <ul className="people">
        {people.data.people.map((person) => (
          <li key={person.id} className={person.has_left ? 'people-left' : undefined}>
            <header>
              <h2>{person.name}</h2>
              <p>{t(`role.${person.role}`)}</p>
              {person.has_left ? <p>{t('people.has_left')}</p> : <Shift person={person} mayChange={me.may.lead} />}
              {me.may.lead && person.id !== me.id && (
                <button
                  type="button"
                  className="people-shift"
                  data-testid={`account-${person.initials}`}
                  onClick={() => setChanging(person)}
                >
                  {t('people.account')}
                </button>
              )}
            </header>
            <ul>
              {qualifications.map((qualification) => {
                const held = person.qualified.find((one) => one.id === qualification.id);

                return (
                  <li key={qualification.id}>
                    <button
                      type="button"
                      disabled={!me.may.lead || person.id === me.id}
                      data-testid={`${person.initials}-${qualification.id}`}
                      onClick={() => setRecording({ person, qualification })}
                    >
                      <Standing held={held} name={qualification.name} />
                    </button>
                  </li>
                );
              })}
            </ul>
          </li>
        ))}
      </ul>
      {me.may.lead && <Tablets />}
      {isAdding && <AddPersonDrawer onClose={() => setIsAdding(false)} />}
      {changing !== null && <AccountDrawer person={changing} onClose={() => setChanging(null)} />}
      {recording !== null && (
        <QualificationDrawer
          person={recording.person}
          qualification={recording.qualification}
          onClose={() => setRecording(null)}
        />
      )}
    </Page>
  );
}

/** Adding somebody, for the lead; the audit trail, for whoever reads it. */
function PeopleActs({ onAdd }: { onAdd: () => void }) {
  const { t } = useTranslation();
  const { may } = useMe();

  return (
    <>
      {may.read_audit && (
        <Link to="/audit" data-testid="to-audit">
          {t('people.audit')}
        </Link>
      )}
      {may.lead && (
        <button type="button" data-testid="add" onClick={onAdd}>
          {t('people.add')}
        </button>
      )}
    </>
  );
}

/** Whether somebody is offered on the shared tablets. */
function Shift({ person, mayChange }: { person: Person; mayChange: boolean }) {
  const { t } = useTranslation();
  const put = usePutOnShift();
  const words = `${t(person.is_on_shift ? 'people.on_shift' : 'people.off_shift')}, ${t(person.has_pin ? 'people.has_pin' : 'people.no_pin')}`;
  if (!mayChange) {
    return <p>{words}</p>;
  }

  return (
    <button
      type="button"
      className="people-shift"
      disabled={put.isPending}
      aria-pressed={person.is_on_shift}
      aria-label={t(person.is_on_shift ? 'people.take_off' : 'people.put_on', { name: person.name })}
      onClick={() => put.mutate({ person: person.id, isOnShift: !person.is_on_shift })}
    >
      {words}
    </button>
  );
}

function standingOf(daysLeft: number | undefined): 'open' | 'stop' | 'attend' | 'stands' {
  if (daysLeft === undefined) {
    return 'open';
  }
  if (daysLeft < 0) {
    return 'stop';
  }

  return daysLeft < SOON_DAYS ? 'attend' : 'stands';
}

/** Told by a mark and in words: valid, running out, run out, or never recorded. */
function Standing({ held, name }: { held: Person['qualified'][number] | undefined; name: string }) {
  const { t } = useTranslation();
  const outcome = standingOf(held?.days_left);
  const date = held === undefined ? '' : calendarDay(held.valid_until);
  const words = {
    open: t('people.not_recorded'),
    stop: t('people.ran_out', { date }),
    attend: t('people.runs_out', { date, count: held?.days_left }),
    stands: t('people.until', { date }),
  }[outcome];

  return (
    <>
      <Mark outcome={outcome} size={24} />
      <span>
        <b>{name}</b>
        {words}
      </span>
    </>
  );
}
