import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answer, api } from '../../api/client';
import { Button } from '../../app/Button';
import { shortDate } from '../../app/figures';
import { inWords } from '../../app/units';
import { useReading } from '../session/useReading';
import { PlateDrawer } from './PlateDrawer';

/** What the limits of a model are computed from; a lead takes it from the manual. */
export function PlateOfModel({ modelId, mayChange }: { modelId: string; mayChange: boolean }) {
  const { t } = useTranslation();
  const reading = useReading();
  const [isChanging, setIsChanging] = useState(false);
  const plate = useQuery({
    queryKey: ['plate', modelId],
    queryFn: () => answer(api.GET('/api/models/{model}/plate', { params: { path: { model: modelId } } })),
  }).data;
  if (plate === undefined) {
    return null;
  }

  return (
    <div className="plate-of-model">
      <ul className="plate-figures" data-testid="plate">
        {plate.figures.map(({ name, asks, unit, value }) => (
          <li key={name}>
            <span>{asks}</span>
            <i>{value === null ? t('plate.unknown') : inWords(value, unit, reading)}</i>
          </li>
        ))}
        {plate.reach !== null && <li>{t('plate.has_reach', { count: plate.reach.length })}</li>}
        {plate.load_zones !== null && <li>{t('plate.has_zones', { count: plate.load_zones.length })}</li>}
      </ul>
      <p>
        {plate.source?.words}
        {plate.set !== null && `, ${t('plate.set_by', { who: plate.set.by, when: shortDate(plate.set.at) })}`}
      </p>
      {mayChange && (
        <Button testId="take-plate" onClick={() => setIsChanging(true)}>
          {t('plate.enter')}
        </Button>
      )}
      {isChanging && <PlateDrawer modelId={modelId} plate={plate} onClose={() => setIsChanging(false)} />}
    </div>
  );
}
