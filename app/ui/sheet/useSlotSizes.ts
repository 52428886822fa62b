import { useCallback, useEffect, useRef, useState, type RefCallback } from 'react';
import { drawingScale } from '../drawing/measures';
import type { SlotName, SlotSize } from './slots';

type Sizes = Partial<Record<SlotName, SlotSize>>;

/** Figures change by a digit: what is said of their size is a little more, and changes seldom. */
const ROUND = 8;
const rounded = (px: number): number => Math.ceil(px / drawingScale() / ROUND) * ROUND;

/** How large the slots of a drawing are, as they were last seen; `watch` is put on each of them. */
export function useSlotSizes(): { sizes: Sizes; watch: RefCallback<HTMLElement> } {
  const [sizes, setSizes] = useState<Sizes>({});
  const observer = useRef<ResizeObserver | null>(null);
  const take = useCallback((elements: readonly HTMLElement[]) => {
    setSizes((known) => {
      const next: Sizes = { ...known };
      let changed = false;
      for (const element of elements) {
        const name = element.dataset.slot as SlotName;
        const size = { width: rounded(element.offsetWidth), height: element.offsetHeight / drawingScale() };
        if (size.width === 0) continue;
        changed ||= next[name]?.width !== size.width || next[name].height !== size.height;
        next[name] = size;
      }
      return changed ? next : known;
    });
  }, []);
  useEffect(() => () => observer.current?.disconnect(), []);
  const watch = useCallback<RefCallback<HTMLElement>>(
    (element) => {
      if (!element) return;
      observer.current ??= new ResizeObserver((entries) => take(entries.map(({ target }) => target as HTMLElement)));
      const watching = observer.current;
      watching.observe(element);
      return () => watching.unobserve(element);
    },
    [take],
  );
  return { sizes, watch };
}
