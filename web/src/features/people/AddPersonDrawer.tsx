import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { ProblemWords } from '../../app/ProblemWords';
import { useAddPerson, type NewPerson } from './usePeople';

export const ROLES = ['technician', 'mechanic', 'counter', 'lead', 'auditor'] as const;
const NAMED: object = { 'data-testid': 'new-role' };
const EMPTY: NewPerson = { name: '', login: '', initials: '', role: 'technician', password: '' };

/** The lead adds somebody to the yard. */
export function AddPersonDrawer({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const [person, setPerson] = useState(EMPTY);
  const add = useAddPerson();
  const wrong = add.error instanceof ProblemError ? (add.error.problem.field ?? {}) : {};
  const field = (name: keyof NewPerson, label: string, more: { type?: string; words?: string } = {}) => (
    <TextField
      label={label}
      type={more.type ?? 'text'}
      value={person[name]}
      error={wrong[name] !== undefined}
      helperText={wrong[name]?.[0] ?? more.words ?? ' '}
      autoComplete="off"
      onChange={(event) => setPerson({ ...person, [name]: event.target.value })}
      slotProps={{ htmlInput: { 'data-testid': `new-${name}`, autoCapitalize: name === 'login' ? 'none' : undefined } }}
    />
  );

  return (
    <Drawer
      open
      title={t('people.add')}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="add-person"
          disabled={add.isPending || Object.values(person).some((value) => value.trim() === '')}
          onClick={() => add.mutate(person, { onSuccess: onClose })}
        >
          {t('people.add')}
        </Button>
      }
    >
      {field('name', t('people.name'))}
      {field('initials', t('people.initials'))}
      <TextField
        select
        label={t('people.role')}
        helperText=" "
        value={person.role}
        onChange={(event) => setPerson({ ...person, role: event.target.value as NewPerson['role'] })}
        slotProps={{ select: { SelectDisplayProps: NAMED } }}
      >
        {ROLES.map((role) => (
          <MenuItem key={role} value={role} data-testid={`new-role-${role}`}>
            {t(`role.${role}`)}
          </MenuItem>
        ))}
      </TextField>
      {field('login', t('people.login'))}
      {field('password', t('people.first_password'), { type: 'password', words: t('people.first_password_words') })}
      {add.isError && Object.keys(wrong).length === 0 && (
        <ProblemWords problem={problemOf(add.error, t('state.no_network'))} />
      )}
    </Drawer>
  );
}
