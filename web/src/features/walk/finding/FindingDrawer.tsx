import TextField from '@mui/material/TextField';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answer, api, type Schema } from '../../../api/client';
import { Button } from '../../../app/Button';
import { inWords } from '../../../app/units';
import { Drawer } from '../../../app/Drawer';
import { NumberPad } from '../../../instruments/NumberPad';
import { useOtherUnit, useReading } from '../../session/useReading';
import { PlaceOnPlan } from './PlaceOnPlan';
import { PhotoField } from '../panels/PhotoField';
import { ProblemWords } from '../../../app/ProblemWords';
import { SeverityWords } from '../panels/SeverityWords';
import { useSend } from '../state/useSend';
import type { Post } from '../state/useWalk';
import type { Walk } from '../state/types';

export interface FindingPlace {
  x: number;
  y: number;
  line?: string;
  /** Whether it says at once that the line is not so. */
  answers?: boolean;
}

interface Props {
  walk: Walk;
  place: FindingPlace;
  post: Post;
  onClose: () => void;
}

const SEVERITIES = ['note', 'hold', 'stop'] as const;

/** A finding: where it was tapped, what it is, how large, in words, with a picture; how grave it is proposed by rule. */
export function FindingDrawer({ walk, place, post, onClose }: Props) {
  const { t } = useTranslation();
  const reading = useReading();
  const otherUnit = useOtherUnit('mm');
  const [at, setAt] = useState({ x: place.x, y: place.y });
  const [isSaid, setIsSaid] = useState(false);
  const [kind, setKind] = useState<string | null>(null);
  const [degree, setDegree] = useState<string | null>(null);
  const [size, setSize] = useState<number | null>(null);
  const [words, setWords] = useState('');
  const [photos, setPhotos] = useState<string[]>([]);
  const [raised, setRaised] = useState<Schema['Severity'] | null>(null);
  const [pad, setPad] = useState(false);
  const { busy, problem, send } = useSend();
  const degrees = walk.plan.finding_kinds.find((one) => one.id === kind)?.degrees ?? [];
  const isComplete = kind !== null && (degrees.length === 0 || degree !== null);
  const description = { at, kind: kind ?? '', ...(degree === null ? {} : { degree }), ...(size === null ? {} : { size_mm: size }) };
  const proposal = useQuery({
    queryKey: ['proposal', walk.id, description],
    enabled: isComplete,
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.POST('/api/walks/{walk}/severity-proposals', { params: { path: { walk: walk.id } }, body: description })),
  });
  const visit = walk.plan.visits.find((one) => one.lines.some(({ key }) => key === place.line));
  const line = visit?.lines.find(({ key }) => key === place.line);
  // Said once, however often the finding under it has to be tried.
  const itIsAmiss = async () => {
    if (place.answers === true && place.line !== undefined && !isSaid) {
      await post('check.answered', { line: place.line, answer: 'amiss' });
      setIsSaid(true);
    }
  };
  const placeIt = async () => {
    await itIsAmiss();

    return post('finding.placed', {
      ...description,
      words: words.trim(),
      photos,
      ...(place.line === undefined ? {} : { line: place.line }),
      ...(raised === null || severity === undefined ? {} : { severity }),
    });
  };
  const rank = (severity: Schema['Severity']) => SEVERITIES.indexOf(severity);
  const proposed = isComplete ? proposal.data : undefined;
  const severity = raised !== null && proposed !== undefined && rank(raised) > rank(proposed.severity) ? raised : proposed?.severity;

  return (
    <Drawer
      open
      title={place.answers === true ? t('finding.not_so', { title: line?.title }) : t('finding.title')}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="place-finding"
          disabled={busy || !isComplete}
          under={severity === undefined ? undefined : t(`severity.${severity}`)}
          onClick={() => void send(placeIt).then((posted) => posted && onClose())}
        >
          {t('finding.place')}
        </Button>
      }
    >
      {place.answers === true && (
        <Button
          disabled={busy}
          testId="amiss-only"
          under={t('finding.nothing_to_place_under')}
          onClick={() => void send(itIsAmiss).then((posted) => posted && onClose())}
        >
          {t('finding.nothing_to_place')}
        </Button>
      )}
      {/* Whoever touched the plan has said where it is. */}
      {place.line !== undefined && <PlaceOnPlan walk={walk} at={at} part={visit?.part ?? null} onPlace={setAt} />}
      <p className="finding-part">{proposal.data?.part ?? visit?.name ?? t('finding.part_follows')}</p>
      <Choices
        label={t('finding.kind')}
        options={walk.plan.finding_kinds.map((one) => [one.id, one.name])}
        chosen={kind}
        onChoose={(id) => { setKind(id); setDegree(null); }}
      />
      {degrees.length > 0 && <Choices label={t('finding.degree')} options={degrees.map((id) => [id, t(`degree.${id}`)])} chosen={degree} onChoose={setDegree} />}
      <div className="finding-size">
        <span>{t('finding.size')}</span>
        <Button testId="finding-size" onClick={() => setPad(true)}>
          {size === null ? t('finding.measure') : inWords(String(size), 'mm', reading)}
        </Button>
      </div>
      <TextField
        label={t('finding.words')}
        value={words}
        multiline
        minRows={2}
        onChange={(event) => setWords(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 4000, 'data-testid': 'finding-words' } }}
      />
      <PhotoField photos={photos} most={8} onPhotos={setPhotos} />
      {proposed !== undefined && severity !== undefined && (
        <>
          <SeverityWords severity={severity} because={proposed.because} source={proposed.source.words} />
          <div className="choice-row" role="group" aria-label={t('finding.raise')}>
            {SEVERITIES.filter((one) => rank(one) >= rank(proposed.severity)).map((one) => (
              <Button key={one} pressed={severity === one} onClick={() => setRaised(one)}>
                {t(`severity.short.${one}`)}
              </Button>
            ))}
          </div>
        </>
      )}
      <ProblemWords problem={problem} />
      <NumberPad
        open={pad}
        title={t('finding.size')}
        unit="mm"
        other={otherUnit}
        onClose={() => setPad(false)}
        onSet={(value) => setSize(Math.max(0, Math.round(value)))}
      />
    </Drawer>
  );
}

interface ChoicesProps {
  label: string;
  options: [string, string][];
  chosen: string | null;
  onChoose: (id: string) => void;
}

function Choices({ label, options, chosen, onChoose }: ChoicesProps) {
  return (
    <div className="choices" role="group" aria-label={label}>
      {options.map(([id, name]) => (
        <Button key={id} pressed={chosen === id} testId={`choice-${id}`} onClick={() => onChoose(id)}>
          {name}
        </Button>
      ))}
    </div>
  );
}
