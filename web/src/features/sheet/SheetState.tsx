import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useTranslation } from 'react-i18next';
import type { Problem } from '../../api/problem';
import { Button } from '../../app/Button';
import { ProblemWords } from '../../app/ProblemWords';
import type { Stage, Visit, Walk } from '../walk/state/types';
import type { LineDraft, SheetDraft } from './sheetDraft';
import { SheetRow } from './SheetRow';

interface Props {
  stage: Stage;
  /** The machine stands in it already: nothing is ticked again. */
  isPresent: boolean;
  visits: Visit[];
  conditions: Walk['plan']['conditions'];
  draft: SheetDraft;
  half: string[];
  problems: Map<string | null, Problem>;
  onConfirm: (confirmed: string[]) => void;
  onLine: (key: string, change: Partial<LineDraft>) => void;
}

/** One state of the machine: what is ticked before it, and its stops in the order of the paper. */
export function SheetState({ stage, isPresent, visits, conditions, draft, half, problems, onConfirm, onLine }: Props) {
  const { t } = useTranslation();
  const confirmed = draft.confirmed[stage.id] ?? [];
  const ids = stage.lines.map((line) => line.id);
  const isWhole = ids.every((id) => confirmed.includes(id));
  const tick = (id: string) =>
    onConfirm(confirmed.includes(id) ? confirmed.filter((one) => one !== id) : [...confirmed, id]);

  return (
    <section className="filled-state" data-testid={`sheet-state-${stage.id}`}>
      <h2>
        <b>{stage.letter}</b> {stage.title}
      </h2>
      {!isPresent && <div className="filled-ticks">
        {stage.lines.map((line) => (
          <FormControlLabel
            key={line.id}
            control={<Checkbox checked={confirmed.includes(line.id)} onChange={() => tick(line.id)} />}
            label={line.text}
          />
        ))}
        {ids.length > 1 && (
          <Button testId={`all-ticked-${stage.id}`} pressed={isWhole} onClick={() => onConfirm(isWhole ? [] : ids)}>
            {t('filled.all_ticked', { count: ids.length })}
          </Button>
        )}
      </div>}
      <ProblemWords problem={problems.get(stage.id) ?? null} />
      {visits.map((visit) => (
        <div key={visit.number} className="filled-stop">
          <h3>
            {visit.number} {visit.name}
          </h3>
          {visit.lines.map((line) => (
            <SheetRow
              key={line.key}
              line={line}
              conditions={conditions.filter((one) => line.conditions.includes(one.id))}
              draft={draft.lines[line.key] ?? {}}
              isHalf={half.includes(line.key)}
              problem={problems.get(line.key) ?? null}
              onChange={(change) => onLine(line.key, change)}
            />
          ))}
        </div>
      ))}
    </section>
  );
}
