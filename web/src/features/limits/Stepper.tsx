import ButtonBase from '@mui/material/ButtonBase';
import { useTranslation } from 'react-i18next';
import { figure } from '../../app/figures';

interface Props {
  value: number;
  least: number;
  words: string;
  testId: string;
  onChange: (value: number) => void;
}

const STEP = 0.5;

/** Half a metre more or less, with a glove. */
export function Stepper({ value, least, words, testId, onChange }: Props) {
  const { t } = useTranslation();

  return (
    <div className="stepper" data-testid={testId}>
      <ButtonBase
        aria-label={t('limits.less_of', { words })}
        disabled={value - STEP < least}
        onClick={() => onChange(value - STEP)}
      >
        −
      </ButtonBase>
      <span>
        <b>
          {figure(value.toFixed(1))} <small>m</small>
        </b>
        {words}
      </span>
      <ButtonBase aria-label={t('limits.more_of', { words })} onClick={() => onChange(value + STEP)}>
        +
      </ButtonBase>
    </div>
  );
}
