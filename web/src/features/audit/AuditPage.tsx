import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { whatToDo } from '../../api/problem';
import { shortDate } from '../../app/figures';
import { Notice } from '../../app/Notice';
import { LongList, type Measured } from '../../app/LongList';
import { Page } from '../../app/Page';
import { useAudit } from './useAudit';
import './audit.css';

type Entry = Schema['AuditPage']['entries'][number];

/** Who came in, and who changed what everything else rests on. */
export default function AuditPage() {
  const { t } = useTranslation();
  const audit = useAudit();
  if (audit.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (audit.data === undefined) {
    return (
      <Notice
        words={whatToDo(audit.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void audit.refetch()}
      />
    );
  }
  const entries = audit.data.pages.flatMap((page) => page.entries);

  return (
    <Page title={t('audit.title')} sub={t('audit.words')} leaf={t('audit.title')} tabs isRead>
      {entries.length === 0 && <p className="audit-none">{t('audit.none')}</p>}
      <table className="audit">
        <tbody>
          <LongList
            items={entries}
            keyOf={(entry) => String(entry.id)}
            as="tr"
            height={56}
            pages={audit}
            row={(entry, measured) => <AuditLine entry={entry} measured={measured} />}
          />
        </tbody>
      </table>
    </Page>
  );
}

function AuditLine({ entry, measured }: { entry: Entry; measured: Measured }) {
  const { t } = useTranslation();

  return (
    <tr data-testid="audit-entry" {...measured}>
      <td className="audit-when">{shortDate(entry.at)}</td>
      <td className="audit-who">{entry.actor?.name ?? t('audit.nobody')}</td>
      <td>
        <b>{t(`audit.kind.${entry.kind}`)}</b>
        {entry.subject !== entry.actor?.name && <span> {entry.subject}</span>}
        <Change word={t('audit.was')} of={entry.before} />
        <Change word={t('audit.is')} of={entry.after} />
      </td>
      <td className="audit-from">{entry.address !== null && t('audit.from', { address: entry.address })}</td>
    </tr>
  );
}

/** What stood there before, or stands there now, field by field. */
function Change({ word, of }: { word: string; of: Entry['before'] }) {
  const fields = Object.entries(of);
  if (fields.length === 0) {
    return null;
  }

  return (
    <i>
      {word}{' '}
      {fields
        .slice(0, 6)
        .map(
          ([name, value]) =>
            `${name.replaceAll('_', ' ')} ${typeof value === 'string' ? value : JSON.stringify(value).slice(0, 80)}`,
        )
        .join(', ')}
    </i>
  );
}
