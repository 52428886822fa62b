import type { ReactNode } from 'react';

/** Puts a field or figure on the drawing: the anchor is its middle, or the edge that is named. */
export function SheetSlot({
  x,
  y,
  anchor = 'middle',
  children,
}: {
  x: number;
  y: number;
  anchor?: 'middle' | 'left' | 'right';
  children: ReactNode;
}) {
  return (
    <div className={`sheet-slot sheet-slot-${anchor}`} style={{ left: Math.round(x), top: Math.round(y) }}>
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
