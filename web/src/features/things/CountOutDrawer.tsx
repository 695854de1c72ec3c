import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { ProblemWords } from '../../app/ProblemWords';
import { useSend } from '../walk/state/useSend';
import type { Post } from '../walk/state/useWalk';
import { CountRow, MarksField } from './CountRow';
import './things.css';

type Thing = Schema['ThingOfHire'];
type Count = Schema['CountOfThing'];

interface Props {
  things: Thing[];
  post: Post;
  onClose: () => void;
}

/** What goes along with the machine, counted out. */
export function CountOutDrawer({ things, post, onClose }: Props) {
  const { t } = useTranslation();
  const { busy, problem, send } = useSend();
  const [counts, setCounts] = useState<Record<string, Count>>({});
  const now = (thing: Thing): Count =>
    counts[thing.thing] ?? { thing: thing.thing, count: thing.handed ?? 0, marks: thing.marks };
  const change = (thing: Thing, part: Partial<Count>) =>
    setCounts((before) => ({ ...before, [thing.thing]: { ...now(thing), ...part } }));

  return (
    <Drawer
      open
      title={t('things.along')}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="things-post"
          disabled={busy || Object.keys(counts).length === 0}
          onClick={() =>
            void send(() => post('things.handed', { things: Object.values(counts) })).then(
              (posted) => posted && onClose(),
            )
          }
        >
          {t('things.keep')}
        </Button>
      }
    >
      <p className="slab">{t('things.along_words')}</p>
      <ul className="count-rows">
        {things.map((thing) => (
          <CountRow
            key={thing.thing}
            id={thing.thing}
            name={thing.name}
            count={now(thing).count}
            onCount={(count) => change(thing, { count })}
          >
            {thing.is_marked && now(thing).count > 0 && (
              <MarksField
                id={thing.thing}
                marks={now(thing).marks ?? ''}
                onMarks={(marks) => change(thing, { marks })}
              />
            )}
          </CountRow>
        ))}
      </ul>
      <ProblemWords problem={problem} />
    </Drawer>
  );
}
