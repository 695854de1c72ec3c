import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { whatToDo } from '../../api/problem';
import { Notice } from '../../app/Notice';
import { Page } from '../../app/Page';
import { shortDate } from '../../app/figures';
import { Mark } from '../../marks/Mark';
import { useMe } from '../session/useSession';
import { ChooseRuleDrawer } from './ChooseRuleDrawer';
import { useHouseRules, type HouseRule } from './useCatalogue';
import { YardFacts } from './YardFacts';
import './catalogue.css';

/** Where practitioners differ: every school with its reason, and the one that this yard follows. */
export default function HouseRulesPage() {
  const { t } = useTranslation();
  const me = useMe();
  const rules = useHouseRules();
  const [choosing, setChoosing] = useState<{ rule: HouseRule; value: string } | null>(null);
  if (rules.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (rules.data === undefined) {
    return (
      <Notice
        words={whatToDo(rules.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void rules.refetch()}
      />
    );
  }

  return (
    <Page
      title={t('catalogue.house_rules')}
      sub={t('catalogue.rules_words')}
      leaf={t('catalogue.title')}
      tabs
      isRead
      right={<Link to="/catalogue">{t('catalogue.all_models')}</Link>}
    >
      <YardFacts mayKeep={me.may.lead} />
      <ul className="house-rules">
        {rules.data.rules.map((rule) => (
          <li key={rule.id}>
            <div>
              <h2>{rule.title}</h2>
              <p>{rule.why}</p>
              <small>
                {t(`source.${rule.source.kind}`)}: {rule.source.words}
              </small>
              <Changes rule={rule} />
            </div>
            <ol>
              {rule.schools.map((school) => {
                const isOurs = school.id === rule.value || rule.schools.length === 1;

                return (
                  <li key={school.id} className={isOurs ? 'ours' : ''}>
                    <button
                      type="button"
                      disabled={isOurs || !me.may.lead}
                      data-testid={`school-${rule.id}-${school.id}`}
                      aria-pressed={isOurs}
                      onClick={() => setChoosing({ rule, value: school.id })}
                    >
                      {isOurs && <Mark outcome="stands" size={20} />}
                      <span>
                        <b>{rule.schools.length === 1 ? `${rule.value} ${school.name.toLowerCase()}` : school.name}</b>
                        {school.why}
                      </span>
                    </button>
                  </li>
                );
              })}
            </ol>
          </li>
        ))}
      </ul>
      <h2 className="stated-head">{t('catalogue.stated')}</h2>
      <p className="stated-words">{t('catalogue.stated_words')}</p>
      <ul className="house-rules">
        {rules.data.stated.map((one) => (
          <li key={one.id}>
            <div>
              <h2>{one.title}</h2>
              <small>
                {t(`source.${one.source.kind}`)}: {one.source.words}
              </small>
            </div>
            <ol>
              <li className="ours">
                <p>
                  <Mark outcome="stands" size={20} />
                  <span>
                    <b>{one.followed.name}</b>
                    {one.followed.why}
                  </span>
                </p>
              </li>
              <li>
                <p>
                  <span>
                    <b>{one.other.name}</b>
                    {one.other.why}
                  </span>
                </p>
              </li>
            </ol>
          </li>
        ))}
      </ul>
      {choosing !== null && (
        <ChooseRuleDrawer rule={choosing.rule} value={choosing.value} onClose={() => setChoosing(null)} />
      )}
    </Page>
  );
}

/** Nothing is rubbed out: what was followed before stays legible, struck once. */
function Changes({ rule }: { rule: HouseRule }) {
  const { t } = useTranslation();
  const name = (value: string) => rule.schools.find((school) => school.id === value)?.name ?? value;

  return (
    <ul className="rule-changes" data-testid={`changes-${rule.id}`}>
      {rule.changes.map((change, at) => (
        <li key={change.at}>
          {at === 0 ? name(change.value) : <s>{name(change.value)}</s>}{' '}
          {t('catalogue.since', { at: shortDate(change.at), name: change.by.name })}
          <i>{change.reason}</i>
        </li>
      ))}
    </ul>
  );
}
