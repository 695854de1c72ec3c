import { useTranslation } from 'react-i18next';
import { Button } from '../../app/Button';

const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'];
const LONGEST = 8;
const SHORTEST = 4;

interface PinKeysProps {
  label: string;
  pin: string;
  onPin: (pin: string) => void;
  /** What is wrong with what was typed before; nothing as long as nothing is. */
  wrong?: string | undefined;
  busy?: boolean;
  go: string;
  onGo: () => void;
}

/** The digits of a PIN, large enough for gloves. */
export function PinKeys({ label, pin, onPin, wrong, busy = false, go, onGo }: PinKeysProps) {
  const { t } = useTranslation();
  const type = (digit: string) => onPin((pin + digit).slice(0, LONGEST));
  const isLongEnough = pin.length >= SHORTEST;

  return (
    <form
      aria-label={label}
      onSubmit={(event) => {
        event.preventDefault();
        if (isLongEnough && !busy) {
          onGo();
        }
      }}
    >
      <input
        className="pin-dots"
        type="password"
        inputMode="none"
        autoComplete="off"
        aria-label={label}
        value={pin}
        maxLength={LONGEST}
        data-testid="pin"
        onChange={(event) => onPin(event.target.value.replace(/\D/g, '').slice(0, LONGEST))}
      />
      <p className="pin-said" role="status">
        {wrong ?? (pin === '' ? ' ' : t('sign_in.pin_digits', { count: pin.length }))}
      </p>
      <div className="pin-keys" data-repeats="">
        {KEYS.map((digit) => (
          <Button key={digit} label={t('sign_in.digit', { digit })} onClick={() => type(digit)}>
            {digit}
          </Button>
        ))}
        <Button label={t('act.back_one')} onClick={() => onPin(pin.slice(0, -1))}>
          ←
        </Button>
        <Button label={t('sign_in.digit', { digit: '0' })} onClick={() => type('0')}>
          0
        </Button>
        <Button tone="jade" testId="pin-go" disabled={busy || !isLongEnough} onClick={onGo}>
          {go}
        </Button>
      </div>
    </form>
  );
}
