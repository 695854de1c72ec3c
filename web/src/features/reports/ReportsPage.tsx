import { useTranslation } from 'react-i18next';
import { whatToDo } from '../../api/problem';
import { Notice } from '../../app/Notice';
import { Page } from '../../app/Page';
import { MyName } from '../session/MyName';
import { useMe } from '../session/useSession';
import { OneReport } from './OneReport';
import { useOpenReports } from './useReports';

/** Faults that hirers reported from their page. None of them stops a machine by itself: somebody of the yard looks. */
export default function ReportsPage() {
  const { t } = useTranslation();
  const me = useMe();
  const reports = useOpenReports();
  if (reports.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (reports.data === undefined) {
    return (
      <Notice
        words={whatToDo(reports.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void reports.refetch()}
      />
    );
  }

  return (
    <Page
      title={t('reports.title')}
      sub={t('reports.sub')}
      leaf={t('reports.title')}
      tabs
      isRead
      right={<MyName />}
    >
      <div className="hirer-reports">
        {reports.data.reports.length === 0 && <p>{t('reports.none')}</p>}
        {reports.data.reports.map((report) => (
          <OneReport key={report.id} report={report} maySettle={me.may.walk || me.may.settle} />
        ))}
      </div>
    </Page>
  );
}
