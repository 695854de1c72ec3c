import { useState } from 'react';
import type { Inputs, Sheet, SheetField } from './useLimits';

type Typed = Record<string, { value: string; unit?: string }>;

export interface Draft {
  inputs: Inputs;
  valueOf: (field: SheetField) => string;
  unitOf: (field: SheetField) => string;
  isTyped: (field: SheetField) => boolean;
  type: (field: SheetField, value: string) => void;
  measure: (field: SheetField, unit: string) => void;
}

/**
 * What is typed into a sheet over what was filled in. Another unit shows what was filled in converted; what somebody
 * typed stays as it was typed, in the new unit.
 *
 * @param kept what was set for this hire before
 */
export function useDraft(sheet: Sheet, kept: Record<string, { value: string; unit: string | null }> | null): Draft {
  const [typed, setTyped] = useState<Typed>(() => typedBefore(sheet, kept));
  const [units, setUnits] = useState<Record<string, string>>({});
  const unitOf = (field: SheetField) => typed[field.name]?.unit ?? units[field.name] ?? field.units[0]?.unit ?? '';
  const filled = (field: SheetField) =>
    field.value ?? field.units.find((one) => one.unit === unitOf(field))?.value ?? '';

  return {
    inputs: sent(sheet, typed, unitOf),
    unitOf,
    valueOf: (field) => typed[field.name]?.value ?? filled(field),
    isTyped: (field) => typed[field.name] !== undefined,
    type: (field, value) =>
      setTyped((before) => ({
        ...before,
        [field.name]: field.units.length === 0 ? { value } : { value, unit: unitOf(field) },
      })),
    measure: (field, unit) => {
      setUnits((before) => ({ ...before, [field.name]: unit }));
      setTyped((before) => {
        const own = before[field.name];

        return own === undefined ? before : { ...before, [field.name]: { ...own, unit } };
      });
    },
  };
}

/** An emptied field is sent as nothing typed: what is needed is then asked for, unless it is known of the machine. */
function sent(sheet: Sheet, typed: Typed, unitOf: (field: SheetField) => string): Inputs {
  const inputs: Record<string, { value: string; unit?: string }> = {};
  for (const field of sheet.fields) {
    const own = typed[field.name];
    if (own !== undefined && own.value.trim() !== '') {
      inputs[field.name] =
        field.units.length === 0 ? { value: own.value } : { value: own.value.trim(), unit: unitOf(field) };
    }
  }

  return inputs as Inputs;
}

function typedBefore(sheet: Sheet, kept: Record<string, { value: string; unit: string | null }> | null): Typed {
  const typed: Typed = {};
  for (const field of sheet.fields) {
    const before = kept?.[field.name];
    const isFilled = field.value === before?.value || field.units.some((one) => one.value === before?.value);
    if (before !== undefined && !isFilled) {
      typed[field.name] = before.unit === null ? { value: before.value } : { value: before.value, unit: before.unit };
    }
  }

  return typed;
}
