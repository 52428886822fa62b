import type { AxleName, Edit, Job } from '#core/job';
import { wheelOffsetMm, DEFAULT_FLANGE_MM } from '#core/wheel';
import { takenWith } from '../../help/takenWith';
import { tireSizeEdits } from '../../sheet/tireSizeEdits';
import { fieldCard, type WalkCard } from './card';

const wheelOf = ({ vehicle }: Job, axle: AxleName) => vehicle[axle]?.baseline?.wheel ?? {};

/** A size brings the rim that it says. */
const putSize =
  (axle: AxleName): WalkCard['put'] =>
  (job, { value }) =>
    tireSizeEdits({
      base: ['vehicle', axle, 'baseline'],
      wheel: wheelOf(job, axle),
      size: String(value),
      taken: takenWith('label'),
    });

/** However it was written down before, it is the offset now. */
const putOffset =
  (axle: AxleName): WalkCard['put'] =>
  (job, { value, taken }) => {
    const at = ['vehicle', axle, 'baseline', 'wheel'];
    const wheel = wheelOf(job, axle);
    const drops = (['backspacingMm', 'backspacingConvention'] as const).filter((key) => wheel[key] !== undefined);
    return [
      ...drops.map((key): Edit => ({ op: 'clear', path: [...at, key] })),
      { op: 'set', path: [...at, 'offsetMm'], value, taken },
    ];
  };

/** What stands on the wheel and tire that are on the car. */
export function labelCards(job: Job, axle: AxleName): WalkCard[] {
  const { wheel = {}, tire = {} } = job.vehicle[axle]?.baseline ?? {};
  const base = { axle, tool: 'label' } as const;
  const flangeMm = job.vehicle.flangeMm ?? DEFAULT_FLANGE_MM;
  return [
    fieldCard({ ...base, key: 'baseline.tire.size', entry: 'size', value: tire.size, put: putSize(axle) }),
    fieldCard({ ...base, key: 'baseline.wheel.rimDiameterIn', entry: 'rim', value: wheel.rimDiameterIn }),
    fieldCard({ ...base, key: 'baseline.wheel.rimWidthIn', entry: 'rim', value: wheel.rimWidthIn }),
    fieldCard({
      ...base,
      key: 'baseline.wheel.offsetMm',
      entry: 'offset',
      value: wheelOffsetMm(wheel, flangeMm),
      put: putOffset(axle),
    }),
  ];
}

/** Of the tire itself: more exact than its size, and no verdict waits for it. */
export function tireCards({ vehicle }: Job, axle: AxleName): WalkCard[] {
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
