import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../app/Button';
import { decimalMark } from '../app/figures';
import { Drawer } from '../app/Drawer';
import './numberPad.css';

interface Props {
  open: boolean;
  title: string;
  unit: string;
  allowMinus?: boolean;
  /** The second unit in which it may be typed: a figure of the first, times `per`, plus `offset`. */
  other?: { symbol: string; per: number; offset: number; isFirst: boolean } | undefined;
  onClose: () => void;
  onSet: (value: number) => void;
}

/** The second way to a reading: typing it, on keys for gloves. */
export function NumberPad({ open, title, unit, allowMinus = false, other, onClose, onSet }: Props) {
  const { t } = useTranslation();
  const [inOther, setInOther] = useState(other?.isFirst ?? false);
  const [text, setText] = useState('');
  const value = Number(text);
  const isNumber = text !== '' && text !== '-' && !Number.isNaN(value);
  const close = () => {
    setText('');
    onClose();
  };
  const press = (key: string) =>
    setText((before) => (key === '.' && before.includes('.') ? before : (before + key).slice(0, 9)));

  return (
    <Drawer
      open={open}
      title={title}
      onClose={close}
      foot={
        <Button
          tone="jade"
          disabled={!isNumber}
          testId="pad-set"
          onClick={() => {
            onSet(other !== undefined && inOther ? (value - other.offset) / other.per : value);
            close();
          }}
        >
          {t('act.set')}
        </Button>
      }
    >
      <label className="pad-value">
        <span className="sr">{title}</span>
        <input
          inputMode="none"
          value={text.replace('.', decimalMark())}
          data-testid="pad-input"
          onChange={(event) => setText(event.target.value.replace(',', '.').replace(/[^0-9.-]/g, '').slice(0, 9))}
        />
        <small>{other !== undefined && inOther ? other.symbol : unit}</small>
      </label>
      {other !== undefined && (
        <div className="pad-units" role="group" aria-label={t('act.unit')}>
          <Button pressed={!inOther} testId="pad-own" onClick={() => setInOther(false)}>
            {unit}
          </Button>
          <Button pressed={inOther} testId="pad-other" onClick={() => setInOther(true)}>
            {other.symbol}
          </Button>
        </div>
      )}
      <div className="pad-keys" data-repeats="">
        {['1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '0'].map((key) => (
          <button key={key} type="button" onClick={() => press(key)}>
            {key === '.' ? decimalMark() : key}
          </button>
        ))}
        <button type="button" aria-label={t('act.back_one')} onClick={() => setText((before) => before.slice(0, -1))}>
          ←
        </button>
        {allowMinus && (
          <button
            type="button"
            className="pad-minus"
            onClick={() => setText((before) => (before.startsWith('-') ? before.slice(1) : `-${before}`))}
          >
            −
          </button>
        )}
      </div>
    </Drawer>
  );
}
