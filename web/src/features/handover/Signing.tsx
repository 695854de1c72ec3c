import TextField from '@mui/material/TextField';
import SignaturePad from 'signature_pad';
import { useEffect, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Payloads } from '../../api/entries';
import { Button } from '../../app/Button';
import { HoldButton } from '../../app/HoldButton';
import { usePersistentState } from '../../app/usePersistentState';
import { Gates, arePassed, type Passed } from './Gates';
import type { Briefing } from './withShownHere';

type GatePassed = Payloads['handover.signed']['gates'][number];

export interface SigningProps {
  briefing: Briefing;
  /** Under which name and gates are kept until they are taken: what the yard refuses is not typed again. */
  draft?: string;
  busy: boolean;
  onSign: (name: string, signature: number[][], gates: GatePassed[]) => void;
}

/** What one person shows, their name and their signature. Strokes are kept as lines, so that they print at any size. */
export function Signing({ briefing, draft = `handover.signing.1.${briefing.walk_id}`, busy, onSign }: SigningProps) {
  const { t } = useTranslation();
  const canvas = useRef<HTMLCanvasElement>(null);
  const pad = useRef<SignaturePad | null>(null);
  const [name, setName] = usePersistentState(`${draft}.name`, '');
  const [hasInk, setHasInk] = useState(false);
  const [passed, setPassed] = usePersistentState<Passed>(`${draft}.gates`, {});
  // A briefing that a tablet kept from before knows no gates; the yard asks for them.
  const gates = briefing.gates ?? [];
  useEffect(() => {
    const element = canvas.current;
    if (element === null) {
      return;
    }
    element.width = element.offsetWidth;
    element.height = element.offsetHeight;
    const penColor = getComputedStyle(document.documentElement).getPropertyValue('--ink').trim();
    const made = new SignaturePad(element, { penColor, minWidth: 1.4, maxWidth: 3.2 });
    const onEnd = () => setHasInk(!made.isEmpty());
    made.addEventListener('endStroke', onEnd);
    pad.current = made;

    return () => {
      made.removeEventListener('endStroke', onEnd);
      made.off();
    };
  }, []);

  return (
    <>
      <Gates briefing={briefing} passed={passed} onPassed={setPassed} />
      <TextField
        label={t('handover.name')}
        value={name}
        required
        onChange={(event) => setName(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 120, 'data-testid': 'signer' } }}
      />
      <div className="signing-field">
        <canvas ref={canvas} aria-label={t('handover.signature')} data-testid="signature" />
        <span>{t('handover.signature')}</span>
        <Button
          onClick={() => {
            pad.current?.clear();
            setHasInk(false);
          }}
        >
          {t('handover.sign_again')}
        </Button>
      </div>
      <HoldButton
        disabled={busy || !hasInk || name.trim().length < 2 || !arePassed(gates, passed)}
        testId="sign"
        under={t('act.hold')}
        onHeld={() => onSign(name.trim(), strokes(pad.current, canvas.current), written(passed))}
      >
        {t('handover.sign')}
      </HoldButton>
    </>
  );
}

/** What was taken is the yard's: name and proof stay on no tablet. */
export function forgetDrafts(walkId: string): void {
  Object.keys(localStorage)
    .filter((key) => key.startsWith(`jade.handover.signing.1.${walkId}`))
    .forEach((key) => localStorage.removeItem(key));
}

const written = (passed: Passed) =>
  Object.entries(passed).map(([gate, { number, validUntil, instead }]) => ({
    gate,
    ...(instead === null && number.trim() !== '' ? { number: number.trim() } : {}),
    ...(instead === null && validUntil !== null ? { valid_until: validUntil } : {}),
    ...(instead === null ? {} : { instead: instead.trim() }),
  }));

/** What the yard takes of one stroke; a longer one is drawn with fewer points, from end to end. */
const MOST_POINTS = 400;

function thinned<T>(points: T[]): T[] {
  const step = (points.length - 1) / (MOST_POINTS - 1);

  return points.length <= MOST_POINTS
    ? points
    : Array.from({ length: MOST_POINTS }, (_, at) => points[Math.round(at * step)]).filter((one) => one !== undefined);
}

function strokes(pad: SignaturePad | null, canvas: HTMLCanvasElement | null): number[][] {
  const scale = 1000 / (canvas?.width ?? 1000);

  return (pad?.toData() ?? []).map((group) => {
    const points = thinned(group.points);
    const doubled = points.length === 1 ? [...points, ...points] : points;

    return doubled.flatMap((point) => [Math.round(point.x * scale), Math.round(point.y * scale)]);
  });
}
