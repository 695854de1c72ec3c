import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { HoldButton } from '../../app/HoldButton';
import { ProblemWords } from '../../app/ProblemWords';
import { ROLES } from './AddPersonDrawer';
import { useChangeAccount, type AccountChange, type Person } from './usePeople';

/** The lead changes what somebody may do, gives them a new first password, or sees them off. */
export function AccountDrawer({ person, onClose }: { person: Person; onClose: () => void }) {
  const { t } = useTranslation();
  const change = useChangeAccount(person.id);
  const [password, setPassword] = useState('');
  const wrong = change.error instanceof ProblemError ? change.error.problem.field?.['password'] : undefined;
  const send = (what: AccountChange) => change.mutate(what, { onSuccess: onClose });

  return (
    <Drawer open title={person.name} onClose={onClose}>
      <h3>{t('people.role')}</h3>
      <div className="choices">
        {ROLES.map((role) => (
          <Button
            key={role}
            pressed={person.role === role}
            disabled={change.isPending || person.has_left || person.role === role}
            testId={`role-${role}`}
            onClick={() => send({ role })}
          >
            {t(`role.${role}`)}
          </Button>
        ))}
      </div>
      <h3>{t('people.new_password')}</h3>
      <TextField
        label={t('people.first_password')}
        type="password"
        value={password}
        error={wrong !== undefined}
        helperText={wrong?.[0] ?? t('people.new_password_words')}
        autoComplete="new-password"
        onChange={(event) => setPassword(event.target.value)}
        slotProps={{ htmlInput: { 'data-testid': 'reset-password' } }}
      />
      <Button
        testId="reset"
        disabled={change.isPending || person.has_left || password === ''}
        onClick={() => send({ password })}
      >
        {t('people.give_password')}
      </Button>
      <h3>{t(person.has_left ? 'people.has_left' : 'people.leaves')}</h3>
      <p>{t('people.leaves_words')}</p>
      {person.has_left ? (
        <Button testId="take-back" disabled={change.isPending} onClick={() => send('take_back')}>
          {t('people.take_back')}
        </Button>
      ) : (
        <div>
          <HoldButton
            tone="oxide"
            testId="see-off"
            disabled={change.isPending}
            under={t('act.hold')}
            onHeld={() => send('see_off')}
          >
            {t('people.see_off')}
          </HoldButton>
        </div>
      )}
      {change.isError && wrong === undefined && (
        <ProblemWords problem={problemOf(change.error, t('state.no_network'))} />
      )}
    </Drawer>
  );
}
