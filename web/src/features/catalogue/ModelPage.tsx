import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useParams, useSearchParams } from 'react-router';
import { whatToDo } from '../../api/problem';
import { Notice } from '../../app/Notice';
import { figure, shortDate } from '../../app/figures';
import { Page } from '../../app/Page';
import { drawing } from '../../plans/drawings';
import { Shapes } from '../../plans/Shapes';
import { ProgrammeList } from '../service/ProgrammeList';
import { PlateOfModel } from './PlateOfModel';
import { useMe } from '../session/useSession';
import { CheckLedger } from './CheckLedger';
import { useModel, type Model } from './useCatalogue';
import './catalogue.css';

/** A model: what it has at the left, and at the right which checks that brings with it, and by what. */
export default function ModelPage() {
  const { t } = useTranslation();
  const { modelId = '' } = useParams();
  const model = useModel(modelId);
  if (model.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (model.data === undefined) {
    return (
      <Notice
        words={whatToDo(model.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void model.refetch()}
      />
    );
  }

  return <ModelOf model={model.data} />;
}

function ModelOf({ model }: { model: Model }) {
  const { t } = useTranslation();
  const me = useMe();
  const [params] = useSearchParams();
  const [feature, setFeature] = useState<string | null>(null);
  const [shows, setShows] = useState<'applies' | 'not' | 'service' | 'plate'>('applies');
  const words = new Map(model.features.map((one) => [one.id, one.words]));
  const art = drawing(model.model.drawing);
  const [x, y, width, height] = art.frame;
  const applying = model.checks.filter((check) => check.applies);
  const others = model.checks.filter((check) => !check.applies);
  const shown = (shows === 'applies' ? applying : others).filter(
    (check) => feature === null || check.by.includes(feature),
  );

  return (
    <Page
      title={`${model.model.maker} ${model.model.name}`}
      sub={t('catalogue.sub', {
        describes: model.model.describes,
        family: model.model.family.toLowerCase(),
        mass: figure((model.mass_kg / 1000).toFixed(1)),
      })}
      leaf={t('catalogue.title')}
      tabs
      right={
        <>
          {model.sheet !== null && me.may.lead && (
            <Link to={`/catalogue/models/${model.model.id}/sheet`} data-testid="correct-model">
              {t('sheet.correct_it')}
            </Link>
          )}
          <Link to="/catalogue">{t('catalogue.all_models')}</Link>
        </>
      }
    >
      <div className="model">
        <aside className="model-has">
          <svg viewBox={`${x} ${y} ${width} ${height}`} role="img" aria-label={model.model.family}>
            <Shapes shapes={art.plan} />
          </svg>
          {model.walks.map((walk) => (
            <p key={walk.movement} className="model-walk">
              <b>{t(`catalogue.walk.${walk.movement}`)}</b>
              <span>
                {t('catalogue.walk_words', { lines: walk.lines, states: walk.states.length, minutes: walk.minutes })}
              </span>
            </p>
          ))}
          <p className="model-kept">
            {model.learned_from_walks === 0
              ? t('catalogue.times_given')
              : t('catalogue.times_learned', { count: model.learned_from_walks })}
          </p>
          {model.kept[0] !== undefined && (
            <p className="model-kept">
              {t('sheet.kept', {
                name: model.kept[0].by.name,
                at: shortDate(model.kept[0].at),
                count: model.kept.length,
              })}
            </p>
          )}
          {(['family', 'model', 'house_rule'] as const).map((from) => (
            <section key={from}>
              <h2>{t(`catalogue.from.${from}`)}</h2>
              <ul className="features">
                {model.features
                  .filter((one) => one.from === from)
                  .map((one) => (
                    <li key={one.id}>
                      <button
                        type="button"
                        aria-pressed={feature === one.id}
                        onClick={() => setFeature(feature === one.id ? null : one.id)}
                      >
                        {one.words}
                      </button>
                    </li>
                  ))}
              </ul>
            </section>
          ))}
        </aside>
        <section className="model-checks">
          <header role="group" aria-label={t('catalogue.checks')}>
            <button
              type="button"
              aria-pressed={shows === 'applies'}
              onClick={() => setShows('applies')}
              data-testid="applies"
            >
              {t('catalogue.apply', { count: applying.length })}
            </button>
            <button
              type="button"
              aria-pressed={shows === 'not'}
              data-testid="applies-not"
              onClick={() => {
                setShows('not');
                setFeature(null);
              }}
            >
              {t('catalogue.apply_not', { count: others.length })}
            </button>
            <button
              type="button"
              aria-pressed={shows === 'service'}
              data-testid="model-service"
              onClick={() => {
                setShows('service');
                setFeature(null);
              }}
            >
              {t('service.do_point')}
            </button>
            <button
              type="button"
              aria-pressed={shows === 'plate'}
              data-testid="model-plate"
              onClick={() => {
                setShows('plate');
                setFeature(null);
              }}
            >
              {t('plate.title')}
            </button>
            {feature !== null && (
              <button type="button" className="by-feature" onClick={() => setFeature(null)}>
                {t('catalogue.only_by', { feature: words.get(feature) })}
              </button>
            )}
          </header>
          {shows === 'service' && <ProgrammeList modelId={model.model.id} mayChange={me.may.lead} />}
          {shows === 'plate' && <PlateOfModel modelId={model.model.id} mayChange={me.may.lead} />}
          {(shows === 'applies' || shows === 'not') && (
            <CheckLedger checks={shown} words={words} sought={params.get('check')} />
          )}
        </section>
      </div>
    </Page>
  );
}
