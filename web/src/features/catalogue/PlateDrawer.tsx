import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answer, api, type Schema } from '../../api/client';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { unitName } from '../../app/figures';
import { ProblemWords } from '../../app/ProblemWords';
import { pointsOf, rowsOfPoints, rowsOfZones, zonesOf } from './chartRows';

interface Props {
  modelId: string;
  plate: Schema['ModelPlate'];
  onClose: () => void;
}

const FIGURE = /^\d{0,7}([.,]\d{0,3})?$/;

/** The figures and charts of a model as its plate and manual say them. What is left empty stays to be asked. */
export function PlateDrawer({ modelId, plate, onClose }: Props) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [values, setValues] = useState<Record<string, string>>(() =>
    Object.fromEntries(plate.figures.map(({ name, value }) => [name, value ?? ''])),
  );
  const [reach, setReach] = useState(rowsOfPoints(plate.reach ?? []));
  const [zones, setZones] = useState(rowsOfZones(plate.load_zones ?? []));
  const [source, setSource] = useState(plate.source?.words ?? '');
  const points = pointsOf(reach);
  const loads = zonesOf(zones);
  const keep = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/models/{model}/plate', {
          params: { path: { model: modelId } },
          body: {
            figures: Object.fromEntries(
              plate.figures.flatMap(({ name, unit }) => {
                const value = (values[name] ?? '').trim();

                return value === '' ? [] : [[name, `${value.replace(',', '.')} ${unit}`]];
              }),
            ),
            source: source.trim(),
            ...(points.rows.length > 0 ? { reach: points.rows } : {}),
            ...(loads.rows.length > 0 ? { load_zones: loads.rows } : {}),
          },
        }),
      ),
    onSuccess: () => {
      void queries.invalidateQueries({
        predicate: ({ queryKey }) => ['plate', 'limits', 'computed-limits'].includes(String(queryKey[0])),
      });
      onClose();
    },
  });
  const wrong = (row: number | null, form: string) => (row === null ? ' ' : t('plate.unreadable', { row, form }));

  return (
    <Drawer open title={t('plate.title')} onClose={onClose}>
      <p>{t('plate.words')}</p>
      {plate.figures.map(({ name, asks, unit }) => (
        <TextField
          key={name}
          label={unitName(unit) === '' ? asks : `${asks}, ${unitName(unit)}`}
          value={values[name] ?? ''}
          onChange={(event) =>
            FIGURE.test(event.target.value) && setValues({ ...values, [name]: event.target.value })
          }
          slotProps={{ htmlInput: { inputMode: 'decimal', 'data-testid': `plate-${name}` } }}
        />
      ))}
      {plate.asks_reach && (
        <TextField
          multiline
          minRows={5}
          label={t('plate.reach')}
          value={reach}
          error={points.wrong !== null}
          helperText={wrong(points.wrong, '11.3 6.0')}
          onChange={(event) => setReach(event.target.value)}
          slotProps={{ htmlInput: { 'data-testid': 'plate-reach' } }}
        />
      )}
      {plate.asks_load_zones && (
        <TextField
          multiline
          minRows={4}
          label={t('plate.zones')}
          value={zones}
          error={loads.wrong !== null}
          helperText={wrong(loads.wrong, '2600: 0 0, 1.2 0, 1.2 4.6')}
          onChange={(event) => setZones(event.target.value)}
          slotProps={{ htmlInput: { 'data-testid': 'plate-zones' } }}
        />
      )}
      <TextField
        label={t('plate.source')}
        value={source}
        onChange={(event) => setSource(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 240, 'data-testid': 'plate-source' } }}
      />
      <ProblemWords problem={keep.isError ? problemOf(keep.error, t('state.no_network')) : null} />
      <Button
        tone="jade"
        testId="keep-plate"
        disabled={source.trim().length < 3 || points.wrong !== null || loads.wrong !== null || keep.isPending}
        onClick={() => keep.mutate()}
      >
        {t('plate.keep')}
      </Button>
    </Drawer>
  );
}
