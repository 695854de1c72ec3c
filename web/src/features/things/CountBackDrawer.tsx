import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { ProblemWords } from '../../app/ProblemWords';
import { useSend } from '../walk/state/useSend';
import type { Post } from '../walk/state/useWalk';
import { CountRow } from './CountRow';
import './things.css';

interface Props {
  things: Schema['ThingOfHire'][];
  post: Post;
  onClose: () => void;
}

/** What came back of what went along: each is counted, and nothing is taken as counted before somebody did. */
export function CountBackDrawer({ things, post, onClose }: Props) {
  const { t } = useTranslation();
  const { busy, problem, send } = useSend();
  const went = things.filter(({ handed }) => (handed ?? 0) > 0);
  const [counts, setCounts] = useState<Record<string, number>>(() =>
    Object.fromEntries(went.flatMap(({ thing, returned }) => (returned === null ? [] : [[thing, returned]]))),
  );
  const counted = went.flatMap(({ thing }) => {
    const count = counts[thing];

    return count === undefined ? [] : [{ thing, count }];
  });

  return (
    <Drawer
      open
      title={t('things.back')}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="things-post"
          disabled={busy || counted.length < went.length}
          onClick={() =>
            void send(() => post('things.returned', { things: counted })).then((posted) => posted && onClose())
          }
        >
          {t('things.keep')}
        </Button>
      }
    >
      <p className="slab">{t('things.back_words')}</p>
      <ul className="count-rows">
        {went.map(({ thing, name, handed, marks }) => (
          <CountRow
            key={thing}
            id={thing}
            name={name}
            count={counts[thing] ?? null}
            under={[t('things.went', { count: handed ?? 0 }), marks].filter((words) => words !== '').join(', ')}
            onCount={(count) => setCounts((before) => ({ ...before, [thing]: count }))}
          />
        ))}
      </ul>
      <Button
        testId="all-back"
        onClick={() => setCounts(Object.fromEntries(went.map(({ thing, handed }) => [thing, handed ?? 0])))}
      >
        {t('things.all_back')}
      </Button>
      <ProblemWords problem={problem} />
    </Drawer>
  );
}
