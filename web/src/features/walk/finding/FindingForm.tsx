import TextField from '@mui/material/TextField';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../../api/client';
import type { Problem } from '../../../api/problem';
import { Button } from '../../../app/Button';
import { inWords } from '../../../app/units';
import { Drawer } from '../../../app/Drawer';
import { useReading } from '../../session/useReading';
import { PhotoField } from '../panels/PhotoField';
import { ProblemWords } from '../../../app/ProblemWords';
import { SeverityWords } from '../panels/SeverityWords';
import { SizePad } from './SizePad';
import './finding.css';

/** What is said of something wrong. */
export type SaidOfFinding = Schema['DamageFoundPayload'];

interface Props {
  title: string;
  /** None until it is said where. */
  at: Schema['Position'] | null;
  kinds: Schema['FindingKind'][];
  /** Where it is shown and moved; none where that was said before. */
  plan?: ReactNode;
  /** What is asked before it is described. */
  before?: ReactNode;
  /** Of which part it is, until the yard has said so. */
  part: string;
  /** Whose rules grade it; part of the key under which the answer is kept. */
  subject: string;
  propose: (description: Schema['FindingDescription']) => Promise<Schema['SeverityProposal']>;
  busy: boolean;
  problem: Problem | null;
  onClose: () => void;
  onPlace: (said: SaidOfFinding) => void;
}

const SEVERITIES = ['note', 'hold', 'stop'] as const;

/**
 * Something wrong: what it is, how large, in words, with a picture; how grave it is proposed by rule, and may be
 * raised.
 */
export function FindingForm(
  { title, at, kinds, plan, before, part, subject, propose, busy, problem, onClose, onPlace }: Props,
) {
  const { t } = useTranslation();
  const reading = useReading();
  const [kind, setKind] = useState<string | null>(null);
  const [degree, setDegree] = useState<string | null>(null);
  const [size, setSize] = useState<number | null>(null);
  const [words, setWords] = useState('');
  const [photos, setPhotos] = useState<string[]>([]);
  const [raised, setRaised] = useState<Schema['Severity'] | null>(null);
  const [pad, setPad] = useState(false);
  const degrees = kinds.find((one) => one.id === kind)?.degrees ?? [];
  const isComplete = at !== null && kind !== null && (degrees.length === 0 || degree !== null);
  const description = {
    at: at ?? { x: 0, y: 0 },
    kind: kind ?? '',
    ...(degree === null ? {} : { degree }),
    ...(size === null ? {} : { size_mm: size }),
  };
  const proposal = useQuery({
    queryKey: ['proposal', subject, description],
    enabled: isComplete,
    placeholderData: keepPreviousData,
    queryFn: () => propose(description),
  });
  const rank = (severity: Schema['Severity']) => SEVERITIES.indexOf(severity);
  const proposed = isComplete ? proposal.data : undefined;
  const isRaised = raised !== null && proposed !== undefined && rank(raised) > rank(proposed.severity);
  const severity = isRaised ? raised : proposed?.severity;

  return (
    <Drawer
      open
      title={title}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="place-finding"
          disabled={busy || !isComplete}
          under={severity === undefined ? undefined : t(`severity.${severity}`)}
          onClick={() =>
            onPlace({
              ...description,
              words: words.trim(),
              photos,
              ...(raised === null || severity === undefined ? {} : { severity }),
            })
          }
        >
          {t('finding.place')}
        </Button>
      }
    >
      {before}
      {plan}
      <p className="finding-part">{proposal.data?.part ?? part}</p>
      <Choices
        label={t('finding.kind')}
        options={kinds.map((one) => [one.id, one.name])}
        chosen={kind}
        onChoose={(id) => { setKind(id); setDegree(null); }}
      />
      {degrees.length > 0 && <Choices label={t('finding.degree')} options={degrees.map(
        (id) => [id, t(`degree.${id}`)],
      )} chosen={degree} onChoose={setDegree} />}
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
      <SizePad open={pad} onClose={() => setPad(false)} onSet={setSize} />
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
