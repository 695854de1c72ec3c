import { useTranslation } from 'react-i18next';
import { Drawer } from '../../app/Drawer';
import { WALK_KEYS } from './state/useWalkKeys';

/** The keys of a walk, for whoever has a keyboard at the tablet. */
export function KeysDrawer({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { t } = useTranslation();

  return (
    <Drawer open={open} title={t('keys.title')} onClose={onClose}>
      <dl className="keys">
        {WALK_KEYS.map((key) => (
          <div key={key}>
            <dt>
              <kbd>{t(`keys.name.${key === '?' ? 'help' : key}`)}</kbd>
            </dt>
            <dd>{t(`keys.${key === '?' ? 'help' : key}`)}</dd>
          </div>
        ))}
      </dl>
    </Drawer>
  );
}
