import type { Problem } from '../api/problem';
import './problemWords.css';

/** What went wrong, held by a bracket of ink, beside what was entered. */
export function ProblemWords({ problem }: { problem: Problem | null }) {
  if (problem === null) {
    return null;
  }

  return (
    <div className="problem" role="alert">
      <b>{problem.title}</b>
      {problem.detail !== problem.title && <p>{problem.detail}</p>}
      {Object.values(problem.field ?? {})
        .flat()
        .filter((words) => words !== problem.title && problem.detail?.includes(words) !== true)
        .map((words) => (
          <p key={words}>{words}</p>
        ))}
    </div>
  );
}
