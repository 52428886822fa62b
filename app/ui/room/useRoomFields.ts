import type { Side } from '#core/sweep';
import { roomOn, type AxleName, type Taken } from '#core/job';
import { rimFigure, offsetFigure } from '#core/units';
import { ROOM, ROOM_READINGS, type RoomReading } from '#formats/fields';
import { useDocument } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { useFieldOver } from '../parts/useFieldOver';
import { useAxleFields } from '../sheet/useAxleFields';

/**
 * The fields of the Room station for a corner, and where each reading stands. Wheel and tire are one for the axle; the
 * gaps of the left side are its own where they were read there, and as on the right where not.
 */
export function useRoomFields(axle: AxleName, side: Side, taken: Taken) {
  const { job } = useDocument();
  const lengths = useLengths();
  const vehicleAxle = job.vehicle[axle] ?? {};
  const baseline = vehicleAxle.baseline ?? {};
  const wheel = useAxleFields(['vehicle', axle, 'baseline'], baseline, taken);
  const fieldOver = useFieldOver();
  const over = (path: string[], value: number | null | undefined) => fieldOver(path, value, taken);
  const length = (mm: number | null | undefined) => (mm == null ? null : lengths.text(mm));
  const inches = (value: number | null) => (value === null ? null : `${rimFigure(value)} in`);
  const item = (key: string, shown: string | null, optional = false) => ({ key, shown, optional });
  const base = side === 'left' ? ['left', 'room'] : ['room'];
  const own = side === 'left' ? vehicleAxle.left?.room : vehicleAxle.room;
  const room = roomOn(vehicleAxle, side);
  const roomKey = (key: RoomReading): string => [...base, key].join('.');
  const gap = (key: RoomReading) => ({
    ...over(['vehicle', axle, ...base, key], own?.[key]),
    // What the right side reads stands in gray until the left is read for itself.
    ...(side === 'left' && vehicleAxle.room?.[key] != null
      ? { placeholder: lengths.figure(vehicleAxle.room[key]) }
      : {}),
  });
  const gapItem = (key: RoomReading) =>
    item(
      roomKey(key),
      own?.[key] == null ? null : length(own[key]),
      isOptional(key) || (side === 'left' && room[key] != null),
    );
  const tire = baseline.tire ?? {};
  return {
    wheel,
    stack: over(['vehicle', axle, 'baseline', 'stackMm'], baseline.stackMm),
    stackAssumed: baseline.stackMm == null,
    /** Where the gaps are kept within the axle, for help and history. */
    roomKey,
    gap,
    items: [
      item('baseline.tire.size', tire.size ?? null),
      item('baseline.wheel.rimDiameterIn', inches(wheel.rimDiameter.value)),
      item('baseline.wheel.rimWidthIn', inches(wheel.rimWidth.value)),
      item('baseline.wheel.offsetMm', wheel.offsetMm === null ? null : `${offsetFigure(wheel.offsetMm)} mm`),
      ...ROOM_READINGS.map(gapItem),
      item('baseline.stackMm', length(baseline.stackMm), true),
      item('baseline.tire.sectionWidthMm', length(tire.sectionWidthMm), true),
      item('baseline.tire.overallDiameterMm', length(tire.overallDiameterMm), true),
      item('baseline.tire.treadWidthMm', length(tire.treadWidthMm), true),
    ],
  };
}

const isOptional = (key: RoomReading): boolean => 'optional' in ROOM[key];

export type RoomFields = ReturnType<typeof useRoomFields>;
