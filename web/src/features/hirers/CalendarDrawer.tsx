import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answer, api, type Schema } from '../../api/client';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { shortDate } from '../../app/figures';
import { ProblemWords } from '../../app/ProblemWords';

type Shows = Schema['CalendarShows'];

const SHOWS: readonly Shows[] = ['hires', 'service'];

function useCalendars() {
  const queries = useQueryClient();
  const feeds = useQuery({ queryKey: ['calendar-feeds'], queryFn: () => answer(api.GET('/api/calendar-feeds')) });
  const onSuccess = () => queries.invalidateQueries({ queryKey: ['calendar-feeds'] });
  const make = useMutation({
    mutationFn: (body: { name: string; shows: Shows }) => answer(api.POST('/api/calendar-feeds', { body })),
    onSuccess,
  });
  const revoke = useMutation({
    mutationFn: (feed: string) => answer(api.DELETE('/api/calendar-feeds/{feed}', { params: { path: { feed } } })),
    onSuccess,
  });

  return { feeds, make, revoke };
}

/** Addresses under which calendars read the hires: made, read when, and taken back. */
export function CalendarDrawer({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const { feeds, make, revoke } = useCalendars();
  const [name, setName] = useState('');
  const [shows, setShows] = useState<Shows>('hires');
  const made = make.data?.made ?? null;
  const fault = make.error ?? revoke.error ?? feeds.error;
  const all = feeds.data?.feeds ?? [];

  return (
    <Drawer open title={t('calendar.title')} onClose={onClose}>
      <p>{t('calendar.words')}</p>
      <TextField
        label={t('calendar.name')}
        value={name}
        onChange={(event) => setName(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 60, 'data-testid': 'calendar-name' } }}
      />
      <div className="choices" role="group" aria-label={t('calendar.shows')}>
        {SHOWS.map((one) => (
          <Button key={one} testId={`shows-${one}`} pressed={shows === one} onClick={() => setShows(one)}>
            {t(`calendar.of_${one}`)}
          </Button>
        ))}
      </div>
      <Button
        tone="jade"
        testId="make-calendar"
        disabled={name.trim().length < 2 || make.isPending}
        onClick={() => make.mutate({ name: name.trim(), shows }, { onSuccess: () => setName('') })}
      >
        {t('calendar.make')}
      </Button>
      {made !== null && (
        <TextField
          label={t('calendar.made')}
          value={made}
          multiline
          slotProps={{ htmlInput: { readOnly: true, 'data-testid': 'calendar-made' } }}
          onFocus={(event) => event.target.select()}
        />
      )}
      {fault !== null && <ProblemWords problem={problemOf(fault, t('state.no_network'))} />}
      {feeds.data !== undefined && all.length === 0 && <p>{t('calendar.none')}</p>}
      <ul className="calendar-feeds">
        {all.map((feed) => (
          <li key={feed.id}>
            <span>
              <b>{feed.name}</b>
              <small>
                {t(`calendar.of_${feed.shows}`)}.{' '}
                {t('calendar.by', { who: feed.made_by, when: shortDate(feed.made_at) })},{' '}
                {feed.read_at === null ? t('calendar.never') : t('calendar.read', { when: shortDate(feed.read_at) })}
              </small>
            </span>
            <Button testId={`revoke-${feed.name}`} disabled={revoke.isPending} onClick={() => revoke.mutate(feed.id)}>
              {t('calendar.revoke')}
            </Button>
          </li>
        ))}
      </ul>
    </Drawer>
  );
}
