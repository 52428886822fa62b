import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import type { LineReading } from '#core/instrument';
import { useInstruments, type Went } from '../../instruments/InstrumentsContext';
import { HoldFieldContext, type FieldInHand } from '../fields/HoldFieldContext';
import { useStable } from '../parts/useStable';

const FieldInHandContext = createContext<FieldInHand | null>(null);

/** The field that an instrument writes into now; null where none is in hand. */
export const useFieldInHand = (): FieldInHand | null => useContext(FieldInHandContext);

/** What a reading is as a text that a field reads in any unit. */
const textOf = ({ quantity, value }: LineReading): string =>
  `${Number(value.toPrecision(9))} ${quantity === 'length' ? 'mm' : 'N·m'}`;

/** Writes what instruments send into the field that is in hand. */
export function FieldProvider({ children }: { children: ReactNode }) {
  const { take } = useInstruments();
  const [field, hold] = useState<FieldInHand | null>(null);
  const { put } = useStable({
    put(reading: LineReading): Went | null {
      if (field?.measures !== reading.quantity) return null;
      const isTaken = field.put(textOf(reading));
      return { place: isTaken ? field.label : `${field.label} does not take it`, isTaken };
    },
  });
  useEffect(() => take(put), [take, put]);
  return (
    <HoldFieldContext value={hold}>
      <FieldInHandContext value={field}>{children}</FieldInHandContext>
    </HoldFieldContext>
  );
}
