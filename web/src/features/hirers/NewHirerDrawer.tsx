import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { ProblemWords } from '../../app/ProblemWords';
import { useAddHirer } from '../office/useOffice';
import { detailsOf, HirerFields } from './HirerFields';

export function NewHirerDrawer({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const add = useAddHirer();
  const [details, setDetails] = useState(detailsOf(null));

  return (
    <Drawer
      open
      title={t('hirers.add')}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="keep-hirer"
          disabled={add.isPending || details.name.trim().length < 2}
          onClick={() => add.mutate(details, { onSuccess: onClose })}
        >
          {t('office.enter_machine')}
        </Button>
      }
    >
      <HirerFields
        value={details}
        wrong={add.error instanceof ProblemError ? (add.error.problem.field ?? {}) : {}}
        onChange={setDetails}
      />
      {add.isError && <ProblemWords problem={problemOf(add.error, t('state.no_network'))} />}
    </Drawer>
  );
}
