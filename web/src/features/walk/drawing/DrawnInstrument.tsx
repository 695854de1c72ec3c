import { useTranslation } from 'react-i18next';
import type { Schema } from '../../../api/client';
import { Dipstick, type Face } from '../../../instruments/Dipstick';
import { HourMeter } from '../../../instruments/HourMeter';
import { PieceCount } from '../../../instruments/PieceCount';
import { SightGlass } from '../../../instruments/SightGlass';
import { TankColumn } from '../../../instruments/TankColumn';
import { DrawnScale } from './DrawnScale';

interface Props {
  /** Under which name a running watch is kept on the tablet. */
  keptAs: string;
  instrument: Schema['Instrument'];
  value: number;
  face: Face;
  ghost: number | null;
  readOnly: boolean;
  unheld: boolean;
  label: string;
  valueText: string;
  onChange: (value: number) => void;
  onFace: (face: Face) => void;
}

const NO_MARKS = { lowest: 0, add: 0, full: 1, highest: 1 };

/** The drawing that belongs to a kind of instrument. */
export function DrawnInstrument({ instrument, face, onFace, keptAs, ...rest }: Props) {
  const { t } = useTranslation();
  const shared = { ...rest, unit: instrument.unit, step: instrument.step };
  switch (instrument.kind) {
    case 'dipstick':
      return (
        <Dipstick
          {...shared}
          cold={instrument.marks ?? NO_MARKS}
          hot={instrument.hot_marks}
          face={face}
          onFace={onFace}
          names={{ cold: t('instrument.cold_side'), hot: t('instrument.hot_side') }}
        />
      );
    case 'sight_glass':
      return <SightGlass {...shared} marks={instrument.marks ?? NO_MARKS} diameter={instrument.diameter ?? 48} />;
    case 'tank_column':
      return <TankColumn {...shared} marks={instrument.marks ?? NO_MARKS} />;
    case 'hour_meter':
      return <HourMeter {...shared} wholeDigits={instrument.whole_digits ?? 5} decimals={instrument.decimals ?? 1} />;
    case 'count':
      return <PieceCount {...shared} expected={instrument.expected ?? 1} pieces={instrument.pieces} />;
    case 'scale':
      return <DrawnScale {...shared} instrument={instrument} keptAs={keptAs} />;
  }
}
