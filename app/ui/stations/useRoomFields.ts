import type { AxleName, Taken } from '#core/job';
import { rimFigure, offsetFigure } from '#core/units';
import { useJob } from '../../job/JobContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { useEditAt } from '../parts/useEditAt';
import { useAxleFields, type FieldOver } from './useAxleFields';

type GapKey = 'outboardGapMm' | 'inboardGapMm' | 'archGapMm';

/** The fields of the Room station for an axle, and where each reading stands. */
export function useRoomFields(axle: AxleName, taken: Taken) {
  const { job } = useJob();
  const lengths = useLengths();
  const editAt = useEditAt();
  const vehicleAxle = job.vehicle[axle] ?? {};
  const baseline = vehicleAxle.baseline ?? {};
  const wheel = useAxleFields(['vehicle', axle, 'baseline'], baseline, taken);
  const over = (path: string[], value: number | null | undefined): FieldOver<number> => ({
    name: path.join('/'),
    value: value ?? null,
    commit: (next) => editAt(path, next, taken),
  });
  const gap = (key: GapKey) => over(['vehicle', axle, 'room', key], vehicleAxle.room?.[key]);
  const length = (mm: number | null | undefined) => (mm == null ? null : lengths.text(mm));
  const inches = (value: number | null) => (value === null ? null : `${rimFigure(value)} in`);
  const item = (key: string, shown: string | null, optional = false) => ({ key, shown, optional });
  const tire = baseline.tire ?? {};
  return {
    wheel,
    stack: over(['vehicle', axle, 'baseline', 'stackMm'], baseline.stackMm),
    stackAssumed: baseline.stackMm == null,
    outboard: gap('outboardGapMm'),
    inboard: gap('inboardGapMm'),
    arch: gap('archGapMm'),
    items: [
      item('baseline.wheel.rimDiameterIn', inches(wheel.rimDiameter.value)),
      item('baseline.wheel.rimWidthIn', inches(wheel.rimWidth.value)),
      item('baseline.wheel.offsetMm', wheel.offsetMm === null ? null : `${offsetFigure(wheel.offsetMm)} mm`),
      item('baseline.tire.size', tire.size ?? null),
      item('room.outboardGapMm', length(vehicleAxle.room?.outboardGapMm)),
      item('room.inboardGapMm', length(vehicleAxle.room?.inboardGapMm)),
      item('room.archGapMm', length(vehicleAxle.room?.archGapMm)),
      item('baseline.stackMm', length(baseline.stackMm), true),
      item('baseline.tire.sectionWidthMm', length(tire.sectionWidthMm), true),
      item('baseline.tire.overallDiameterMm', length(tire.overallDiameterMm), true),
      item('baseline.tire.treadWidthMm', length(tire.treadWidthMm), true),
    ],
  };
}

export type RoomFields = ReturnType<typeof useRoomFields>;
