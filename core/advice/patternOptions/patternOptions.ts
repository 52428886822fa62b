import { wholePattern } from '#core/hub';
import type { StackPart, SetupOnAxle } from '#core/job';
import { wordsIn, type UnitChoice } from '#core/units';
import { hardwareOf } from '#core/evaluate';
import type { Case } from './case';
import type { PatternOption, PatternOptionChoices } from './option';
import { nearPattern } from './nearPattern';
import { adapter } from './adapter';
import { redrillWheel, redrillHub } from './redrill';
import { hubSwap } from './hubSwap';

/**
 * The options when a wheel's pattern is not its hub's, each with its geometry check, its effect on the position
 * computed with the car's room, and its cost. Lengths mm.
 * @returns an empty list when the patterns match or one is not known
 */
export function patternOptions({
  job,
  setup,
  axle,
  choices,
  unit = 'mm',
}: SetupOnAxle & { choices: PatternOptionChoices; unit?: UnitChoice | undefined }): PatternOption[] {
  const candidate = setup[axle] ?? {};
  const bare = { ...candidate, stack: (candidate.stack ?? []).filter((piece) => !turnsPattern(piece)) };
  const hub = job.vehicle[axle]?.hub ?? {};
  const { match, carries } = hardwareOf(hub, bare, job);
  const wheel = wholePattern(candidate.wheel);
  const wanted = wholePattern(carries);
  if (!wheel || !wanted || match.verdict === 'ok' || match.verdict === 'unknown') return [];
  const one: Case = { job, setup, axle, candidate: bare, wheel, hub: wanted, words: wordsIn(unit), choices };
  return [nearPattern(one), adapter(one), redrillWheel(one), redrillHub(one), hubSwap(one)];
}

const turnsPattern = (piece: StackPart): boolean =>
  piece.kind === 'bolt-on' && (piece.toLugCount != null || piece.toBoltCircleMm != null);
