import TextField from '@mui/material/TextField';
import SignaturePad from 'signature_pad';
import { useEffect, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Payloads } from '../../api/entries';
import { Button } from '../../app/Button';
import { HoldButton } from '../../app/HoldButton';
import { shortDate } from '../../app/figures';
import { HirerLinkDrawer } from '../hirers/HirerLinkDrawer';
import { Stamp } from '../../marks/Stamp';
import { Duties } from './Duties';
import { LimitsTold } from './LimitsTold';
import { Gates, arePassed, type Passed } from './Gates';
import type { Briefing } from './withShownHere';

const LANGUAGES = ['en', 'es'] as const;

type GatePassed = Payloads['handover.signed']['gates'][number];

export interface SignatureProps {
  briefing: Briefing;
  busy: boolean;
  onSign: (name: string, signature: number[][], gates: GatePassed[]) => void;
}

/** Name and signature of the person who was briefed. Strokes are kept as lines, so that they print at any size. */
export function SignatureField({ briefing, busy, onSign }: SignatureProps) {
  const { t } = useTranslation();
  const canvas = useRef<HTMLCanvasElement>(null);
  const pad = useRef<SignaturePad | null>(null);
  const [name, setName] = useState('');
  const [hasInk, setHasInk] = useState(false);
  const [isLinking, setIsLinking] = useState(false);
  const [passed, setPassed] = useState<Passed>({});
  // A briefing that a tablet kept from before knows no gates; the yard asks for them.
  const gates = briefing.gates ?? [];
  const isSigned = briefing.signed_at !== null;
  useEffect(() => {
    const element = canvas.current;
    if (element === null || isSigned) {
      return;
    }
    element.width = element.offsetWidth;
    element.height = element.offsetHeight;
    const made = new SignaturePad(element, { penColor: getComputedStyle(document.documentElement).getPropertyValue('--ink').trim(), minWidth: 1.4, maxWidth: 3.2 });
    const onEnd = () => setHasInk(!made.isEmpty());
    made.addEventListener('endStroke', onEnd);
    pad.current = made;

    return () => {
      made.removeEventListener('endStroke', onEnd);
      made.off();
    };
  }, [isSigned]);

  if (briefing.signed_at !== null) {
    return (
      <section className="signed">
        <Stamp
          tone={briefing.isSignedHere ? 'ink' : 'jade'}
          top={t('handover.stamp_top', { number: briefing.fleet_number, folio: briefing.folio })}
          word={t(briefing.isSignedHere ? 'handover.signed_here' : 'handover.handed_over')}
          reason={briefing.isSignedHere ? t('handover.not_yet_out', { name: briefing.signed_name }) : (briefing.signed_name ?? '')}
          foot={shortDate(briefing.signed_at)}
        />
        <svg
          className="signature-drawn"
          viewBox="0 0 1000 400"
          role="img"
          aria-label={t('handover.signature_of', { name: briefing.signed_name })}
        >
          {(briefing.signature ?? []).map((stroke, at) => (
            <polyline
              key={at}
              points={pairs(stroke)}
              fill="none"
              stroke="var(--ink)"
              strokeWidth="6"
              strokeLinecap="round"
              strokeLinejoin="round"
            />
          ))}
        </svg>
        <nav className="card-links" aria-label={t('handover.card')}>
          {LANGUAGES.map((language) => (
            <Button
              key={language}
              testId={`card-${language}`}
              href={`/api/walks/${briefing.walk_id}/card?language=${language}`}
              opensTab
            >
              {t(`handover.card_${language}`)}
            </Button>
          ))}
          {!briefing.isSignedHere && (
            <Button testId="hirer-link" onClick={() => setIsLinking(true)}>
              {t('hirer_link.open')}
            </Button>
          )}
        </nav>
        {isLinking && <HirerLinkDrawer hireId={briefing.hire_id} onClose={() => setIsLinking(false)} />}
      </section>
    );
  }

  return (
    <section className="signing">
      <p className="slab">{t('handover.sign_words', { count: briefing.steps.length })}</p>
      <LimitsTold limits={briefing.limits ?? []} cautions={briefing.site_cautions ?? []} />
      {(briefing.duties ?? []).length > 0 && <Duties duties={briefing.duties ?? []} />}
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
    </section>
  );
}

const written = (passed: Passed) =>
  Object.entries(passed).map(([gate, { number, validUntil }]) => ({
    gate,
    ...(number.trim() === '' ? {} : { number: number.trim() }),
    ...(validUntil === null ? {} : { valid_until: validUntil }),
  }));

/** What the yard takes of one stroke; a longer one is drawn with fewer points, from end to end. */
const MOST_POINTS = 400;

function thinned<T>(points: T[]): T[] {
  const step = (points.length - 1) / (MOST_POINTS - 1);

  return points.length <= MOST_POINTS ? points : Array.from({ length: MOST_POINTS }, (_, at) => points[Math.round(at * step)]).filter((point) => point !== undefined);
}

function strokes(pad: SignaturePad | null, canvas: HTMLCanvasElement | null): number[][] {
  const scale = 1000 / (canvas?.width ?? 1000);

  return (pad?.toData() ?? []).map((group) => {
    const points = thinned(group.points);
    const doubled = points.length === 1 ? [...points, ...points] : points;

    return doubled.flatMap((point) => [Math.round(point.x * scale), Math.round(point.y * scale)]);
  });
}

function pairs(stroke: number[]): string {
  const points: string[] = [];
  for (let at = 0; at + 1 < stroke.length; at += 2) {
    points.push(`${stroke[at]},${stroke[at + 1]}`);
  }

  return points.join(' ');
}
