import './stamp.css';

interface Props {
  tone: 'jade' | 'oxide' | 'ink';
  top: string;
  word: string;
  reason?: string;
  foot: string;
}

/** The only rotated thing: released is jade, tagged out oxide, closed ink. */
export function Stamp({ tone, top, word, reason, foot }: Props) {
  return (
    <div className={`stamp stamp-${tone}`} data-testid="stamp">
      <div>
        <p>{top}</p>
        <b>{word}</b>
        {reason !== undefined && reason !== '' && <p>{reason}</p>}
        <small>{foot}</small>
      </div>
    </div>
  );
}
