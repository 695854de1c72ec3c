import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answer, api } from '../../api/client';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { ProblemWords } from '../../app/ProblemWords';
import { useMe } from '../session/useSession';
import type { Briefing } from './withShownHere';

/** The yard's own words at a step; a lead adds them, for everybody or for this hirer. */
export function StepNote({ briefing, step }: { briefing: Briefing; step: string }) {
  const { t } = useTranslation();
  const me = useMe();
  const [isOpen, setIsOpen] = useState(false);
  const note = briefing.notes?.[step];

  return (
    <>
      {note !== undefined && (
        <p className="step-note" data-testid="step-note">
          <b>{t('handover.yard_note')}</b> {note}
        </p>
      )}
      {me.may.lead && briefing.signed_at === null && (
        <button type="button" className="step-note-add" data-testid="note-step" onClick={() => setIsOpen(true)}>
          {t('handover.add_note')}
        </button>
      )}
      {isOpen && <NoteDrawer briefing={briefing} step={step} onClose={() => setIsOpen(false)} />}
    </>
  );
}

function NoteDrawer({ briefing, step, onClose }: { briefing: Briefing; step: string; onClose: () => void }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [words, setWords] = useState('');
  const [isForAll, setIsForAll] = useState(true);
  const keep = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/briefing-steps/{step}/note', {
          params: { path: { step } },
          body: { words: words.trim(), hirer_id: isForAll ? null : briefing.hirer_id },
        }),
      ),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['briefing', briefing.walk_id] });
      onClose();
    },
  });

  return (
    <Drawer open title={t('handover.add_note')} onClose={onClose}>
      <p>{t('handover.note_words')}</p>
      <div className="choices">
        <Button pressed={isForAll} testId="note-all" onClick={() => setIsForAll(true)}>
          {t('handover.note_all')}
        </Button>
        <Button pressed={!isForAll} testId="note-hirer" onClick={() => setIsForAll(false)}>
          {t('handover.note_hirer')}
        </Button>
      </div>
      <TextField
        label={t('handover.yard_note')}
        value={words}
        multiline
        minRows={3}
        onChange={(event) => setWords(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 300, 'data-testid': 'note-words' } }}
      />
      {keep.isError && <ProblemWords problem={problemOf(keep.error, t('state.no_network'))} />}
      <Button tone="jade" testId="keep-note" disabled={keep.isPending} onClick={() => keep.mutate()}>
        {t(words.trim() === '' ? 'handover.take_note_off' : 'handover.keep_note')}
      </Button>
    </Drawer>
  );
}
