import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import './office.css';

type Head = NonNullable<Schema['Problem']['table']>;
/** Places of our columns in the file, from 1. */
export type Places = Record<string, number>;

interface Props {
  head: Head;
  places: Places;
  onPlaces: (places: Places) => void;
}

/** Which column of somebody's table is which of ours; what is not chosen is not read, and named. */
export function ColumnChoice({ head, places, onPlaces }: Props) {
  const { t } = useTranslation();
  const unread = head.headings.filter((heading, at) => heading !== '' && !Object.values(places).includes(at + 1));
  const choose = (column: string, place: number) => {
    const others = Object.entries(places).filter(([name, at]) => name !== column && at !== place);
    onPlaces(Object.fromEntries(place === 0 ? others : [...others, [column, place]]));
  };

  return (
    <section className="column-choice" aria-label={t('table.columns')}>
      <h3>{t('table.columns')}</h3>
      {head.columns.map((column) => (
        <TextField
          key={column.name}
          select
          label={column.is_needed ? t('table.needed', { column: column.label }) : column.label}
          value={places[column.name] ?? 0}
          error={column.is_needed && places[column.name] === undefined}
          onChange={(event) => choose(column.name, Number(event.target.value))}
          slotProps={{ htmlInput: { 'data-testid': `column-${column.name}`, 'aria-label': column.label } }}
        >
          <MenuItem value={0}>{t('table.not_there')}</MenuItem>
          {head.headings.map((heading, at) => (
            <MenuItem key={at + heading} value={at + 1} data-heading={heading}>
              {heading === '' ? t('table.unnamed', { place: at + 1 }) : heading}
            </MenuItem>
          ))}
        </TextField>
      ))}
      {unread.length > 0 && <p data-testid="unread">{t('table.unread', { columns: unread.join(', ') })}</p>}
    </section>
  );
}

/** What the file's own headings say already. */
export function placesOf(head: Head): Places {
  return Object.fromEntries(head.columns.flatMap(({ name, place }) => (place === null ? [] : [[name, place]])));
}
