import { SiteAnswers } from './SiteAnswers';
import { useLimits, type SiteAnswer } from './useLimits';

interface Props {
  machineId: string;
  answers: Record<string, SiteAnswer>;
  onAnswers: (answers: Record<string, SiteAnswer>) => void;
}

/** What is asked of the place while a hire is being booked; what nobody answers stays to be asked. */
export function SiteToBe({ machineId, answers, onAnswers }: Props) {
  const limits = useLimits(machineId, null);
  const questions = (limits.data?.site ?? []).map((one) => ({ ...one, answer: answers[one.id] ?? null, say: null }));

  return (
    <SiteAnswers
      questions={questions}
      disabled={false}
      onAnswer={(question, answer) => onAnswers({ ...answers, [question]: answer })}
    />
  );
}
