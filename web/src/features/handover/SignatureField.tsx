import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { shortDate } from '../../app/figures';
import { ProblemWords } from '../../app/ProblemWords';
import { HirerLinkDrawer } from '../hirers/HirerLinkDrawer';
import { Stamp } from '../../marks/Stamp';
import { ThingsAlong } from '../things/ThingsAlong';
import { useSend } from '../walk/state/useSend';
import { usePost } from '../walk/state/useWalk';
import { Duties } from './Duties';
import { LimitsTold } from './LimitsTold';
import { Signing, forgetDrafts, type SigningProps } from './Signing';
import type { Briefing } from './withShownHere';

const LANGUAGES = ['en', 'es', 'fr'] as const;

export type SignatureProps = SigningProps;

/** What was told in short, and who signs for it; once signed, the record with what they take along. */
export function SignatureField({ briefing, busy, onSign }: SignatureProps) {
  const { t } = useTranslation();
  if (briefing.signed_at !== null) {
    return <Signed briefing={briefing} signedAt={briefing.signed_at} />;
  }

  return (
    <section className="signing">
      <p className="slab">{t('handover.sign_words', { count: briefing.steps.length })}</p>
      <LimitsTold limits={briefing.limits ?? []} cautions={briefing.site_cautions ?? []} />
      {(briefing.duties ?? []).length > 0 && <Duties duties={briefing.duties ?? []} />}
      <ThingsAlong walkId={briefing.walk_id} things={briefing.things ?? []} />
      <Signing briefing={briefing} busy={busy} onSign={onSign} />
    </section>
  );
}

function Signed({ briefing, signedAt }: { briefing: Briefing; signedAt: string }) {
  const { t } = useTranslation();
  const [isLinking, setIsLinking] = useState(false);
  const [isAdding, setIsAdding] = useState(false);
  const others = briefing.others ?? [];
  const { walk_id: walkId, isSignedHere } = briefing;
  useEffect(() => {
    if (!isSignedHere) {
      forgetDrafts(walkId);
    }
  }, [isSignedHere, walkId, others.length]);

  return (
    <section className="signed">
      <Stamp
        tone={briefing.isSignedHere ? 'ink' : 'jade'}
        top={t('handover.stamp_top', { number: briefing.fleet_number, folio: briefing.folio })}
        word={t(briefing.isSignedHere ? 'handover.signed_here' : 'handover.handed_over')}
        reason={
          briefing.isSignedHere
            ? t('handover.not_yet_out', { name: briefing.signed_name })
            : (briefing.signed_name ?? '')
        }
        foot={shortDate(signedAt)}
      />
      <Drawn name={briefing.signed_name ?? ''} signature={briefing.signature ?? []} />
      {others.length > 0 && (
        <ul className="also-signed" data-testid="also-signed">
          {others.map((one) => (
            <li key={one.name}>
              <b>{one.name}</b> {shortDate(one.signed_at)}
              <Drawn name={one.name} signature={one.signature} />
            </li>
          ))}
        </ul>
      )}
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
        {briefing.hire_standing === 'out' && (
          <Button testId="another-signs" onClick={() => setIsAdding(true)}>
            {t('handover.another')}
          </Button>
        )}
      </nav>
      {isLinking && <HirerLinkDrawer hireId={briefing.hire_id} onClose={() => setIsLinking(false)} />}
      {isAdding && <AnotherSigns briefing={briefing} onClose={() => setIsAdding(false)} />}
    </section>
  );
}

/** Another person who was told the same: their own proof, their own name. */
function AnotherSigns({ briefing, onClose }: { briefing: Briefing; onClose: () => void }) {
  const { t } = useTranslation();
  const post = usePost(briefing.walk_id);
  const { busy, problem, send } = useSend();

  return (
    <Drawer open title={t('handover.another')} onClose={onClose}>
      <div className="signing">
        <p>{t('handover.another_words')}</p>
        <ProblemWords problem={problem} />
        <Signing
          briefing={briefing}
          draft={`handover.signing.1.${briefing.walk_id}.${(briefing.others ?? []).length + 1}`}
          busy={busy}
          onSign={(name, signature, gates) =>
            void send(() => post('handover.also_signed', { name, signature, gates })).then(
              (posted) => posted && onClose(),
            )
          }
        />
      </div>
    </Drawer>
  );
}

function Drawn({ name, signature }: { name: string; signature: number[][] }) {
  const { t } = useTranslation();
  // A field that was higher than wide has its strokes further down.
  const lowest = Math.max(400, ...signature.flatMap((stroke) => stroke.filter((_, at) => at % 2 === 1)));

  return (
    <svg
      className="signature-drawn"
      viewBox={`0 0 1000 ${lowest + 10}`}
      role="img"
      aria-label={t('handover.signature_of', { name })}
    >
      {signature.map((stroke, at) => (
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
  );
}

function pairs(stroke: number[]): string {
  const points: string[] = [];
  for (let at = 0; at + 1 < stroke.length; at += 2) {
    points.push(`${stroke[at]},${stroke[at + 1]}`);
  }

  return points.join(' ');
}
