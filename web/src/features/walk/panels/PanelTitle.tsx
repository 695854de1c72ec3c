import type { ReactNode } from 'react';
import { TranslationNote } from '../../../app/TranslationNote';
import type { Position } from '../state/useWalkPosition';

interface Props {
  position: Pick<Position, 'line' | 'visit'>;
  /** The way back, in words. */
  children: ReactNode;
  onBack: () => void;
}

/** What is asked, where to stand and how it is done. */
export function PanelTitle({ position: { line, visit }, children, onBack }: Props) {
  return (
    <header className="panel-title">
      <h2>{line.title}</h2>
      <button type="button" className="panel-back" data-testid="to-list" onClick={onBack}>
        {children}
      </button>
      <p>
        {visit.direction} {line.how}
      </p>
      <TranslationNote />
    </header>
  );
}
