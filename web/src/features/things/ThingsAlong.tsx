import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { Button } from '../../app/Button';
import { usePost, type Post } from '../walk/state/useWalk';
import { CountOutDrawer } from './CountOutDrawer';
import './things.css';

interface Props {
  walkId: string;
  things: Schema['ThingOfHire'][];
}

/** What goes along with the machine, read before it is signed for; counted out where nobody did before. */
export function ThingsAlong({ walkId, things }: Props) {
  const { t } = useTranslation();
  const [isCounting, setIsCounting] = useState(false);
  const queries = useQueryClient();
  const send = usePost(walkId);
  const along = things.filter(({ handed }) => (handed ?? 0) > 0);
  const post: Post = async (kind, payload, corrects) => {
    const result = await send(kind, payload, corrects);
    // Without a network it would wait for one; what was counted shows already.
    void queries.invalidateQueries({ queryKey: ['briefing', walkId] });

    return result;
  };
  if (things.length === 0) {
    return null;
  }

  return (
    <section className="things-along" aria-label={t('things.along')} data-testid="things-along">
      <div>
        <h2>{t('things.along')}</h2>
        {along.length === 0
          ? t('things.none')
          : along
              .map(({ name, handed, marks }) => `${handed} × ${name}${marks === '' ? '' : ` (${marks})`}`)
              .join('; ')}
      </div>
      <Button testId="count-out" onClick={() => setIsCounting(true)}>
        {t('things.count_out')}
      </Button>
      {isCounting && <CountOutDrawer things={things} post={post} onClose={() => setIsCounting(false)} />}
    </section>
  );
}
