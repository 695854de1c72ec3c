import TextField from '@mui/material/TextField';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Suspense, lazy, useEffect, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useNavigate } from 'react-router';
import { answer, api, type Schema } from '../../api/client';
import { whatToDo } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { useMe } from '../session/useSession';
import { wayOfLabel } from './wayOfLabel';
import './find.css';

// The reader of squares comes when somebody scans.
const ScanLabel = lazy(() => import('./ScanLabel'));

const PAGES = {
  day: '/',
  fleet: '/fleet',
  service: '/service',
  telematics: '/telematics',
  hirers: '/hirers',
  catalogue: '/catalogue',
  people: '/people',
  house_rules: '/catalogue/house-rules',
  doubts: '/doubts',
  audit: '/audit',
} as const;

function wayTo(hit: Schema['SearchResult']['hits'][number]): string {
  switch (hit.kind) {
    case 'person':
      return '/people';
    case 'hirer':
      return `/hirers?of=${hit.id}`;
    case 'check':
      return `/catalogue/models/${hit.at}?check=${hit.id}`;
    default:
      return `/fleet/${hit.id}`;
  }
}

/** One field for everything that has a name or a number. */
export function FindDrawer({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const me = useMe();
  const [words, setWords] = useState('');
  const [isScanning, setIsScanning] = useState(false);
  const [strange, setStrange] = useState<string | null>(null);
  const navigate = useNavigate();
  const field = useRef<HTMLInputElement>(null);
  const typed = words.trim();
  const found = useQuery({
    queryKey: ['search', typed],
    enabled: typed !== '',
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.GET('/api/search', { params: { query: { words: typed } } })),
  });
  useEffect(() => field.current?.focus(), []);
  const pages = Object.entries(PAGES)
    .filter(([key]) => key !== 'hirers' || me.may.book)
    .map(([key, to]) => ({ key, to, title: t(`find.pages.${key}`), sub: '' }));
  const fitting =
    typed === '' ? pages : pages.filter((page) => page.title.toLowerCase().startsWith(typed.toLowerCase()));
  const hits =
    typed === ''
      ? []
      : (found.data?.hits ?? []).map((hit) => ({
          key: hit.kind + hit.id + hit.title,
          to: wayTo(hit),
          title: hit.title,
          sub: hit.sub,
        }));
  const all = [...hits, ...fitting];

  const scanned = (text: string) => {
    const way = wayOfLabel(text);
    if (way === null) {
      setStrange(text);
    } else {
      onClose();
      void navigate(way);
    }
  };

  return (
    <Drawer open title={t('find.title')} onClose={onClose}>
      {isScanning ? (
        <Suspense fallback={<p role="status">{t('state.fetching')}</p>}>
          <ScanLabel onText={scanned} />
          {strange !== null && (
            <p role="alert" data-testid="strange-label">{t('find.strange', { text: strange.slice(0, 80) })}</p>
          )}
        </Suspense>
      ) : (
        <Button testId="scan" onClick={() => setIsScanning(true)}>
          {t('find.scan')}
        </Button>
      )}
      <TextField
        label={t(isScanning ? 'find.number' : 'find.words')}
        value={words}
        inputRef={field}
        onChange={(event) => setWords(event.target.value)}
        slotProps={{
          htmlInput: {
            maxLength: 60,
            'data-testid': 'find-field',
            autoCapitalize: 'none',
            inputMode: isScanning ? 'numeric' : 'text',
          },
        }}
      />
      {found.isError && <p role="alert">{whatToDo(found.error, t('state.no_network'))}</p>}
      <ul className="found" data-testid="found" aria-live="polite">
        {all.map(({ key, to, title, sub }) => (
          <li key={key}>
            <Link to={to} onClick={onClose}>
              <b>{title}</b>
              <span>{sub}</span>
            </Link>
          </li>
        ))}
        {typed !== '' && !found.isFetching && all.length === 0 && <li>{t('find.none')}</li>}
      </ul>
    </Drawer>
  );
}
