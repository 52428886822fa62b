import { measuringPlan, type PlanItem } from '#core/advice';
import { boreFault, countFault } from '#core/hub';
import { AXLES, type AxleName, type Job, type ReadingRecord } from '#core/job';
import { capital } from '#core/text';
import { SIDES, type Side } from '#core/sweep';
import { wheelOffsetMm, DEFAULT_FLANGE_MM } from '#core/wheel';
import {
  fieldAt,
  helpOf,
  rangeOf,
  ROOM,
  ROOM_READINGS,
  type FieldHelp,
  type Range,
  type RoomReading,
} from '#formats/fields';
import { KIND_NAMES } from '../room/partDraft';

/** How the value of a card is typed. */
export type Entry = 'length' | 'rim' | 'offset' | 'count' | 'size';

/** One reading of a walk round the car. */
export interface WalkCard {
  /** Names it within the job, and in the address. */
  id: string;
  axle: AxleName;
  /** Of a reading that is taken on one side; null for one of the axle. */
  side: Side | null;
  title: string;
  /** Where it is kept. */
  path: readonly string[];
  /** The reading it is within its axle, for help and history; null where it has no history. */
  key: string | null;
  entry: Entry;
  range: Range;
  help: Pick<FieldHelp, 'where'> & Partial<FieldHelp>;
  value: number | string | null;
  /** The number of the job that its value was taken over from; null where this car was read. */
  fromJob: string | null;
  /** No verdict waits for it. */
  optional: boolean;
  /** What holds while it is empty: what the other side reads. */
  like: number | null;
  /** Of a part in space: where and in which pose. */
  plan: PlanItem | null;
  /** What is wrong with a value beside the others; null where nothing is. */
  check?: ((value: number) => string | null | false) | undefined;
}

interface FieldCard {
  axle: AxleName;
  key: string;
  entry: Entry;
  side?: Side;
  optional?: boolean;
  like?: number | null;
  value: number | string | null | undefined;
  check?: WalkCard['check'];
}

function fieldCard({ axle, key, entry, side, optional = false, like = null, value, check }: FieldCard): WalkCard {
  const path = ['vehicle', axle, ...key.split('.')];
  const field = fieldAt(path);
  const help = helpOf(key);
  if (!field) throw new Error(`there is no field ${key}`);
  return {
    id: `${axle}.${key}`,
    axle,
    side: side ?? null,
    title: capital(help?.title ?? field.name),
    path,
    key,
    entry,
    range: field.kind === 'number' ? rangeOf(field) : [0, 0],
    help: help ?? { where: `The ${field.name} of this axle.` },
    value: value ?? null,
    fromJob: null,
    optional,
    like,
    plan: null,
    check,
  };
}

/** What stands on the wheel and tire that are on the car. */
function labelCards(job: Job, axle: AxleName): WalkCard[] {
  const { wheel = {}, tire = {} } = job.vehicle[axle]?.baseline ?? {};
  const of = (key: string, entry: Entry, value: number | string | null | undefined) =>
    fieldCard({ axle, key: `baseline.${key}`, entry, value });
  return [
    of('tire.size', 'size', tire.size),
    of('wheel.rimDiameterIn', 'rim', wheel.rimDiameterIn),
    of('wheel.rimWidthIn', 'rim', wheel.rimWidthIn),
    of('wheel.offsetMm', 'offset', wheelOffsetMm(wheel, job.vehicle.flangeMm ?? DEFAULT_FLANGE_MM)),
  ];
}

/** Gaps at rest; the left side is as the right one until it is read for itself. */
function gapCards({ vehicle }: Job, axle: AxleName, side: Side): WalkCard[] {
  const right = vehicle[axle]?.room ?? {};
  const own = side === 'left' ? (vehicle[axle]?.left?.room ?? {}) : right;
  return ROOM_READINGS.map((key: RoomReading) =>
    fieldCard({
      axle,
      side,
      key: `${side === 'left' ? 'left.' : ''}room.${key}`,
      entry: 'length',
      value: own[key],
      like: side === 'left' ? (right[key] ?? null) : null,
      optional: side === 'left' || 'optional' in ROOM[key],
    }),
  );
}

/** Parts in space that are worth reading, in the order of a walk round the corner. */
function partCards(job: Job, axle: AxleName): WalkCard[] {
  const parts = job.vehicle[axle]?.obstacles ?? [];
  return measuringPlan(job, axle, 'right').flatMap((plan): WalkCard[] => {
    const read = parts.find(({ id }) => id === plan.readId);
    // A part that was placed by coordinates has no gap to read again.
    if (read && !read.gap) return [];
    return [
      {
        id: `${axle}.part.${plan.kind}`,
        axle,
        side: 'right',
        title: `Gap to the ${KIND_NAMES[plan.kind].toLowerCase()}`,
        path: read ? ['vehicle', axle, 'obstacles', read.id, 'gap', 'gapMm'] : ['vehicle', axle, 'obstacles'],
        key: null,
        entry: 'length',
        range: rangeOf({ range: 'gapMm' }),
        help: { where: `${capital(plan.where)}.`, tool: 'Steel rule or feeler gauge' },
        value: read?.gap?.gapMm ?? null,
        fromJob: read?.gap?.fromJob ?? null,
        optional: true,
        like: null,
        plan,
      },
    ];
  });
}

function hubCards({ vehicle }: Job, axle: AxleName): WalkCard[] {
  const hub = vehicle[axle]?.hub ?? {};
  const of = (key: string, value: number | null | undefined, check?: WalkCard['check']) =>
    fieldCard({ axle, key: `hub.${key}`, entry: key === 'lugCount' ? 'count' : 'length', value, check });
  return [
    of('lugCount', hub.lugCount, (count) => countFault(hub.patternReadings ?? [], count)),
    of('boltCircleMm', hub.boltCircleMm, (mm) => boreFault(hub.boreMm, mm) && 'must be larger than the center bore'),
    of('boreMm', hub.boreMm, (mm) => boreFault(mm, hub.boltCircleMm)),
    of('lipHeightMm', hub.lipHeightMm),
    of('fastener.lengthMm', hub.fastener?.lengthMm),
  ];
}

/** Of the tire itself: more exact than its size, and no verdict waits for it. */
function tireCards({ vehicle }: Job, axle: AxleName): WalkCard[] {
  const { tire = {}, stackMm } = vehicle[axle]?.baseline ?? {};
  const of = (key: string, value: number | null | undefined) =>
    fieldCard({ axle, key: `baseline.${key}`, entry: 'length', value, optional: true });
  return [
    of('stackMm', stackMm),
    of('tire.sectionWidthMm', tire.sectionWidthMm),
    of('tire.overallDiameterMm', tire.overallDiameterMm),
    of('tire.treadWidthMm', tire.treadWidthMm),
  ];
}

/**
 * Every reading of a car one after the other, as somebody walks round it: what is written on wheel and tire, the gaps
 * at rest on either side, the parts beside the wheel, and with the wheel off the hub.
 */
export const measuringWalk = (job: Job, readings: readonly TakenReading[] = []): WalkCard[] =>
  AXLES.flatMap((axle) => [
    ...labelCards(job, axle),
    ...SIDES.toSorted((one) => (one === 'right' ? -1 : 1)).flatMap((side) => gapCards(job, axle, side)),
    ...partCards(job, axle),
    ...tireCards(job, axle),
    ...hubCards(job, axle),
  ]).map((card) => (card.key === null ? card : { ...card, fromJob: lastOf(card, readings)?.fromJob ?? null }));

/** A reading of the history as far as a card says it. */
type TakenReading = ReadingRecord & { corner: string };

/** The reading that counts now. */
export const lastOf = ({ key, axle }: WalkCard, readings: readonly TakenReading[]): TakenReading | undefined =>
  readings.findLast((one) => one.key === key && one.corner === axle && !one.withdrawn);

/** Whether a card still waits for its reading. */
export const isOpen = ({ value, like }: WalkCard): boolean => value === null && like === null;

/** Where a walk goes on: the next card that waits, from one on and then from the beginning; null where none does. */
export function nextOpen(
  walk: readonly WalkCard[],
  from: string | null,
  skipped: ReadonlySet<string>,
): WalkCard | null {
  const at = walk.findIndex(({ id }) => id === from);
  const round = [...walk.slice(at + 1), ...walk.slice(0, at + 1)];
  const waits = (card: WalkCard) => isOpen(card) && !skipped.has(card.id) && card.id !== from;
  return round.find((card) => waits(card) && !(card.optional && card.plan === null)) ?? null;
}

/** How many readings a verdict waits for, how many more are worth taking, and how many are another car's. */
export function stillOpen(walk: readonly WalkCard[]): { needed: number; worth: number; takenOver: number } {
  const open = walk.filter(isOpen);
  return {
    needed: open.filter(({ optional }) => !optional).length,
    worth: open.filter(({ optional, plan }) => optional && plan !== null).length,
    takenOver: walk.filter(({ fromJob }) => fromJob !== null).length,
  };
}
