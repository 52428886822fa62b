import { evaluateSetup, type SweepSource } from '#core/evaluate';
import { decidedSetup, setupTitle, type Job } from '#core/job';
import { stancePhoto } from '#core/note';
import type { UnitChoice } from '#core/units';
import type { Verdict } from '#core/verdict';
import { askedFor } from './asked';
import { cautionsOf } from './cautions';
import { optionCorners, type OptionCorner } from './optionCorners';
import type { PlainCase } from './plainCase';
import { plainWords } from './plainWords';
import { remediesFor } from './remediesFor';
import { CUSTOMER_ROWS } from './rows';

/** One of the ways a car could be fitted, told to who pays for it. */
export interface CustomerOption {
  /** As the setup is called in the job. */
  name: string;
  title: string;
  /** What it comes to, in a few words. */
  word: string;
  /** The one that was decided for. */
  isChosen: boolean;
  corners: OptionCorner[];
  /** Its newest picture from Stance, by the id of its photo. */
  picture: string | null;
  /** A cell for each row, in their order. */
  cells: string[][];
}

/** What a customer decides by. */
export interface CustomerOptions {
  asked: string[];
  options: CustomerOption[];
  headings: string[];
  cautions: string[];
}

const WORDS: Record<Verdict, string> = {
  ok: 'Fits',
  caution: 'Fits with care',
  fail: 'Does not fit as it is',
  unknown: 'Not all known yet',
};

/** How a customer's options are told, and where their sweeps come from. */
export interface CustomerAsk {
  unit?: UnitChoice | undefined;
  sweeps?: SweepSource | undefined;
}

/**
 * Setups of a job as options of a customer, side by side: every figure that of `evaluate`, in plain words.
 * @param ids of the setups, in the order in which they are shown; those that are not there are left out
 */
export function customerOptions(
  job: Job,
  ids: readonly string[],
  { unit = 'mm', sweeps }: CustomerAsk = {},
): CustomerOptions {
  const words = plainWords(unit);
  const setups = ids.flatMap((id) => job.setups.find((one) => one.id === id) ?? []);
  const told = setups.map((setup): PlainCase => {
    const report = evaluateSetup(job, setup, { unit, ...(sweeps ? { sweeps } : {}) });
    return { job, setup, report, remedies: remediesFor({ job, setup, report, unit }), words };
  });
  const cells = told.map((one) => CUSTOMER_ROWS.map(({ lines }) => lines(one)));
  const said = CUSTOMER_ROWS.map((_, row) => cells.some((of) => of[row]!.length > 0));
  return {
    asked: askedFor(job, words),
    headings: CUSTOMER_ROWS.filter((_, row) => said[row]).map(({ heading }) => heading),
    options: told.map((one, at) => ({
      name: one.setup.id.toUpperCase(),
      title: setupTitle(one.setup, job.vehicle.flangeMm),
      word: WORDS[one.report.verdict],
      isChosen: decidedSetup(job)?.id === one.setup.id,
      corners: optionCorners(one),
      picture: stancePhoto(job, one.setup.id),
      cells: cells[at]!.filter((_, row) => said[row]),
    })),
    cautions: cautionsOf(job, told, words),
  };
}
