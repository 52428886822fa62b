import type { AxleName, Job } from '#core/job';
import { SIDES, type Side } from '#core/sweep';
import { ROOM, ROOM_READINGS, type RoomReading } from '#formats/fields';
import { fieldCard, type WalkCard } from './card';

/** Gaps at rest, the right side first; the left side is as the right one until it is read for itself. */
export const gapCards = (job: Job, axle: AxleName): WalkCard[] =>
  SIDES.toSorted((one) => (one === 'right' ? -1 : 1)).flatMap((side) => gapsOf(job, axle, side));

function gapsOf({ vehicle }: Job, axle: AxleName, side: Side): WalkCard[] {
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
