import ButtonBase from '@mui/material/ButtonBase';
import type { ReactNode } from 'react';
import './act.css';

export type ButtonTone = 'plain' | 'jade' | 'ink' | 'oxide';

interface Props {
  children: ReactNode;
  under?: ReactNode;
  tone?: ButtonTone;
  disabled?: boolean;
  pressed?: boolean;
  label?: string;
  testId?: string;
  /** Where it leads, when it is a link: a number to ring, a page. */
  href?: string;
  /** A page that is printed or kept: what is entered here stays. */
  opensTab?: boolean;
  /** The name under which what it leads to is kept. */
  download?: string;
  onClick?: () => void;
}

/** Something to press with a glove: at least 64 px high, square, one line of what it does and one of what follows. */
export function Button({
  children,
  under,
  tone = 'plain',
  disabled,
  pressed,
  label,
  testId,
  href,
  opensTab = false,
  download,
  onClick,
}: Props) {
  return (
    <ButtonBase
      className={`act act-${tone}`}
      disabled={disabled ?? false}
      aria-pressed={pressed}
      aria-label={label}
      data-testid={testId}
      {...(href === undefined ? {} : { href })}
      {...(download === undefined ? {} : { download })}
      {...(opensTab ? { target: '_blank', rel: 'noopener' } : {})}
      onClick={onClick}
    >
      <span className="act-word">{children}</span>
      {under !== undefined && <span className="act-under">{under}</span>}
    </ButtonBase>
  );
}
