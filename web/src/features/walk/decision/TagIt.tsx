import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { HoldButton } from '../../../app/HoldButton';

export interface TagPayload extends Record<string, unknown> {
  reason: string;
  reference?: string;
  keys_at?: string;
}

interface Props {
  /** What is proposed as the reason: the gravest thing that was found. */
  worst: { reference: string; words: string } | undefined;
  isOpen: boolean;
  busy: boolean;
  onTag: (tag: TagPayload) => void;
}

/** Hangs a tag: anybody who walks may, at any time. */
export function TagIt({ worst, isOpen, busy, onTag }: Props) {
  const { t } = useTranslation();
  const [reason, setReason] = useState<string | null>(null);
  const [keys, setKeys] = useState('');
  const words = reason ?? worst?.words ?? '';

  return (
    <details className="tag-it" open={isOpen}>
      <summary>{t('tag.title')}</summary>
      <p>{t('tag.words')}</p>
      <TextField
        label={t('tag.reason')}
        value={words}
        multiline
        fullWidth
        onChange={(event) => setReason(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 1000, 'data-testid': 'tag-reason' } }}
      />
      <TextField
        label={t('tag.keys')}
        value={keys}
        fullWidth
        onChange={(event) => setKeys(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 120, 'data-testid': 'tag-keys' } }}
      />
      <HoldButton
        tone="oxide"
        disabled={busy || words.trim().length < 3}
        testId="hang-tag"
        under={t('act.hold')}
        onHeld={() =>
          onTag({
            reason: words.trim(),
            ...(worst === undefined ? {} : { reference: worst.reference }),
            ...(keys.trim() === '' ? {} : { keys_at: keys.trim() }),
          })
        }
      >
        {t('tag.hang')}
      </HoldButton>
    </details>
  );
}
