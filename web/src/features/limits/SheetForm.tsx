import { useDeferredValue } from 'react';
import { useTranslation } from 'react-i18next';
import { whatToDo } from '../../api/problem';
import { Button } from '../../app/Button';
import { shortDate } from '../../app/figures';
import { FieldOfSheet } from './FieldOfSheet';
import { LineDrawing } from './LineDrawing';
import { ReachDrawing } from './ReachDrawing';
import { ResultLedger } from './ResultLedger';
import { SiteCautions } from './SiteCautions';
import { Stepper } from './Stepper';
import { WindScale } from './WindScale';
import { ZonesDrawing } from './ZonesDrawing';
import { useDraft, type Draft } from './useDraft';
import { useComputed, useKeepLimits, type Limits, type Result, type Sheet } from './useLimits';

interface Props {
  sheet: Sheet;
  limits: Limits;
  mayKeep: boolean;
}

/** One sheet: what it asks for in the middle, what it comes to at the right, the act that keeps it with the hire. */
export function SheetForm({ sheet, limits, mayKeep }: Props) {
  const { t } = useTranslation();
  const hire = limits.hire;
  const kept = limits.set.find((one) => one.sheet === sheet.id) ?? null;
  const draft = useDraft(sheet, kept?.inputs ?? null);
  const inputs = useDeferredValue(draft.inputs);
  const computed = useComputed(limits.machine.id, hire?.id ?? null, sheet.id, inputs);
  const keep = useKeepLimits(hire?.id ?? '');
  const result = computed.data?.result ?? null;
  const refused = computed.data?.refused ?? null;
  const fault = computed.error ?? keep.error;

  return (
    <>
      <section className="limits-sheet" aria-labelledby="limits-sheet">
        <h2 id="limits-sheet">{sheet.title}</h2>
        <DrawnResult sheet={sheet} draft={draft} result={result} forces={limits.wind_forces} />
        <div className="sheet-fields">
          {sheet.fields.map((field) => (
            <FieldOfSheet
              key={field.name}
              field={field}
              draft={draft}
              refused={refused?.field === field.name && draft.isTyped(field) ? refused.words : null}
            />
          ))}
        </div>
        <p className="sheet-formula">{sheet.formula}</p>
        <details className="sheet-example">
          <summary>{t('limits.example')}</summary>
          <p>
            {sheet.example.map((one) => `${one.asks} ${one.value}`).join('; ')}: <b>{sheet.gives}</b>
          </p>
        </details>
        <p className="sheet-source">
          {t(`source.${sheet.source.kind}`)}: {sheet.source.words}
        </p>
      </section>
      <aside className="limits-right" aria-label={t('limits.ledger')}>
        {fault !== null && <p role="alert">{whatToDo(fault, t('limits.no_network'))}</p>}
        {result === null && refused !== null && (
          <p className="limits-says limits-told" role="status" data-testid="limits-refused">
            <span>{refused.words}</span>
          </p>
        )}
        {result !== null && <ResultLedger result={result} />}
        <p className="sheet-caution">{sheet.caution}</p>
        <SiteCautions questions={limits.site} />
        {hire !== null && mayKeep && (
          <div className="limits-keep">
            <Button
              tone="jade"
              testId="set-limits"
              disabled={result === null || keep.isPending}
              under={
                kept === null
                  ? t('limits.into_handover')
                  : t('limits.set_by', { who: kept.by ?? '', when: shortDate(kept.at) })
              }
              onClick={() => keep.mutate({ sheet: sheet.id, inputs: draft.inputs })}
            >
              {result?.fits === 'beyond' ? t('limits.set_beyond') : t('limits.set')}
            </Button>
          </div>
        )}
        {hire === null && <p className="limits-no-hire">{t('limits.no_hire')}</p>}
      </aside>
    </>
  );
}

interface Drawn {
  sheet: Sheet;
  draft: Draft;
  result: Result | null;
  forces: Limits['wind_forces'];
}

function DrawnResult({ sheet, draft, result, forces }: Drawn) {
  const { t } = useTranslation();
  const [out, up] = ['job_out', 'job_up'].map((name) => sheet.fields.find((field) => field.name === name));
  const limit = result?.ledger[0]?.yours;
  const speed = (name: string) => {
    const typed = draft.inputs[name];

    return typed === undefined || (typed.unit ?? 'm_s') !== 'm_s' ? null : Number(typed.value);
  };
  if (sheet.id === 'wind' && limit?.unit === 'm_s') {
    return <WindScale limit={Number(limit.value)} now={speed('now')} gusts={speed('gusts')} forces={forces} />;
  }
  if (result?.picture?.kind === 'line') {
    return <LineDrawing picture={result.picture} fits={result.fits} />;
  }
  if (out === undefined || up === undefined) {
    return null;
  }
  const move = (metresOut: number, metresUp: number) => {
    draft.type(out, metresOut.toFixed(1));
    draft.type(up, metresUp.toFixed(1));
  };
  const job = [Number(draft.valueOf(out) || '4'), Number(draft.valueOf(up) || '8')] as const;

  return (
    <div className="reach-box">
      {result?.picture === null || result?.picture === undefined ? (
        <Button testId="set-job" onClick={() => move(job[0], job[1])}>
          {t('limits.set_job')}
        </Button>
      ) : (
        <Placed result={result} onMove={move} />
      )}
      <div className="reach-steps">
        <Stepper
          value={job[1]}
          least={0.5}
          words={up.asks}
          testId="step-up"
          onChange={(value) => move(job[0], value)}
        />
        <Stepper
          value={job[0]}
          least={0}
          words={out.asks}
          testId="step-out"
          onChange={(value) => move(value, job[1])}
        />
      </div>
    </div>
  );
}

/** What is drawn with a job in it. */
function Placed({ result, onMove }: { result: Result; onMove: (out: number, up: number) => void }) {
  const { picture, says, fits } = result;
  if (picture?.kind === 'reach') {
    return <ReachDrawing picture={picture} says={says} fits={fits} onMove={onMove} />;
  }

  return picture?.kind === 'zones' ? (
    <ZonesDrawing picture={picture} says={says} fits={fits} onMove={onMove} />
  ) : null;
}
