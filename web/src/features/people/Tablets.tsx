import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { problemOf, whatToDo } from '../../api/problem';
import { Button } from '../../app/Button';
import { shortDate } from '../../app/figures';
import { HoldButton } from '../../app/HoldButton';
import { ProblemWords } from '../../app/ProblemWords';
import { useEnrolTablet, useRevokeTablet, useTablets } from './useTablets';

/** The shared tablets: which there are, this one made one of them, one taken back. */
export function Tablets() {
  const { t } = useTranslation();
  const tablets = useTablets();
  const enrol = useEnrolTablet();
  const revoke = useRevokeTablet();
  const [name, setName] = useState('');
  const all = tablets.data?.tablets ?? [];
  const failed = enrol.error ?? revoke.error;

  return (
    <section className="tablets" aria-label={t('people.tablets')}>
      <h2>{t('people.tablets')}</h2>
      <p>{t('people.tablets_words')}</p>
      {tablets.isPending && <p>{t('state.fetching')}</p>}
      {tablets.isError && <p>{whatToDo(tablets.error, t('state.no_answer'))}</p>}
      {tablets.isSuccess && all.length === 0 && <p>{t('people.no_tablets')}</p>}
      <ul>
        {all.map((tablet) => (
          <li key={tablet.id}>
            <span>
              <b>
                {tablet.name}
                {tablet.is_this_one && <i> {t('people.this_one')}</i>}
              </b>
              {t('people.enrolled', { name: tablet.enrolled_by.name, date: shortDate(tablet.enrolled_at) })}
            </span>
            <HoldButton
              tone="oxide"
              under={t('act.hold')}
              disabled={revoke.isPending}
              onHeld={() => revoke.mutate(tablet.id)}
            >
              {t('people.revoke')}
            </HoldButton>
          </li>
        ))}
      </ul>
      {!all.some((tablet) => tablet.is_this_one) && (
        <div className="tablets-enrol">
          <TextField
            label={t('people.tablet_name')}
            value={name}
            onChange={(event) => setName(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 60, 'data-testid': 'tablet-name' } }}
          />
          <Button
            tone="jade"
            testId="enrol"
            disabled={enrol.isPending || name.trim().length < 2}
            onClick={() => enrol.mutate(name.trim(), { onSuccess: () => setName('') })}
          >
            {t('people.enrol')}
          </Button>
        </div>
      )}
      {failed !== null && <ProblemWords problem={problemOf(failed, t('state.no_network'))} />}
    </section>
  );
}
