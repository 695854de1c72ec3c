import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { DayField } from '../../src/app/DayField';

function Form({ begins }: { begins: string | null }) {
  const [day, setDay] = useState(begins);

  return (
    <>
      <DayField label="Last day" value={day} testId="day" onDay={setDay} />
      <output>{day ?? 'none'}</output>
      <button type="button" onClick={() => setDay('2030-06-01')}>
        From the record
      </button>
    </>
  );
}

const told = () => screen.getByRole('status').textContent;
const shown = () => screen.getByTestId('day').querySelector('input')?.value;

async function typed(digits: string): Promise<void> {
  const day = screen.getByRole('spinbutton', { name: 'Day' });
  await userEvent.click(day);
  fireEvent.focus(day);
  await userEvent.keyboard(digits);
}

describe('a day', () => {
  it.each(['2028-01-01', null])('is typed over %s, and what is half typed stays and is no day yet', async (begins) => {
    render(<Form begins={begins} />);
    await typed('3102');
    expect(told()).toBe('none');
    await typed('15022029');

    expect(told()).toBe('2029-02-15');
    expect(shown()).toBe('15/02/2029');
  });

  it('that there is not is told as none and can be seen', async () => {
    render(<Form begins="2028-01-01" />);
    await typed('31022029');

    expect([told(), shown()]).toEqual(['none', '31/02/2029']);
  });

  it('is set from elsewhere, over what is half typed too', async () => {
    render(<Form begins="2028-01-01" />);
    await typed('3102');
    await userEvent.click(screen.getByRole('button', { name: 'From the record' }));

    expect([told(), shown()]).toEqual(['2030-06-01', '01/06/2030']);
  });
});
