import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { ProblemWords } from '../../app/ProblemWords';
import { useSend } from '../walk/state/useSend';
import type { Post } from '../walk/state/useWalk';

export interface ToExplain {
  key: string;
  title: string;
  words: string;
}

const USUAL = ['charged', 'admitted', 'ours', 'follows'] as const;

/** Why a line does not balance: in a word that is often right, or in one's own. */
export function ExplainDrawer({ line, post, onClose }: { line: ToExplain; post: Post; onClose: () => void }) {
  const { t } = useTranslation();
  const [words, setWords] = useState('');
  const { busy, problem, send } = useSend();

  return (
    <Drawer
      open
      title={line.title}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="explain-post"
          disabled={busy || words.trim().length < 3}
          onClick={() =>
            void send(() => post('spread.explained', { line: line.key, words: words.trim() })).then(
              (posted) => posted && onClose(),
            )
          }
        >
          {t('spread.post_explanation')}
        </Button>
      }
    >
      <p className="slab">{line.words}</p>
      <div className="choices">
        {USUAL.map((reason) => (
          <Button
            key={reason}
            pressed={words === t(`explain.${reason}`)}
            testId={`why-${reason}`}
            onClick={() => setWords(t(`explain.${reason}`))}
          >
            {t(`explain.${reason}`)}
          </Button>
        ))}
      </div>
      <TextField
        label={t('spread.why')}
        value={words}
        multiline
        minRows={3}
        onChange={(event) => setWords(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 2000, 'data-testid': 'explain-words' } }}
      />
      <ProblemWords problem={problem} />
    </Drawer>
  );
}
