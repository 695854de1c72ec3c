import { useTranslation } from 'react-i18next';
import { useReading } from '../session/useReading';
import { withFigures } from '../../app/units';
import type { RowProps } from './SheetRow';
import { TwoBoxes } from './TwoBoxes';

/** The steps of a test; it ends at the first one that was not as expected. */
export function TestFields({ line, draft, onChange }: RowProps) {
  const { t } = useTranslation();
  const steps = line.test.map((_, at) => draft.steps?.[at] ?? null);
  const reading = useReading();
  const failed = steps.indexOf(false);
  const set = (at: number, stands: boolean | undefined) =>
    onChange({ steps: steps.map((one, index) => (index === at ? (stands ?? null) : one)) });

  return (
    <ol className="filled-steps">
      {line.test.map((step, at) => (
        <li key={step.do}>
          <p>
            {withFigures(step.do, step.figures, reading)}
            <span>
              {withFigures(step.expect, step.figures, reading)}
              {step.seconds !== null && ` (${t('filled.held', { seconds: step.seconds })})`}
            </span>
          </p>
          {(failed < 0 || at <= failed) && (
            <TwoBoxes
              draft={steps[at] === null ? {} : { stands: steps[at] ?? false }}
              label={step.do}
              first={t('filled.as_expected')}
              onChange={({ stands }) => set(at, stands)}
            />
          )}
        </li>
      ))}
    </ol>
  );
}
