import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import type { Schema } from '../../api/client';
import { Button } from '../../app/Button';
import { Mark } from '../../marks/Mark';
import { useMe } from '../session/useSession';
import { MachineDrawer } from './MachineDrawer';
import { NewHireDrawer } from './NewHireDrawer';
import './office.css';

/** What is still missing until the first walk, each with the way there. */
export function FirstSteps({ steps }: { steps: NonNullable<Schema['Day']['first_steps']> }) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const me = useMe();
  const [open, setOpen] = useState<'machine' | 'hire' | null>(null);
  const ways = [
    { key: 'people', isDone: steps.people, mayDo: me.may.lead, go: () => void navigate('/people') },
    { key: 'machines', isDone: steps.machines, mayDo: me.may.lead, go: () => setOpen('machine') },
    { key: 'hires', isDone: steps.hires, mayDo: me.may.book && steps.machines, go: () => setOpen('hire') },
  ];

  return (
    <section className="first-steps" data-testid="first-steps">
      <h2>{t('first_steps.title')}</h2>
      <ol>
        {ways.map(({ key, isDone, mayDo, go }) => (
          <li key={key}>
            <Mark outcome={isDone ? 'stands' : 'open'} size={22} />
            {isDone ? (
              <span>{t(`first_steps.${key}_done`)}</span>
            ) : (
              <Button testId={`step-${key}`} disabled={!mayDo} onClick={go}>
                {t(`first_steps.${key}`)}
              </Button>
            )}
          </li>
        ))}
        <li>
          <Mark outcome="open" size={22} />
          <span>{t('first_steps.walk')}</span>
        </li>
      </ol>
      {open === 'machine' && <MachineDrawer onClose={() => setOpen(null)} />}
      {open === 'hire' && <NewHireDrawer onClose={() => setOpen(null)} />}
    </section>
  );
}
