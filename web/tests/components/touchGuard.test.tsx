import { act, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Button } from '../../src/app/Button';
import { HoldButton } from '../../src/app/HoldButton';
import { Drawer } from '../../src/app/Drawer';
import { guardTouches, pageChanged } from '../../src/app/touchGuard';
import { InTheWay } from '../../src/features/office/InTheWay';
import { NumberPad } from '../../src/instruments/NumberPad';
import { finger } from './finger';

let stop: () => void;
let tests = 0;

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'performance', 'Date'] });
  stop = guardTouches(document);
  // Long after whatever the test before left: each one begins its clock at nought.
  tests += 1;
  vi.advanceTimersByTime(tests * 200_000);
});

afterEach(() => {
  stop();
  vi.useRealTimers();
});

/** "The rest here stands" over an act that answers the next line. */
function Station({ onNext, onRest }: { onNext: () => void; onRest: () => void }) {
  const [open, setOpen] = useState(true);
  const rest = () => {
    setOpen(false);
    onRest();
  };

  return (
    <>
      <Button testId="stands" onClick={onNext}>
        Stands
      </Button>
      <Drawer
        open={open}
        title="The rest"
        onClose={() => setOpen(false)}
        foot={<HoldButton testId="rest-stands" onHeld={rest}>The rest stands</HoldButton>}
      >
        <p>Three lines</p>
      </Drawer>
    </>
  );
}

const passes = (ms: number): void => {
  void act(() => {
    vi.advanceTimersByTime(ms);
  });
};

describe('a finger that lifts after a hold', () => {
  it.each([50, 150, 500])('answers nothing that lies under it, %i ms after the leaf closed', (later) => {
    const [onNext, onRest] = [vi.fn(), vi.fn()];
    render(<Station onNext={onNext} onRest={onRest} />);
    finger.down(screen.getByTestId('rest-stands'));
    passes(1000);
    expect(onRest).toHaveBeenCalledOnce();

    passes(later);
    finger.up(screen.getByTestId('stands'));

    expect(onNext).not.toHaveBeenCalled();
  });

  it('that never lifts posts once', () => {
    const onRest = vi.fn();
    render(<Station onNext={vi.fn()} onRest={onRest} />);
    finger.down(screen.getByTestId('rest-stands'));
    passes(60_000);
    expect(onRest).toHaveBeenCalledOnce();
  });
});

describe('a page that changed under the finger', () => {
  it('answers nothing for four tenths of a second, and then again', () => {
    const onNext = vi.fn();
    render(<Button testId="stands" onClick={onNext}>Stands</Button>);
    pageChanged();
    passes(390);
    finger.tap(screen.getByTestId('stands'));
    expect(onNext).not.toHaveBeenCalled();

    passes(20);
    finger.tap(screen.getByTestId('stands'));
    expect(onNext).toHaveBeenCalledOnce();
  });

  it('does not begin a hold either', () => {
    const onHeld = vi.fn();
    render(<HoldButton testId="hold" onHeld={onHeld}>Hold</HoldButton>);
    pageChanged();
    finger.down(screen.getByTestId('hold'));
    passes(2000);
    expect(onHeld).not.toHaveBeenCalled();
  });
});

describe('two taps', () => {
  it('at one place within four tenths of a second count once, whatever stands there now', () => {
    const [first, second] = [vi.fn(), vi.fn()];
    const { rerender } = render(<Button key="1" testId="one" onClick={first}>Line 1</Button>);
    finger.tap(screen.getByTestId('one'));
    rerender(<Button key="2" testId="two" onClick={second}>Line 2</Button>);
    passes(120);
    finger.tap(screen.getByTestId('two'), { x: 104, y: 97 });

    expect([first.mock.calls.length, second.mock.calls.length]).toEqual([1, 0]);
    passes(400);
    finger.tap(screen.getByTestId('two'));
    expect(second).toHaveBeenCalledOnce();
  });

  it('at two places are two', () => {
    const [left, right] = [vi.fn(), vi.fn()];
    render(
      <>
        <Button testId="left" onClick={left}>Left</Button>
        <Button testId="right" onClick={right}>Right</Button>
      </>,
    );
    finger.tap(screen.getByTestId('left'), { x: 50, y: 700 });
    passes(100);
    finger.tap(screen.getByTestId('right'), { x: 400, y: 700 });
    expect([left.mock.calls.length, right.mock.calls.length]).toEqual([1, 1]);
  });

  it('on a digit are two digits', () => {
    const onSet = vi.fn();
    render(<NumberPad open title="Oil" unit="mm" onClose={vi.fn()} onSet={onSet} />);
    passes(500);
    finger.tap(screen.getByText('4'));
    passes(120);
    finger.tap(screen.getByText('4'));
    passes(500);
    finger.tap(screen.getByTestId('pad-set'), { x: 300, y: 900 });
    expect(onSet).toHaveBeenCalledWith(44);
  });
});

it('keys of a keyboard are no touches', () => {
  const onNext = vi.fn();
  render(<Button testId="stands" onClick={onNext}>Stands</Button>);
  pageChanged();
  void act(() => screen.getByTestId('stands').click());
  expect(onNext).toHaveBeenCalledOnce();
});

it('what stands in the way of a hire moves the act below it, which answers nothing until it was seen there', () => {
  const onKeep = vi.fn();
  const free = { conflicts: [], start_by: '2026-11-28T07:00:00Z', instead: [] };
  const Hire = ({ isAnswered }: { isAnswered: boolean }) => (
    <>
      {isAnswered && (
        <InTheWay proposal={free} knowing={[]} onKnow={vi.fn()} />
      )}
      <Button testId="keep-hire" onClick={onKeep}>Keep</Button>
    </>
  );
  const { rerender } = render(<Hire isAnswered={false} />);
  rerender(<Hire isAnswered />);
  finger.tap(screen.getByTestId('keep-hire'));
  expect(onKeep).not.toHaveBeenCalled();
  passes(500);
  finger.tap(screen.getByTestId('keep-hire'));
  expect(onKeep).toHaveBeenCalledOnce();
});
