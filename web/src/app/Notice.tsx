import { Button } from './Button';
import './notice.css';

/** A ruled page with one sentence: while something is fetched, when it did not come, when there is nothing. */
export function Notice({ words, act, onAct }: { words: string; act?: string; onAct?: () => void }) {
  return (
    <div className="notice" role="status">
      <p className="slab">{words}</p>
      {act !== undefined && onAct !== undefined && <Button onClick={onAct}>{act}</Button>}
    </div>
  );
}
