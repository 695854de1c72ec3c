import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import type { Schema } from '../../api/client';
import { problemOf, whatToDo } from '../../api/problem';
import { Notice } from '../../app/Notice';
import { Page } from '../../app/Page';
import { MyName } from '../session/MyName';
import type { Walk } from '../walk/state/types';
import { useWalk } from '../walk/state/useWalk';
import { Entered } from './Entered';
import { openLines, typedOf } from './sheetDraft';
import { SheetFoot } from './SheetFoot';
import { SheetHead } from './SheetHead';
import { SheetState } from './SheetState';
import { useEnterSheet, useSheetDraft } from './useSheet';
import './sheet.css';

/** A walk that was done with paper and pen is entered in the order of the paper. */
export default function SheetPage() {
  const { t } = useTranslation();
  const { walkId = '' } = useParams();
  const walk = useWalk(walkId);
  if (walk.data === undefined) {
    return walk.isError ? (
      <Notice
        words={whatToDo(walk.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void walk.refetch()}
      />
    ) : (
      <Notice words={t('state.fetching')} />
    );
  }

  return <FilledSheet key={walkId} walk={walk.data} />;
}

function FilledSheet({ walk }: { walk: Walk }) {
  const { t } = useTranslation();
  const { draft, setDraft, setLine, startAnew } = useSheetDraft(walk);
  const enter = useEnterSheet(walk.id);
  const [entered, setEntered] = useState<Schema['EnteredSheet'] | null>(null);
  const typed = typedOf(walk, draft);
  const open = new Set(openLines(walk).map((line) => line.key));
  const problems = new Map((entered?.refused ?? []).map((one) => [one.line ?? one.stage, one.problem]));
  const send = () => {
    const { walkedBy, second } = draft;
    if (walkedBy === null) {
      return;
    }
    setEntered(null);
    enter.mutate(
      {
        id: draft.id,
        walked_by: walkedBy,
        ...(second === null ? {} : { second }),
        begun: draft.begun,
        ended: draft.ended,
        states: Object.entries(draft.confirmed).map(([stage, confirmed]) => ({ stage, confirmed })),
        answers: typed.answers,
      },
      {
        onSuccess: (answered) => {
          setEntered(answered.entered);
          startAnew(answered.walk);
        },
      },
    );
  };

  return (
    <Page
      title={t('filled.title', { number: walk.machine.fleet_number })}
      sub={`${walk.machine.maker} ${walk.machine.model}, ${walk.customer}`}
      folio={walk.folio}
      leaf={t('filled.leaf')}
      className="filled"
      right={
        <>
          <Link to={`/walks/${walk.id}`}>{t('filled.to_walk')}</Link>
          <MyName />
        </>
      }
    >
      <SheetHead walk={walk} draft={draft} onDraft={setDraft} error={enter.error} />
      {entered === null && walk.state.in_doubt > 0 && (
        <p className="filled-none">{t('filled.wait', { count: walk.state.in_doubt })}</p>
      )}
      {typed.open === 0 && entered === null && <p className="filled-none">{t('filled.none_open')}</p>}
      {walk.plan.stages.map((stage) => {
        const visits = walk.plan.visits
          .filter((visit) => visit.stage === stage.id)
          .map((visit) => ({ ...visit, lines: visit.lines.filter((line) => open.has(line.key)) }))
          .filter((visit) => visit.lines.length > 0);

        return visits.length === 0 ? null : (
          <SheetState
            key={stage.id}
            stage={stage}
            isPresent={walk.state.stage === stage.id}
            visits={visits}
            conditions={walk.plan.conditions}
            draft={draft}
            half={typed.half}
            problems={problems}
            onConfirm={(confirmed) =>
              setDraft({ ...draft, confirmed: { ...draft.confirmed, [stage.id]: confirmed } })}
            onLine={setLine}
          />
        );
      })}
      {entered !== null && <Entered entered={entered} walk={walk} />}
      {typed.open > 0 && (
        <SheetFoot
          typed={typed}
          isReady={draft.walkedBy !== null}
          isBusy={enter.isPending}
          problem={enter.error === null ? null : problemOf(enter.error, t('state.no_network'))}
          onEnter={send}
        />
      )}
    </Page>
  );
}
