import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../../api/client';
import { Button } from '../../../app/Button';

type Signal = NonNullable<Schema['DashboardReadPayload']['signals']>[number];

interface Props {
  signals: Signal[];
  isSet: boolean;
  onSignals: (signals: Signal[]) => void;
}

const COLOURS: Signal['colour'][] = ['red', 'amber', 'other'];
const RHYTHMS: Signal['rhythm'][] = ['steady', 'blinking'];

/** What shows on a panel that has other lamps than the four: what it says, its colour, and whether it blinks. */
export function SignalList({ signals, isSet, onSignals }: Props) {
  const { t } = useTranslation();
  const [isAdding, setIsAdding] = useState(false);

  return (
    <>
      <ul className="codes" aria-label={t('dashboard.signals')}>
        {signals.map((signal) => (
          <li key={signal.words}>
            <b>
              {signal.words}{' '}
              <span>
                {t(`dashboard.colour.${signal.colour}`)}, {t(`dashboard.rhythm.${signal.rhythm}`)}
              </span>
            </b>
            {isSet && (
              <Button onClick={() => onSignals(signals.filter((one) => one !== signal))}>
                {t('dashboard.take_out')}
              </Button>
            )}
          </li>
        ))}
      </ul>
      {isSet && !isAdding && (
        <Button testId="add-signal" under={t('dashboard.signal_under')} onClick={() => setIsAdding(true)}>
          {t('dashboard.add_signal')}
        </Button>
      )}
      {isSet && isAdding && (
        <SignalForm
          onSignal={(signal) => {
            onSignals([...signals.filter(({ words }) => words !== signal.words), signal]);
            setIsAdding(false);
          }}
        />
      )}
    </>
  );
}

function SignalForm({ onSignal }: { onSignal: (signal: Signal) => void }) {
  const { t } = useTranslation();
  const [words, setWords] = useState('');
  const [colour, setColour] = useState<Signal['colour']>('red');
  const [rhythm, setRhythm] = useState<Signal['rhythm']>('steady');

  return (
    <div className="signal-form">
      <TextField
        label={t('dashboard.signal_words')}
        value={words}
        onChange={(event) => setWords(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 60, 'data-testid': 'signal-words' } }}
      />
      <ToggleButtonGroup
        exclusive
        fullWidth
        value={colour}
        aria-label={t('dashboard.colours')}
        onChange={(_, chosen: Signal['colour'] | null) => chosen !== null && setColour(chosen)}
      >
        {COLOURS.map((one) => (
          <ToggleButton key={one} value={one} data-testid={`signal-${one}`}>
            {t(`dashboard.colour.${one}`)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <ToggleButtonGroup
        exclusive
        fullWidth
        value={rhythm}
        aria-label={t('dashboard.rhythms')}
        onChange={(_, chosen: Signal['rhythm'] | null) => chosen !== null && setRhythm(chosen)}
      >
        {RHYTHMS.map((one) => (
          <ToggleButton key={one} value={one} data-testid={`signal-${one}`}>
            {t(`dashboard.rhythm.${one}`)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Button
        tone="ink"
        testId="keep-signal"
        disabled={words.trim().length < 2}
        onClick={() => onSignal({ words: words.trim(), colour, rhythm })}
      >
        {t('dashboard.keep_signal')}
      </Button>
    </div>
  );
}
