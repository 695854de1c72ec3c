import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { problemOf } from '../../api/problem';
import { HoldButton } from '../../app/HoldButton';
import { Drawer } from '../../app/Drawer';
import { ProblemWords } from '../../app/ProblemWords';
import { useChooseHouseRule, type HouseRule } from './useCatalogue';

interface Props {
  rule: HouseRule;
  value: string;
  onClose: () => void;
}

/** Another school from now on: what it is, why others follow it, and why this yard will. */
export function ChooseRuleDrawer({ rule, value, onClose }: Props) {
  const { t } = useTranslation();
  const [reason, setReason] = useState('');
  const choose = useChooseHouseRule();
  const school = rule.schools.find((one) => one.id === value);

  return (
    <Drawer
      open
      title={rule.title}
      onClose={onClose}
      foot={
        <HoldButton
          tone="ink"
          disabled={choose.isPending || reason.trim().length < 3}
          testId="choose-rule"
          under={t('act.hold')}
          onHeld={() => choose.mutate({ rule: rule.id, value, reason: reason.trim() }, { onSuccess: onClose })}
        >
          {t('catalogue.follow')}
        </HoldButton>
      }
    >
      <p className="slab">{school?.name}</p>
      <p>{school?.why}</p>
      <p>{t('catalogue.from_now_on')}</p>
      <TextField
        label={t('catalogue.reason')}
        value={reason}
        multiline
        minRows={2}
        onChange={(event) => setReason(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 500, 'data-testid': 'rule-reason' } }}
      />
      <ProblemWords problem={choose.error === null ? null : problemOf(choose.error, t('state.no_network'))} />
    </Drawer>
  );
}
