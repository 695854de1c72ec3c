import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answer, api, type Schema } from '../../api/client';
import { problemOf } from '../../api/problem';
import { FindingForm, type SaidOfFinding } from '../walk/finding/FindingForm';
import { PlaceOnPlan } from '../walk/finding/PlaceOnPlan';
import { postToMachine } from './postToMachine';

interface DamageDrawerProps {
  detail: Schema['MachineDetail'];
  onClose: () => void;
}

/** How far beside the machine something may lie, in centimetres. */
const BESIDE_CM = 60;

/** Damage that is seen in the yard while no walk is open. */
export function DamageDrawer({ detail, onClose }: DamageDrawerProps) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const { machine, outline } = detail;
  const [at, setAt] = useState<Schema['Position'] | null>(null);
  const report = useMutation({
    mutationFn: (said: SaidOfFinding) => postToMachine(machine.id, 'damage.found', said),
    onSuccess: async () => {
      await queries.invalidateQueries(
        { predicate: (query) => ['machine', 'fleet', 'trail', 'day', 'walk'].includes(String(query.queryKey[0])) },
      );
      onClose();
    },
  });

  return (
    <FindingForm
      title={t('fleet.damage_title', { number: machine.fleet_number })}
      at={at}
      kinds={detail.finding_kinds}
      plan={
        <PlaceOnPlan
          drawingOf={machine.drawing}
          around={[
            { x: outline.left - BESIDE_CM, y: outline.top - BESIDE_CM },
            { x: outline.right + BESIDE_CM, y: outline.bottom + BESIDE_CM },
          ]}
          at={at}
          part={null}
          onPlace={setAt}
        />
      }
      part={t('finding.part_follows')}
      subject={machine.id}
      propose={(description) => answer(
        api.POST(
          '/api/machines/{machine}/severity-proposals',
          { params: { path: { machine: machine.id } }, body: description },
        ),
      )}
      busy={report.isPending}
      problem={report.isError ? problemOf(report.error, t('state.no_network')) : null}
      onClose={onClose}
      onPlace={(said) => report.mutate(said)}
    />
  );
}
