import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { ProblemWords } from '../../app/ProblemWords';
import { useSession } from '../session/useSession';
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
  const [amount, setAmount] = useState('');
  const currency = useSession().data?.yard.currency ?? null;
  const plain = amount.trim().replace(',', '.');
  const charge = currency === null || plain === '' ? {} : { charge: { amount: plain, currency } };
  const isAmount = plain === '' || /^\d{1,9}(\.\d{1,3})?$/.test(plain);
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
          disabled={busy || words.trim().length < 3 || !isAmount}
          onClick={() =>
            void send(() => post('spread.explained', { line: line.key, words: words.trim(), ...charge })).then(
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
      {currency !== null && (
        <TextField
          label={t('spread.charge', { currency })}
          value={amount}
          error={!isAmount}
          helperText={t(isAmount ? 'spread.charge_words' : 'spread.charge_wrong')}
          onChange={(event) => setAmount(event.target.value)}
          slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 14, 'data-testid': 'charge' } }}
        />
      )}
      <ProblemWords problem={problem} />
    </Drawer>
  );
}
