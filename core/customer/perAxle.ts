import type { AxleName } from '#core/job';
import { capital } from '#core/text';

/** A sentence, and the axle it is of; null where it is of the whole car. */
export interface AxleLine {
  axle: AxleName | null;
  text: string;
}

/** Sentences with their axle before them; what is said of both alike is said once. */
export function perAxle(lines: readonly AxleLine[]): string[] {
  const axles = new Map<string, (AxleName | null)[]>();
  for (const { axle, text } of lines) axles.set(text, [...(axles.get(text) ?? []), axle]);
  return [...axles].map(([text, of]) => {
    const [one] = of;
    if (one === null || one === undefined) return capital(text);
    return `${of.includes('front') && of.includes('rear') ? 'Front and rear' : capital(one)}: ${text}`;
  });
}
