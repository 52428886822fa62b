import type { Corner } from '#core/fitting';
import type { Expected, FittingStep } from './records';

/** A step as it is printed: one line for all the corners that do the same. */
export interface PaperStep {
  /** None for the whole car. */
  corners: Corner[];
  text: string;
  because: string;
  /** What is to be read, by corner; null at one where nothing is predicted. */
  expects: { corner: Corner | null; expected: Expected }[];
  torqueNm: number[] | null;
}

/**
 * The steps of a sheet as they are printed: what several corners do alike is printed once, with a box for each, and
 * what they do one way and another stands together.
 */
export const paperSteps = (steps: readonly FittingStep[]): PaperStep[] => runsOf(steps).flatMap(linesOf);

/** Steps that follow one another at corners, or of the whole car. */
function runsOf(steps: readonly FittingStep[]): FittingStep[][] {
  const runs: FittingStep[][] = [];
  for (const step of steps) {
    const last = runs.at(-1);
    if (last && (last[0]!.corner === null) === (step.corner === null)) last.push(step);
    else runs.push([step]);
  }
  return runs;
}

function linesOf(run: readonly FittingStep[]): PaperStep[] {
  const ids = [...new Set(run.map(({ id }) => id))];
  return ids.flatMap((id) => alike(run.filter((step) => step.id === id)));
}

/** Steps of one name, a line for each way in which they are done. */
function alike(steps: readonly FittingStep[]): PaperStep[] {
  const printed = new Map<string, PaperStep>();
  for (const { corner, text, because, expects, torqueNm } of steps) {
    // A figure of a corner is told with its corner: it does not keep a step from being printed with its like.
    const reason = expects ? '' : because;
    const name = `${text} ${reason} ${torqueNm?.join()}`;
    const line = printed.get(name) ?? { corners: [], text, because, expects: [], torqueNm };
    printed.set(name, line);
    if (corner) line.corners.push(corner);
    if (expects) line.expects.push({ corner, expected: expects });
    if (line.because !== because) line.because = '';
  }
  return [...printed.values()];
}
