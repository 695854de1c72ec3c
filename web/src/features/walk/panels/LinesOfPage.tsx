import { useEffect, useRef } from 'react';
import { useTranslation } from 'react-i18next';
import { Mark } from '../../../marks/Mark';
import type { PanelProps } from './PanelProps';

interface Props extends Pick<PanelProps, 'walk' | 'position' | 'pending'> {
  /** The numbers of the lines of the page, as in its list and on its drawing. */
  numbers: Map<string, number>;
}

/** The list of the page, folded to its marks: the present one is brought into sight. */
export function LinesOfPage({ walk, position, pending, numbers }: Props) {
  const { t } = useTranslation();
  const present = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    // In braces: newer browsers answer with a promise, which is no way to tidy up an effect.
    void present.current?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [position.line.key]);
  const numberOf = (key: string) => numbers.get(key) ?? 0;
  const lines = position.visit.lines
    .filter((line) => position.leaf.lines.includes(line.key))
    .sort((a, b) => numberOf(a.key) - numberOf(b.key));

  return (
    <ol className="panel-lines" aria-label={t('walk.lines_here', { name: position.visit.name })}>
      {lines.map((line) => {
        const said = walk.state.lines.find((one) => one.key === line.key)?.outcome ?? 'open';
        const outcome = said === 'open' && pending.has(line.key) ? 'stands' : said;

        return (
          <li key={line.key}>
            <button
              ref={line.key === position.line.key ? present : undefined}
              type="button"
              aria-current={line.key === position.line.key ? 'true' : undefined}
              data-testid={`at-${line.key}`}
              aria-label={`${line.title}, ${t(`outcome.${outcome}`)}`}
              onClick={() => position.goLine(line.key)}
            >
              <Mark outcome={outcome} size={20} />
              {numberOf(line.key)}
            </button>
          </li>
        );
      })}
    </ol>
  );
}
