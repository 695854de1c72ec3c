import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { whatToDo } from '../../api/problem';
import { Notice } from '../../app/Notice';
import { Page } from '../../app/Page';
import { Mark } from '../../marks/Mark';
import { useHouseRules } from './useCatalogue';
import './catalogue.css';

/** Where practitioners differ: every school with its reason, and the one that this yard follows. */
export default function HouseRulesPage() {
  const { t } = useTranslation();
  const rules = useHouseRules();
  if (rules.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (rules.data === undefined) {
    return <Notice words={whatToDo(rules.error, t('state.no_answer'))} act={t('state.try_again')} onAct={() => void rules.refetch()} />;
  }

  return (
    <Page title={t('catalogue.house_rules')} sub={t('catalogue.rules_words')} leaf={t('catalogue.title')} tabs right={<Link to="/catalogue">{t('catalogue.all_models')}</Link>}>
      <ul className="house-rules">
        {rules.data.rules.map((rule) => (
          <li key={rule.id}>
            <div>
              <h2>{rule.title}</h2>
              <p>{rule.why}</p>
              <small>
                {t(`source.${rule.source.kind}`)}: {rule.source.words}
              </small>
            </div>
            <ol>
              {rule.schools.map((school) => {
                const isOurs = school.id === rule.value || rule.schools.length === 1;

                return (
                  <li key={school.id} className={isOurs ? 'ours' : ''}>
                    {isOurs && <Mark outcome="stands" size={20} />}
                    <span>
                      <b>{rule.schools.length === 1 ? `${rule.value} ${school.name.toLowerCase()}` : school.name}</b>
                      {school.why}
                    </span>
                  </li>
                );
              })}
            </ol>
          </li>
        ))}
      </ul>
    </Page>
  );
}
