import { useTranslation } from 'react-i18next';
import { Drawer } from '../../../app/Drawer';
import { Mark } from '../../../marks/Mark';
import type { Position } from '../state/useWalkPosition';
import type { Walk } from '../state/types';

interface Props {
  open: boolean;
  walk: Walk;
  position: Position;
  onClose: () => void;
}

/** The lines of a stop by their names: whoever looks for the oil finds it without counting. */
export function LinesDrawer({ open, walk, position, onClose }: Props) {
  const { t } = useTranslation();
  const outcomes = new Map(walk.state.lines.map((line) => [line.key, line.outcome]));

  return (
    <Drawer open={open} title={position.visit.name} onClose={onClose}>
      <ol className="lines-by-name">
        {position.visit.lines.map((line, at) => {
          const outcome = outcomes.get(line.key) ?? 'open';

          return (
            <li key={line.key}>
              <button
                type="button"
                aria-current={line.key === position.line.key ? 'true' : undefined}
                data-testid={`to-line-${line.check}`}
                onClick={() => {
                  onClose();
                  position.goLine(line.key);
                }}
              >
                <Mark outcome={outcome} size={22} />
                <b>{at + 1}</b>
                <span>
                  {line.title}
                  <span className="sr">, {t(`outcome.${outcome}`)}</span>
                </span>
              </button>
            </li>
          );
        })}
      </ol>
    </Drawer>
  );
}
