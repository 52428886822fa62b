import type { ReactNode, RefCallback } from 'react';
import { drawingLength } from '../drawing/measures';
import type { Zoom } from '../drawing/useZoom';
import type { Slot, SlotName } from './slots';

interface SheetSlotProps {
  name: SlotName;
  at: Slot;
  zoom: Zoom;
  watch: RefCallback<HTMLElement>;
  children: ReactNode;
}

/** Puts a field or figure on the drawing; one that is out of sight brings the whole drawing back when it is gone to. */
export function SheetSlot({ name, at, zoom: { sight, box, isWhole, whole }, watch, children }: SheetSlotProps) {
  const [x, y] = [sight.x + sight.k * at.x, sight.y + sight.k * at.y];
  const isOff = !isWhole && (x < 0 || y < 0 || x > box.width || y > box.height);
  // Moved, not laid out anew: what stands in it keeps its size under a nudge.
  const style = isOff ? undefined : { translate: `${drawingLength(Math.round(x))} ${drawingLength(Math.round(y))}` };
  return (
    <div
      ref={watch}
      data-slot={name}
      className={`sheet-slot sheet-slot-${at.anchor} ${isOff ? 'is-off' : ''}`}
      style={style}
      onFocus={isOff ? whole : undefined}
    >
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
