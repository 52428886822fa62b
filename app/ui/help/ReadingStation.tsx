import type { ReactNode } from 'react';
import { NextFieldContext } from '../fields/NextFieldContext';
import { ReadingPanel, type ReadingItem, type ReadingPanelProps } from './ReadingPanel';
import { useReadingInHand } from './useReadingInHand';

interface ReadingStationProps extends Omit<ReadingPanelProps, 'inHand' | 'goTo'> {
  items: readonly ReadingItem[];
  /** The reading that help begins at where none is missing. */
  otherwise: string;
  children: ReactNode;
}

/** A station of readings: its fields, the help for the one in hand beside them, and Enter from one to the next. */
export function ReadingStation({ otherwise, children, ...panel }: ReadingStationProps) {
  const { inHand, goTo, follow, next } = useReadingInHand(panel.items, otherwise);
  return (
    <NextFieldContext value={next}>
      <div className="two-columns" {...follow}>
        {children}
        <ReadingPanel {...panel} inHand={inHand} goTo={goTo} />
      </div>
    </NextFieldContext>
  );
}
