import type { AxleName, SetupOnAxle } from '#core/job';
import { atOnce, type Steps } from '#core/progress';
import { formatNumber, offsetFigure } from '#core/units';
import { apart, left, united, type Span } from '#core/window';
import { liftLeft, movedSetup } from '../remedies';
import { windowBase, type WindowBase } from './base';
import type { Limiter } from './limiter';
import { limitersOf } from './limiters';
import { fittedAt, tireFor, type TireRule } from './tireRule';

/** What a window is asked over. */
export interface WindowAsk {
  rule: TireRule;
  rimWidthsIn: readonly number[];
  /** Offsets of interest, mm. */
  offsetsMm: Span;
}

/** A stretch of offsets that meet every limit, and what limits either end; null where the window itself ends. */
export interface WindowSpan {
  fromMm: number;
  toMm: number;
  low: Edge | null;
  high: Edge | null;
}

export interface Edge {
  code: string;
  label: string;
  /** ± at 95 % of where the edge lies, mm. */
  plusMinus: number | null;
}

/** One rim width of the window. */
export interface WindowRow {
  rimWidthIn: number;
  /** The tire the rule puts on it; null where it finds none. */
  tire: string | null;
  sectionWidthMm: number | null;
  overallDiameterMm: number | null;
  spans: WindowSpan[];
  /** With what brief and shop allow to be done to the body, and a lift; null where nothing is allowed. */
  eased: WindowSpan[] | null;
  /** What keeps all offsets out of this row. */
  closedBy: string[];
  /** What every limit keeps out, line by line. */
  working: string[];
}

/** What holds an empty window shut, and which single change would open it. */
export interface Shut {
  /** At the width that comes nearest: what lacks to either side. */
  rimWidthIn: number;
  holders: string[];
  /** Each limit whose change alone would open a row, with by how much where that is millimeters; least first. */
  opens: { code: string; label: string; byMm: number | null; rimWidthIn: number }[];
}

/** Width against offset: where all limits hold. */
export interface FitWindow {
  axle: AxleName;
  rule: TireRule;
  offsetsMm: Span;
  rimDiameterIn: number | null;
  /** The stack that stands under every wheel of it. */
  stackMm: number | null;
  rows: WindowRow[];
  /** Readings without which no row can be shown to hold. */
  missing: string[];
  shut: Shut | null;
}

/** Which window is asked for. */
export type WindowOnAxle = SetupOnAxle & { ask: WindowAsk };

/**
 * The window of an axle: for every rim width the offsets at which all limits hold, with the tire a rule puts on it and
 * everything else as the setup has it. A wheel moves only along its axis between offsets, so every limit keeps out
 * stretches of offsets that are found as such, not by trying offsets one by one.
 * @returns a generator that yields the share done
 */
export function* windowSteps({ job, setup, axle, ask }: WindowOnAxle): Steps<FitWindow> {
  const { rule, rimWidthsIn, offsetsMm } = ask;
  const base = windowBase({ job, setup, axle, offsets: offsetsMm });
  const eased = easedBases({ job, setup, axle, offsets: offsetsMm });
  const rows: WindowRow[] = [];
  const limited: { rimWidthIn: number; limiters: Limiter[] }[] = [];
  for (const [done, rimWidthIn] of rimWidthsIn.entries()) {
    const ruled = tireFor({ job, setup, axle, rule, rimWidthIn });
    if (!ruled) {
      rows.push({
        rimWidthIn,
        tire: null,
        sectionWidthMm: null,
        overallDiameterMm: null,
        spans: [],
        eased: eased && [],
        closedBy: ['no tire by that rule fits it'],
        working: [],
      });
      continue;
    }
    const fitted = fittedAt({ job, setup, axle, rimWidthIn, tire: ruled.tire });
    const limiters = limitersOf({ base, fitted, ruled, rimWidthIn, eased: false });
    limited.push({ rimWidthIn, limiters });
    const easedSpans = eased?.flatMap((one) =>
      freeSpans(limitersOf({ base: one, fitted, ruled, rimWidthIn, eased: true }), offsetsMm),
    );
    const spans = freeSpans(limiters, offsetsMm);
    rows.push({
      rimWidthIn,
      tire: ruled.name,
      sectionWidthMm: fitted.sectionWidthMm,
      overallDiameterMm: fitted.overallDiameterMm,
      spans,
      eased: easedSpans ? joined([...spans, ...easedSpans]) : null,
      closedBy: spans.length > 0 ? [] : closers(limiters, offsetsMm),
      working: limiters.flatMap((limiter) => workingOf(limiter)),
    });
    yield (done + 1) / rimWidthsIn.length;
  }
  const { wheel, stack } = setup[axle] ?? {};
  const open = rows.some(({ spans }) => spans.length > 0);
  return {
    axle,
    rule,
    offsetsMm,
    rimDiameterIn: wheel?.rimDiameterIn ?? null,
    stackMm: (stack ?? []).reduce((sum, { kind, thicknessMm }) => sum + (kind === 'ring' ? 0 : (thicknessMm ?? 0)), 0),
    rows,
    missing: base.missing,
    shut: open || limited.length === 0 ? null : shutBy(limited, offsetsMm),
  };
}

/** The same at one go. */
export const windowOf = ({ job, setup, axle, ask }: WindowOnAxle): FitWindow =>
  atOnce(windowSteps({ job, setup, axle, ask }));

/** The car as it stands, and as it would stand raised by the most that is allowed; null where nothing is allowed. */
function easedBases({ job, setup, axle, offsets }: SetupOnAxle & { offsets: Span }): WindowBase[] | null {
  const lift = liftLeft(job, setup, axle);
  const works = Object.values({ ...job.house?.remedies, ...job.brief?.remedies }).some((one) => one === true);
  if (!lift && !works) return null;
  const raised =
    lift && movedSetup({ job, setup, axle, remedy: { kind: 'lift', change: { kind: lift.kind, mm: lift.mostMm } } });
  return [setup, ...(raised ? [raised] : [])].map((one) => windowBase({ job, setup: one, axle, offsets }));
}

const edgeOf = ({ code, label, plusMinus }: Limiter): Edge => ({ code, label, plusMinus });

/** What the limiters leave, each end with the one that holds it. */
function freeSpans(limiters: readonly Limiter[], within: Span): WindowSpan[] {
  const free = left(
    within,
    limiters.flatMap(({ blocked }) => blocked),
  );
  return free.map(([fromMm, toMm]): WindowSpan => {
    const holds = (end: 0 | 1, at: number) =>
      limiters.find(({ blocked }) => blocked.some((span) => Math.abs(span[end] - at) < 1e-9));
    const [low, high] = [holds(1, fromMm), holds(0, toMm)];
    return { fromMm, toMm, low: low ? edgeOf(low) : null, high: high ? edgeOf(high) : null };
  });
}

/** Several answers laid together: where they overlap, the further end and what holds it. */
function joined(spans: readonly WindowSpan[]): WindowSpan[] {
  return united(spans.map(({ fromMm, toMm }): Span => [fromMm, toMm])).map(([fromMm, toMm]) => ({
    fromMm,
    toMm,
    low: spans.find((span) => span.fromMm === fromMm)!.low,
    high: spans.find((span) => span.toMm === toMm)!.high,
  }));
}

/** The offsets that a limiter keeps out, in words; mm, as the trade writes offsets whatever the unit of the rest. */
const workingOf = ({ label, blocked, plusMinus }: Limiter): string[] =>
  blocked.map(([from, to]) => {
    const out =
      from === -Infinity && to === Infinity
        ? 'rules out this width'
        : from === -Infinity
          ? `rules out offsets below ${offsetFigure(to)}`
          : to === Infinity
            ? `rules out offsets above ${offsetFigure(from)}`
            : `rules out offsets from ${offsetFigure(from)} to ${offsetFigure(to)}`;
    return `${label} ${out}${plusMinus === null ? '' : `, ±${formatNumber(plusMinus, 1)}`}`;
  });

/**
 * The limits that close a row: those that keep all of it out alone, else the one that holds furthest from either side.
 */
function closers(limiters: readonly Limiter[], within: Span): string[] {
  const alone = limiters.filter(({ blocked }) => left(within, blocked).length === 0);
  if (alone.length > 0) return alone.map(({ label }) => label);
  const below = limiters.flatMap(({ label, blocked }) =>
    blocked.filter(([from]) => from <= within[0]).map(([, to]) => ({ label, at: to })),
  );
  const above = limiters.flatMap(({ label, blocked }) =>
    blocked.filter(([, to]) => to >= within[1]).map(([from]) => ({ label, at: from })),
  );
  const lowest = below.sort((one, other) => other.at - one.at)[0];
  const highest = above.sort((one, other) => one.at - other.at)[0];
  return [...new Set([lowest, highest].flatMap((one) => one?.label ?? []))];
}

/** Looks, for every limit, whether a row opens without it, and how far it is from doing so. */
function shutBy(rows: readonly { rimWidthIn: number; limiters: Limiter[] }[], within: Span): Shut {
  const opens = new Map<string, Shut['opens'][number]>();
  let nearest: { rimWidthIn: number; limiters: Limiter[]; byMm: number } | null = null;
  for (const { rimWidthIn, limiters } of rows)
    for (const code of new Set(limiters.map((one) => one.code))) {
      const mine = limiters.filter((one) => one.code === code);
      const rest = left(
        within,
        limiters.filter((one) => one.code !== code).flatMap(({ blocked }) => blocked),
      );
      if (rest.length === 0) continue;
      const distance = apart(
        rest,
        left(
          [-1000, 1000],
          mine.flatMap(({ blocked }) => blocked),
        ),
      );
      // What keeps out a whole row gives way altogether, or not at all.
      const byMm = Number.isFinite(distance) ? distance : null;
      const known = opens.get(code);
      if (!known || (byMm !== null && (known.byMm === null || byMm < known.byMm)))
        opens.set(code, { code, label: mine[0]!.label, byMm, rimWidthIn });
      if (byMm !== null && (!nearest || byMm < nearest.byMm)) nearest = { rimWidthIn, limiters, byMm };
    }
  const at = nearest ?? rows[0]!;
  return {
    rimWidthIn: at.rimWidthIn,
    holders: closers(at.limiters, within),
    opens: [...opens.values()].sort((one, other) => (one.byMm ?? Infinity) - (other.byMm ?? Infinity)),
  };
}
