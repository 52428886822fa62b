import type { ReactNode, RefCallback } from 'react';
import { drawingLength } from '../parts/drawing';
import type { Slot, SlotName } from './slots';

/** Puts a field or figure on the drawing. */
export function SheetSlot({
  name,
  at,
  watch,
  children,
}: {
  name: SlotName;
  at: Slot;
  watch: RefCallback<HTMLElement>;
  children: ReactNode;
}) {
  const style = { left: drawingLength(Math.round(at.x)), top: drawingLength(Math.round(at.y)) };
  return (
    <div ref={watch} data-slot={name} className={`sheet-slot sheet-slot-${at.anchor}`} style={style}>
      {children}
    </div>
  );
}

/** A figure that is read off the drawing. */
export function SheetFigure({ label, value, tone = '' }: { label: string; value: string; tone?: string }) {
  return (
    <div className={`sheet-figure ${tone}`}>
      <span className="label">{label}</span>
      <span className="figure">{value}</span>
    </div>
  );
}
