import { useTranslation } from 'react-i18next';
import { HoldButton } from '../../../app/HoldButton';
import { Drawer } from '../../../app/Drawer';
import type { Line, Visit } from '../state/types';

interface Props {
  visit: Visit;
  /** Lines of this stop that are open and may be said to stand together. */
  lines: Line[];
  open: boolean;
  onClose: () => void;
  onStands: () => void;
}

/** Everything that is left at this station, in its own words, to be said at once. What can stop the machine is not among it. */
export function RestDrawer({ visit, lines, open, onClose, onStands }: Props) {
  const { t } = useTranslation();

  return (
    <Drawer
      open={open}
      title={t('rest.title', { name: visit.name })}
      onClose={onClose}
      foot={
        <HoldButton testId="rest-stands" under={t('act.hold')} onHeld={onStands}>
          {t('rest.stands', { count: lines.length })}
        </HoldButton>
      }
    >
      <p>{t('rest.words')}</p>
      <ul className="rest">
        {lines.map((line) => (
          <li key={line.key}>
            <b>{line.title}</b>
            {line.accept}
          </li>
        ))}
      </ul>
    </Drawer>
  );
}
