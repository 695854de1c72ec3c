import { useTranslation } from 'react-i18next';
import { HoldAct } from '../../app/HoldAct';
import { Leaf } from '../../app/Leaf';
import type { Line, Visit } from './types';

interface Props {
  visit: Visit;
  /** Lines of this stop that are open and may be said to stand together. */
  lines: Line[];
  open: boolean;
  onClose: () => void;
  onStands: () => void;
}

/** Everything that is left at this station, in its own words, to be said at once. What can stop the machine is not among it. */
export function RestLeaf({ visit, lines, open, onClose, onStands }: Props) {
  const { t } = useTranslation();

  return (
    <Leaf
      open={open}
      title={t('rest.title', { name: visit.name })}
      onClose={onClose}
      foot={
        <HoldAct testId="rest-stands" under={t('act.hold')} onHeld={onStands}>
          {t('rest.stands', { count: lines.length })}
        </HoldAct>
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
    </Leaf>
  );
}
