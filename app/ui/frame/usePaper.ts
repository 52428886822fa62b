import { useEffect } from 'react';

/** How wide a drawing may be on the screen for a sheet of A4 or Letter to take it: letters are four fifths there. */
const PAPER_PX = 850;

/** Draws every drawing of the station as large as the paper allows, whole and in its proportion. */
export function usePaper(): void {
  useEffect(() => {
    const fit = () => {
      for (const svg of document.querySelectorAll<SVGSVGElement>('.station svg[viewBox]')) {
        const { width } = svg.getBoundingClientRect();
        if (width > PAPER_PX) svg.parentElement!.style.setProperty('zoom', String(PAPER_PX / width));
      }
    };
    const back = () => {
      for (const place of document.querySelectorAll<HTMLElement>('.station [style*="zoom"]'))
        place.style.removeProperty('zoom');
    };
    addEventListener('beforeprint', fit);
    addEventListener('afterprint', back);
    return () => {
      removeEventListener('beforeprint', fit);
      removeEventListener('afterprint', back);
    };
  }, []);
}
