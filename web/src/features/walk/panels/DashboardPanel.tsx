import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../../api/client';
import { Button } from '../../../app/Button';
import { feel } from '../../../app/feel';
import { usePersistentState } from '../../../app/usePersistentState';
import { NumberPad } from '../../../instruments/NumberPad';
import { AnswerSoFar } from './AnswerSoFar';
import type { PanelProps } from './PanelProps';
import { useSend } from '../state/useSend';
import { SignalList } from './SignalList';
import { WrittenActs } from './WrittenActs';

type Payload = Schema['DashboardReadPayload'];
type Lamp = Payload['lamps'][number];
type Signal = NonNullable<Payload['signals']>[number];

const LAMPS: Lamp[] = ['red_stop', 'amber', 'protect', 'mil'];

interface Draft {
  lamps: Lamp[];
  codes: Payload['codes'];
  signals?: Signal[];
}

const DARK: Draft = { lamps: [], codes: [] };

/** The dashboard as it stands: lamps are touched until they are lit as the real ones, codes are typed. */
export function DashboardPanel({
  walk,
  position,
  mayPost,
  isKept,
  post,
  inState,
  onTag,
  refusal,
}: PanelProps & { inState: boolean }) {
  const { t } = useTranslation();
  const { line } = position;
  const { busy, problem, send } = useSend();
  const [draft, setDraft] = usePersistentState<Draft>(`walk.dashboard.1.${walk.id}.${line.key}`, DARK);
  const [typing, setTyping] = useState<'spn' | 'fmi' | null>(null);
  const [spn, setSpn] = useState(0);
  const state = walk.state.lines.find((one) => one.key === line.key);
  // What only asks for attention is read again when that was given.
  const isAnswered =
    state !== undefined && state.entry_id !== null && (state.outcome === 'stands' || state.outcome === 'stop');
  const signals = draft.signals ?? [];
  const isDark = draft.lamps.length === 0 && draft.codes.length === 0 && signals.length === 0;
  const isSet = mayPost && inState && !isAnswered;
  const write = () =>
    send(async () => {
      const result = await post('dashboard.read', { line: line.key, ...draft });
      setDraft(DARK);
      const outcome = result === 'kept' ? 'kept' : result.judgement?.verdict.outcome;
      feel(outcome === 'stop' || outcome === 'attend' ? outcome : 'taken');
      if (outcome === 'kept' || outcome === 'stands') {
        position.advance([line.key]);
      }
    });

  return (
    <>
      <div className="dashboard">
        {!isAnswered && (
          <>
            <div className="lamps" role="group" aria-label={t('dashboard.lamps')}>
              {LAMPS.map((lamp) => {
                const isLit = draft.lamps.includes(lamp);

                return (
                  <button
                    key={lamp}
                    type="button"
                    className={`lamp lamp-${lamp}`}
                    aria-pressed={isLit}
                    disabled={!isSet}
                    data-testid={`lamp-${lamp}`}
                    onClick={() =>
                      setDraft({
                        ...draft,
                        lamps: isLit ? draft.lamps.filter((one) => one !== lamp) : [...draft.lamps, lamp],
                      })
                    }
                  >
                    <LampFace lamp={lamp} />
                    <b>{t(`dashboard.lamp.${lamp}`)}</b>
                    <small>{t(isLit ? 'dashboard.lit' : 'dashboard.dark')}</small>
                  </button>
                );
              })}
            </div>
            <ul className="codes" aria-label={t('dashboard.codes')}>
              {draft.codes.map((code, at) => (
                <li key={`${code.spn}-${code.fmi}`}>
                  <b>
                    SPN {code.spn} <span>FMI {code.fmi}</span>
                  </b>
                  {isSet && (
                    <Button
                      onClick={() => setDraft({ ...draft, codes: draft.codes.filter((_, other) => other !== at) })}
                    >
                      {t('dashboard.take_out')}
                    </Button>
                  )}
                </li>
              ))}
            </ul>
          </>
        )}
        {!isAnswered && (
          <SignalList
            signals={signals}
            isSet={isSet}
            onSignals={(next) => setDraft({ ...draft, signals: next })}
          />
        )}
        {isSet && (
          <Button testId="add-code" under={t('dashboard.code_under')} onClick={() => setTyping('spn')}>
            {t('dashboard.add_code')}
          </Button>
        )}
        <AnswerSoFar state={state} position={position} isKept={isKept} onTag={onTag} />
      </div>
      <WrittenActs
        position={position}
        post={post}
        entryId={isAnswered ? (state.entry_id ?? '') : null}
        stops={state?.outcome === 'stop'}
        busy={busy}
        problem={problem ?? refusal}
        mayPost={mayPost}
      >
        <Button
          tone={isDark ? 'jade' : 'ink'}
          disabled={busy || !isSet}
          testId="post-dashboard"
          onClick={() => void write()}
        >
          {isDark
            ? t('dashboard.nothing')
            : t('dashboard.post', { count: draft.lamps.length + draft.codes.length + signals.length })}
        </Button>
      </WrittenActs>
      <NumberPad
        open={typing === 'spn'}
        title={t('dashboard.spn')}
        unit="SPN"
        onClose={() => setTyping((now) => (now === 'spn' ? null : now))}
        onSet={(value) => {
          setSpn(Math.round(value));
          setTyping('fmi');
        }}
      />
      <NumberPad
        open={typing === 'fmi'}
        title={t('dashboard.fmi')}
        unit="FMI"
        onClose={() => setTyping(null)}
        onSet={(value) => {
          const code = { spn, fmi: Math.round(value) };
          setDraft({
            ...draft,
            codes: [...draft.codes.filter((one) => one.spn !== code.spn || one.fmi !== code.fmi), code],
          });
        }}
      />
    </>
  );
}

/** Told by its shape as well as by its colour. */
function LampFace({ lamp }: { lamp: Lamp }) {
  const shapes: Record<Lamp, string> = {
    red_stop: 'M14 4h20l10 10v20l-10 10h-20l-10-10v-20z',
    amber: 'M24 5 45 42H3z',
    protect: 'M24 4 42 11v13c0 10-7 17-18 20C13 41 6 34 6 24V11z',
    mil: 'M6 18h6v-6h16v6h8l6 6v12h-6v6H16l-6-6H6z',
  };

  return (
    <svg viewBox="0 0 48 48" aria-hidden="true">
      <path d={shapes[lamp]} stroke="var(--ink)" strokeWidth="2.6" strokeLinejoin="round" />
    </svg>
  );
}
