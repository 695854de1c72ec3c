import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { Link, useNavigate, useParams } from 'react-router';
import { problemOf, whatToDo } from '../../api/problem';
import { HoldButton } from '../../app/HoldButton';
import { Notice } from '../../app/Notice';
import { Page } from '../../app/Page';
import { usePersistentState } from '../../app/usePersistentState';
import { ProblemWords } from '../../app/ProblemWords';
import { useMe } from '../session/useSession';
import { FamilyPicker } from './FamilyPicker';
import { FeaturePicker } from './FeaturePicker';
import { LimitFields } from './LimitFields';
import { useKeepModel, useModel, useModelChoices, useModelDraft, type ModelSheet } from './useCatalogue';
import './modelSheet.css';

const EMPTY: ModelSheet = {
  family: '',
  maker: '',
  name: '',
  describes: '',
  mass_kg: '',
  features: [],
  source: '',
  limits: {},
};
const PLAIN = ['maker', 'name', 'describes', 'mass_kg'] as const;

/** The sheet of a new model; with an id in the address, the sheet of one that the yard wrote down before. */
export default function ModelSheetPage() {
  const { t } = useTranslation();
  const { modelId } = useParams();
  const me = useMe();
  const navigate = useNavigate();
  const choices = useModelChoices();
  const model = useModel(modelId ?? '');
  if (!me.may.lead) {
    return (
      <Notice
        words={t('sheet.for_the_lead')}
        act={t('catalogue.all_models')}
        onAct={() => void navigate('/catalogue', { replace: true })}
      />
    );
  }
  const awaited = modelId !== undefined && model.data === undefined ? model : choices;
  if (choices.data === undefined || (modelId !== undefined && model.data === undefined)) {
    return awaited.isPending ? (
      <Notice words={t('state.fetching')} />
    ) : (
      <Notice
        words={whatToDo(awaited.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void awaited.refetch()}
      />
    );
  }

  const shipped = model.data?.sheet === null ? model.data.model : null;
  if (shipped !== null) {
    const name = `${shipped.maker} ${shipped.name}`;

    return (
      <Notice
        words={t('sheet.of_the_product', { name })}
        act={t('sheet.open', { name })}
        onAct={() => void navigate(`/catalogue/models/${shipped.id}`, { replace: true })}
      />
    );
  }

  return <Sheet key={modelId} modelId={modelId} choices={choices.data} from={model.data?.sheet ?? EMPTY} />;
}

interface Props {
  modelId: string | undefined;
  choices: NonNullable<ReturnType<typeof useModelChoices>['data']>;
  from: ModelSheet;
}

function Sheet({ modelId, choices, from }: Props) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const [sheet, setSheet] = usePersistentState(`model-sheet.1.${modelId ?? 'new'}`, from);
  const draft = useModelDraft(sheet.family, sheet.features);
  const keep = useKeepModel(modelId);
  const problem = keep.error === null ? null : problemOf(keep.error, t('state.no_network'));
  const faults = problem?.field ?? {};
  const family = choices.families.find((one) => one.id === sheet.family);
  const asked = new Set(draft.data?.limits.flatMap((limit) => limit.fields.map((field) => field.name)));
  const change = (part: Partial<ModelSheet>) => setSheet({ ...sheet, ...part });
  const send = () => {
    // Figures of features that were taken back again stay on the sheet, but are not sent.
    const limits = Object.fromEntries(
      Object.entries(sheet.limits).filter(([name, value]) => asked.has(name) && value.trim() !== ''),
    );
    keep.mutate(
      { ...sheet, limits },
      {
        onSuccess: (kept) => {
          setSheet(modelId === undefined ? EMPTY : { ...sheet, limits });
          void navigate(`/catalogue/models/${kept.model.id}`);
        },
      },
    );
  };

  return (
    <Page
      title={modelId === undefined ? t('sheet.new') : t('sheet.correct', { name: `${from.maker} ${from.name}` })}
      sub={t('sheet.sub')}
      leaf={t('catalogue.title')}
      tabs
      right={<Link to="/catalogue">{t('catalogue.all_models')}</Link>}
    >
      <div className="sheet">
        <section className="sheet-names" aria-label={t('sheet.names')}>
          <FamilyPicker
            families={choices.families}
            value={sheet.family}
            fault={faults['family']?.[0]}
            isFixed={modelId !== undefined}
            onPick={(id) => change({ family: id })}
          />
          {PLAIN.map((key) => (
            <TextField
              key={key}
              label={t(`sheet.${key}`)}
              value={sheet[key]}
              disabled={modelId !== undefined && (key === 'maker' || key === 'name')}
              error={faults[key] !== undefined}
              helperText={faults[key]?.[0]}
              onChange={(event) => change({ [key]: event.target.value })}
              slotProps={{
                htmlInput: {
                  'data-testid': `sheet-${key}`,
                  inputMode: key === 'mass_kg' ? 'numeric' : 'text',
                  maxLength: 240,
                },
              }}
            />
          ))}
        </section>
        <FeaturePicker
          features={choices.features}
          given={family?.features ?? []}
          chosen={sheet.features}
          fault={faults['features']?.[0]}
          onChoose={(features) => change({ features })}
        />
        <section className="sheet-limits" aria-label={t('sheet.limits')}>
          <h2>{t('sheet.limits')}</h2>
          {family === undefined ? (
            <p>{t('sheet.family_first')}</p>
          ) : (
            <LimitFields
              limits={draft.data?.limits ?? []}
              entered={sheet.limits}
              faults={faults}
              onEnter={(name, value) => change({ limits: { ...sheet.limits, [name]: value } })}
            />
          )}
          <TextField
            label={t('sheet.source')}
            value={sheet.source}
            error={faults['source'] !== undefined}
            helperText={faults['source']?.[0] ?? t('sheet.source_words')}
            onChange={(event) => change({ source: event.target.value })}
            slotProps={{ htmlInput: { 'data-testid': 'sheet-source', maxLength: 240 } }}
          />
          <ProblemWords
            problem={
              problem === null
                ? null
                : { ...problem, field: faults['limits'] === undefined ? {} : { limits: faults['limits'] } }
            }
          />
          <HoldButton
            testId="keep-model"
            disabled={keep.isPending || family === undefined}
            under={t('act.hold')}
            onHeld={send}
          >
            {t('sheet.keep')}
          </HoldButton>
        </section>
      </div>
    </Page>
  );
}
