import { useEffect, useRef } from 'react';
import { useTranslation } from 'react-i18next';
import type { CatalogueCheck } from './useCatalogue';

interface Props {
  checks: CatalogueCheck[];
  /** What a feature of this model means, by its id. */
  words: Map<string, string>;
  /** The check that was looked for: it is brought into sight and marked. */
  sought?: string | null;
}

/** Checks as ledger lines in their groups: what, when, in which state, how grave, by what, and on whose authority. */
export function CheckLedger({ checks, words, sought = null }: Props) {
  const { t } = useTranslation();
  const soughtRow = useRef<HTMLTableRowElement>(null);
  useEffect(() => soughtRow.current?.scrollIntoView({ block: 'center' }), [sought]);
  const groups = [...new Set(checks.map((check) => check.group))];
  if (checks.length === 0) {
    return <p className="checks-empty">{t('catalogue.none')}</p>;
  }

  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls has to be reached by keys
    <div className="checks-frame" tabIndex={0} role="region" aria-label={t('catalogue.checks')}>
      <table className="checks">
        <thead>
          <tr>
            <th>{t('catalogue.check')}</th>
            <th>{t('catalogue.state')}</th>
            <th>{t('catalogue.because')}</th>
            <th>{t('catalogue.source')}</th>
          </tr>
        </thead>
        {groups.map((group) => (
          <tbody key={group}>
            <tr>
              <th colSpan={4} scope="rowgroup">
                {group}
              </th>
            </tr>
            {checks
              .filter((check) => check.group === group)
              .map((check) => (
                <tr
                  key={check.id}
                  ref={check.id === sought ? soughtRow : undefined}
                  className={check.id === sought ? 'check-sought' : undefined}
                  data-testid={`check-${check.id}`}
                >
                  <td>
                    <b>{check.title}</b>
                    <span>{check.accept}</span>
                  </td>
                  <td>
                    {check.needs}
                    <span>{check.occasions.map((occasion) => t(`occasion.${occasion}`)).join(', ')}</span>
                    {check.stands_for_days > 0 && (
                      <span>{t('catalogue.stands_for', { count: check.stands_for_days })}</span>
                    )}
                  </td>
                  <td>
                    <Because check={check} words={words} />
                  </td>
                  <td>
                    {t(`severity.short.${check.severity}`)}
                    <span>{t(`source.${check.source.kind}`)}: {check.source.words}</span>
                  </td>
                </tr>
              ))}
          </tbody>
        ))}
      </table>
    </div>
  );
}

function Because({ check, words }: { check: CatalogueCheck; words: Map<string, string> }) {
  const { t } = useTranslation();
  const named = (ids: string[]) => ids.map((id) => words.get(id) ?? id.replaceAll('_', ' ')).join('; ');
  if (check.applies) {
    return check.by.length === 0 ? t('catalogue.every_machine') : named(check.by);
  }

  return (
    <>
      {check.lacking.length > 0 && t('catalogue.lacking', { features: named(check.lacking) })}
      {check.hindering.length > 0 && t('catalogue.hindering', { features: named(check.hindering) })}
    </>
  );
}
