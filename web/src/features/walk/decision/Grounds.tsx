import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../../api/client';
import { Mark } from '../../../marks/Mark';
import { UnreadLines } from './UnreadLines';

type Ground = Schema['Release']['grounds'][number];

interface Props {
  /** As the yard orders them: what was found, then what nobody has looked at. */
  grounds: Ground[];
  conditions: Record<string, string>;
  mayLead: boolean;
  onConditions: (conditions: Record<string, string>) => void;
  onGoLine: (key: string) => void;
}

/** What forbids it, and what would lift each. */
export function Grounds({ grounds, ...each }: Props) {
  const { t } = useTranslation();
  if (grounds.length === 0) {
    return <p>{t('decision.no_grounds')}</p>;
  }
  const found = grounds.filter((ground) => ground.outcome !== 'open');
  const unread = grounds.filter((ground) => ground.outcome === 'open');

  return (
    <>
      {found.length > 0 && <GroundList grounds={found} {...each} />}
      <UnreadLines count={unread.length}>
        <GroundList grounds={unread} {...each} />
      </UnreadLines>
    </>
  );
}

function GroundList({ grounds, conditions, mayLead, onConditions, onGoLine }: Props) {
  const { t } = useTranslation();

  return (
    <ul className="grounds">
      {grounds.map((ground) => (
        <li key={ground.reference} className={ground.outcome === 'stop' ? 'ground-stop' : ''}>
          <button
            type="button"
            disabled={ground.line === null}
            onClick={() => ground.line !== null && onGoLine(ground.line)}
          >
            <Mark outcome={ground.outcome} />
            <span>
              <b>{ground.title}</b>
              {ground.words}
              <small>{t(`lifted.${ground.lifted_by}`)}</small>
            </span>
          </button>
          {mayLead && ground.lifted_by === 'leads_condition' && (
            <TextField
              label={t('decision.condition')}
              value={conditions[ground.reference] ?? ''}
              fullWidth
              onChange={(event) => onConditions({ ...conditions, [ground.reference]: event.target.value })}
              slotProps={{ htmlInput: { maxLength: 500, 'data-testid': 'condition' } }}
            />
          )}
        </li>
      ))}
    </ul>
  );
}
