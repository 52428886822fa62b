import { useLayoutEffect, useRef, useState } from 'react';
import { drawingScale } from './measures';

/** The size of an element in units of a drawing, followed as it changes; a usual one until it is known. */
export function useSize<E extends HTMLElement>(usual: { width: number; height: number }) {
  const ref = useRef<E>(null);
  const [size, setSize] = useState(usual);
  // Before the first paint, so that nothing is seen to jump.
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return;
    const measure = () => {
      const scale = drawingScale();
      const [width, height] = [Math.round(element.clientWidth / scale), Math.round(element.clientHeight / scale)];
      if (width > 0 && height > 0)
        setSize((known) => (known.width === width && known.height === height ? known : { width, height }));
    };
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return { ref, size };
}
