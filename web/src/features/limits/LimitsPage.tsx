import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import { useTranslation } from 'react-i18next';
import { useParams, useSearchParams } from 'react-router';
import { whatToDo } from '../../api/problem';
import { Notice } from '../../app/Notice';
import { Page } from '../../app/Page';
import { shortDate } from '../../app/figures';
import { MyName } from '../session/MyName';
import { useSession } from '../session/useSession';
import { SheetForm } from './SheetForm';
import { SiteAnswers } from './SiteAnswers';
import { useKeepLimits, useLimits, type Limits } from './useLimits';
import './limits.css';

/** Limits for this hire: the site, a sheet for each limit of the machine, and what is left of the maker's figures. */
export default function LimitsPage() {
  const { t } = useTranslation();
  const { machineId = '' } = useParams();
  const [query] = useSearchParams();
  const limits = useLimits(machineId, query.get('hire'));
  if (limits.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (limits.data === undefined) {
    return (
      <Notice
        words={whatToDo(limits.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void limits.refetch()}
      />
    );
  }

  return <LimitsOf limits={limits.data} />;
}

function LimitsOf({ limits }: { limits: Limits }) {
  const { t } = useTranslation();
  const [query, setQuery] = useSearchParams();
  const me = useSession().data?.user;
  const keep = useKeepLimits(limits.hire?.id ?? '');
  const { machine, hire, sheets } = limits;
  const sheet = sheets.find((one) => one.id === query.get('sheet')) ?? sheets[0];
  const isSet = (id: string) => limits.set.some((one) => one.sheet === id);
  const mayKeep = me !== undefined && me !== null && (me.may.walk || me.may.hand_over || me.may.book);

  return (
    <Page
      title={hire === null ? t('limits.title') : t('limits.title_hire')}
      sub={
        <>
          {machine.number}, {machine.describes}, {machine.model}
          {hire !== null && <>, {t('limits.for', { hirer: hire.hirer, until: shortDate(hire.until) })}</>}
        </>
      }
      folio={hire?.folio}
      leaf={t('limits.leaf')}
      right={<MyName />}
    >
      <div className="limits">
        <Tabs
          className="limits-tabs"
          value={sheet?.id ?? false}
          variant="scrollable"
          scrollButtons="auto"
          allowScrollButtonsMobile
          aria-label={t('limits.sheets')}
          onChange={(_, id: string) =>
            setQuery((before) => {
              before.set('sheet', id);

              return before;
            }, { replace: true })
          }
        >
          {sheets.map((one) => (
            <Tab
              key={one.id}
              value={one.id}
              data-testid={`sheet-${one.id}`}
              label={isSet(one.id) ? t('limits.sheet_set', { title: one.title }) : one.title}
            />
          ))}
        </Tabs>
        {hire !== null && (
          <SiteAnswers
            questions={limits.site}
            disabled={!mayKeep || keep.isPending}
            onAnswer={(question, answer) => keep.mutate({ site: { [question]: answer } })}
          />
        )}
        {sheet === undefined ? (
          <p>{t('limits.none')}</p>
        ) : (
          <SheetForm key={sheet.id} sheet={sheet} limits={limits} mayKeep={mayKeep} />
        )}
      </div>
      {keep.error !== null && <p role="alert">{whatToDo(keep.error, t('limits.no_network'))}</p>}
    </Page>
  );
}
