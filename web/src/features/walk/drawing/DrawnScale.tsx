import { useTranslation } from 'react-i18next';
import type { Schema } from '../../../api/client';
import { unitName } from '../../../app/figures';
import { usePersistentState } from '../../../app/usePersistentState';
import type { InstrumentProps } from '../../../instruments/contract';
import { ScaleDial } from '../../../instruments/ScaleDial';
import { ScaleRule } from '../../../instruments/ScaleRule';
import { ScaleWatch } from '../../../instruments/ScaleWatch';

interface Props extends InstrumentProps {
  instrument: Schema['Instrument'];
  keptAs: string;
}

/** An instrument with a scale: a rule, a gauge or a watch, with the bands of this model on it. */
export function DrawnScale({ instrument, keptAs, ...props }: Props) {
  const { t } = useTranslation();
  const [startedAt, setStartedAt] = usePersistentState<number | null>(`watch.1.${keptAs}`, null);
  const scale = { ...props, low: instrument.low ?? 0, high: instrument.high ?? 1, bands: instrument.bands ?? [] };
  switch (instrument.drawn) {
    case 'watch':
      return (
        <ScaleWatch
          {...scale}
          startedAt={startedAt}
          onStart={setStartedAt}
          names={{ start: t('instrument.start_watch'), stop: t('instrument.stop_watch') }}
        />
      );
    case 'hold':
      return (
        <ScaleWatch
          {...scale}
          startedAt={startedAt}
          onStart={setStartedAt}
          stopsAt={scale.bands.find((band) => band.outcome === 'stands')?.to}
          names={{ start: t('instrument.start_hold'), stop: t('instrument.let_go') }}
        />
      );
    case 'dial':
      return <ScaleDial {...scale} unit={unitName(props.unit)} />;
    default:
      return <ScaleRule {...scale} />;
  }
}
