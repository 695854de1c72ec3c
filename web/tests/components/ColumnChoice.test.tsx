import { fireEvent, render, screen, within } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { ColumnChoice, placesOf, type Places } from '../../src/features/office/ColumnChoice';

const HEAD = {
  headings: ['Asset', 'Serial number', ''],
  columns: [
    { name: 'fleet_number', label: 'Fleet number', is_needed: true, place: null },
    { name: 'serial', label: 'Serial number', is_needed: true, place: 2 },
    { name: 'bay', label: 'Bay', is_needed: false, place: null },
  ],
};

function Asked({ onPlaces }: { onPlaces: (places: Places) => void }) {
  const [places, setPlaces] = useState(placesOf(HEAD));

  return (
    <ColumnChoice
      head={HEAD}
      places={places}
      onPlaces={(next) => {
        setPlaces(next);
        onPlaces(next);
      }}
    />
  );
}

const field = (column: string) => {
  const found = document.querySelector(`[role="combobox"][aria-label="${column}"]`);
  if (found === null) {
    throw new Error(`${column} is not asked for.`);
  }

  return found;
};

function choose(column: string, heading: string) {
  fireEvent.mouseDown(field(column));
  fireEvent.click(within(screen.getByRole('listbox')).getByText(heading));
}

describe('which column of a table is which', () => {
  it('begins with what the headings say, names what is not read, and gives each place to one column only', () => {
    let said: Places = {};
    render(<Asked onPlaces={(next) => { said = next; }} />);
    expect(screen.getByTestId('unread').textContent).toContain('Asset');

    choose('Fleet number', 'Asset');
    expect(said).toEqual({ serial: 2, fleet_number: 1 });
    expect(screen.queryByTestId('unread')).toBeNull();

    // The serial stands under no heading; its place goes to another column, and it has none any more.
    choose('Bay', 'Serial number');
    expect(said).toEqual({ fleet_number: 1, bay: 2 });
    expect(field('Serial number').textContent).toContain('Not in the table');
  });
});
