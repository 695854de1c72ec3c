import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { Button } from '../../app/Button';

/** What is asked for from the foot of the page. */
export type Asked = 'damage' | 'read' | 'service' | 'move' | 'limits' | 'new' | 'plate' | 'machine' | 'trail';

interface Props {
  may: Schema['SignedIn']['may'];
  /** It stands in the yard. */
  isHere: boolean;
  /** It is of the fleet. */
  isOurs: boolean;
  /** What its service sheet shows has come. */
  isServiceKnown: boolean;
  leaf: 'machine' | 'trail' | 'meter';
  onAsked: (asked: Asked) => void;
  /** What it waits for most of all. */
  next: ReactNode;
}

/**
 * The acts at the foot of a machine. Each has its place from the first moment, before it can be pressed: the others do
 * not move under a finger.
 */
export function MachineActs({ may, isHere, isOurs, isServiceKnown, leaf, onAsked, next }: Props) {
  const { t } = useTranslation();
  const acts: { asked: Asked; testId: string; words: string; isThere: boolean; isShut?: boolean }[] = [
    {
      asked: 'damage',
      testId: 'report-damage',
      words: t('fleet.report_damage'),
      isThere: isHere && (may.walk || may.repair || may.hand_over),
    },
    {
      asked: 'read',
      testId: 'read-meter',
      words: t('service.read_meter'),
      isThere: isOurs && (may.walk || may.repair),
    },
    {
      asked: 'service',
      testId: 'service-points',
      words: t('service.do_point'),
      isThere: isOurs,
      isShut: !isServiceKnown,
    },
    { asked: 'move', testId: 'move-machine', words: t('fleet.move'), isThere: isHere && (may.walk || may.hand_over) },
    { asked: 'limits', testId: 'limits', words: t('limits.open'), isThere: isOurs },
    { asked: 'new', testId: 'new-hire', words: t('office.new_hire'), isThere: isOurs && may.book },
    { asked: 'plate', testId: 'write-down', words: t('office.write_down'), isThere: may.lead },
    { asked: 'machine', testId: 'leaf-machine', words: t('fleet.machine_again'), isThere: leaf !== 'machine' },
    { asked: 'trail', testId: 'other-leaf', words: t('fleet.trail'), isThere: leaf !== 'trail' },
  ];

  return (
    <footer className="machine-acts">
      {acts.map(
        ({ asked, testId, words, isThere, isShut }) =>
          isThere && (
            <Button key={asked} testId={testId} disabled={isShut === true} onClick={() => onAsked(asked)}>
              {words}
            </Button>
          ),
      )}
      {next}
    </footer>
  );
}
