import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { useFigureBeingSet, useTellFigure } from '../../src/features/walk/state/figureBeingSet';

function Instrument({ line, value }: { line: string; value: string | null }) {
  useTellFigure(line, value);

  return null;
}

const Row = ({ line }: { line: string }) => <i data-testid={line}>{useFigureBeingSet(line) ?? 'none'}</i>;

function Page({ line, value }: { line: string | null; value: string | null }) {
  return (
    <>
      {line !== null && <Instrument line={line} value={value} />}
      <Row line="oil" />
      <Row line="water" />
    </>
  );
}

const rows = () => ['oil', 'water'].map((line) => screen.getByTestId(line).textContent);

describe('the figure at which an instrument stands', () => {
  it('is seen in its row and in no other, as long as it stands on the page', () => {
    const { rerender } = render(<Page line="oil" value={null} />);
    expect(rows()).toEqual(['none', 'none']);
    rerender(<Page line="oil" value="18" />);
    expect(rows()).toEqual(['18', 'none']);
    rerender(<Page line="oil" value="19" />);
    expect(rows()).toEqual(['19', 'none']);
    rerender(<Page line="water" value="80" />);
    expect(rows()).toEqual(['none', '80']);
    rerender(<Page line={null} value={null} />);
    expect(rows()).toEqual(['none', 'none']);
  });
});
