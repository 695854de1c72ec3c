import { useTranslation } from 'react-i18next';
import { Leaf } from '../../app/Leaf';
import { WALK_KEYS } from './useWalkKeys';

/** The keys of a walk, for whoever has a keyboard at the tablet. */
export function KeysLeaf({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { t } = useTranslation();

  return (
    <Leaf open={open} title={t('keys.title')} onClose={onClose}>
      <dl className="keys">
        {WALK_KEYS.map((key) => (
          <div key={key}>
            <dt>
              <kbd>{key}</kbd>
            </dt>
            <dd>{t(`keys.${key === '?' ? 'help' : key}`)}</dd>
          </div>
        ))}
      </dl>
    </Leaf>
  );
}
