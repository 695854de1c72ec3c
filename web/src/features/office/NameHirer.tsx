import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { ProblemWords } from '../../app/ProblemWords';
import { HirerField, type HirerChoice } from './HirerField';
import { useAddHirer, useNameHirer } from './useOffice';

/** Who had a machine that came back with no hire. */
export function NameHirer({ hireId }: { hireId: string }) {
  const { t } = useTranslation();
  const [hirer, setHirer] = useState<HirerChoice | null>(null);
  const add = useAddHirer();
  const name = useNameHirer(hireId);
  const fault = add.error ?? name.error;
  const send = async (choice: HirerChoice) => {
    const id = 'known' in choice ? choice.known.id : (await add.mutateAsync({ name: choice.name })).id;
    await name.mutateAsync(id);
  };

  return (
    <section className="hire-act" aria-label={t('office.who_had_it')}>
      <h3>{t('office.who_had_it')}</h3>
      <HirerField value={hirer} onChange={setHirer} />
      {fault !== null && <ProblemWords problem={problemOf(fault, t('state.no_network'))} />}
      <Button
        tone="jade"
        testId="name-hirer"
        disabled={hirer === null || add.isPending || name.isPending}
        onClick={() => hirer !== null && void send(hirer).catch(() => undefined)}
      >
        {t('office.had_it')}
      </Button>
    </section>
  );
}
