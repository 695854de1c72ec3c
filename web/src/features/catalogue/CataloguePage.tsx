import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { whatToDo } from '../../api/problem';
import { Notice } from '../../app/Notice';
import { unbroken } from '../../app/figures';
import { Page } from '../../app/Page';
import { MiniPlan } from '../../plans/MiniPlan';
import { MyName } from '../session/MyName';
import { useMe } from '../session/useSession';
import { ImportDrawer } from './ImportDrawer';
import { useModels } from './useCatalogue';
import './catalogue.css';
import './modelSheet.css';

/** The models that the yard knows, by family. */
export default function CataloguePage() {
  const { t } = useTranslation();
  const me = useMe();
  const models = useModels();
  const [importing, setImporting] = useState(false);
  if (models.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (models.data === undefined) {
    return (
      <Notice
        words={whatToDo(models.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void models.refetch()}
      />
    );
  }
  const families = [...new Map(models.data.models.map((model) => [model.family, model.drawing]))];

  return (
    <Page
      title={t('catalogue.title')}
      sub={t('catalogue.count', { models: models.data.models.length, families: families.length })}
      leaf={t('catalogue.title')}
      tabs
      isRead
      right={
        <>
          {me.may.lead && (
            <>
              <Link to="/catalogue/models/new" data-testid="new-model">
                {t('sheet.new')}
              </Link>
              <button type="button" className="link" data-testid="open-import" onClick={() => setImporting(true)}>
                {t('table.title')}
              </button>
            </>
          )}
          <Link to="/catalogue/house-rules">{t('catalogue.house_rules')}</Link>
          <MyName />
        </>
      }
    >
      <ul className="catalogue-families">
        {families.map(([family, drawing]) => (
          <li key={family}>
            <MiniPlan name={drawing} width={132} height={64} />
            <div>
              <h2>{family}</h2>
              {models.data.models
                .filter((model) => model.family === family)
                .map((model) => (
                  <Link key={model.id} to={`/catalogue/models/${model.id}`} data-testid={`model-${model.id}`}>
                    <b>
                      {model.maker} {model.name}
                    </b>
                    <span>{unbroken(model.describes)}</span>
                  </Link>
                ))}
            </div>
          </li>
        ))}
      </ul>
      {importing && <ImportDrawer open onClose={() => setImporting(false)} />}
    </Page>
  );
}
