import type { Tire } from '#core/tire';
import type { Edit, Taken, Wheel } from '#core/job';
import { backspacingMm, DEFAULT_FLANGE_MM, wheelOffsetMm, type BackspacingConvention } from '#core/wheel';
import { useDocument } from '../../job/DocumentContext';
import { takenWith } from '../help/takenWith';
import { useFieldOver, type FieldOver } from '../parts/useFieldOver';
import { tireSizeEdits } from './tireSizeEdits';

interface Held {
  wheel?: Wheel | undefined;
  tire?: Tire | undefined;
}

/** The fields of a wheel and a tire, wherever in the job they stand: a candidate's or the present ones. */
export function useAxleFields(base: string[], held: Held, taken?: Taken) {
  const { job, edit } = useDocument();
  const fieldOver = useFieldOver();
  const flangeMm = job.vehicle.flangeMm ?? DEFAULT_FLANGE_MM;
  const wheel = held.wheel ?? {};
  const tire = held.tire ?? {};
  const offset = wheelOffsetMm(wheel, flangeMm);
  const over = <T extends string | number>(group: 'wheel' | 'tire', key: keyof Wheel | keyof Tire): FieldOver<T> => {
    const path = [...base, group, key];
    const value = (group === 'wheel' ? wheel[key as keyof Wheel] : tire[key as keyof Tire]) as T | null | undefined;
    return fieldOver<T>(path, value, taken) as FieldOver<T>;
  };
  const place = (key: keyof Wheel): string[] => [...base, 'wheel', key];
  const drop = (...keys: (keyof Wheel)[]): Edit[] =>
    keys.filter((key) => wheel[key] !== undefined).map((key) => ({ op: 'clear', path: place(key) }));
  const put = (key: keyof Wheel, value: unknown): Edit => ({
    op: 'set',
    path: place(key),
    value,
    ...(taken ? { taken } : {}),
  });
  const tireSize = over<string>('tire', 'size');

  return {
    offsetMm: offset,
    rimDiameter: over<number>('wheel', 'rimDiameterIn'),
    rimWidth: over<number>('wheel', 'rimWidthIn'),
    tireSize: {
      ...tireSize,
      commit: (size: string | null) =>
        size === null
          ? tireSize.commit(null)
          : edit(...tireSizeEdits({ base, wheel, size, taken: taken && takenWith('label') })),
    },
    sectionWidth: over<number>('tire', 'sectionWidthMm'),
    overallDiameter: over<number>('tire', 'overallDiameterMm'),
    treadWidth: over<number>('tire', 'treadWidthMm'),
    offset: {
      name: place('offsetMm').join('/'),
      value: offset,
      commit: (value: number | null) =>
        edit(
          ...drop('backspacingMm', 'backspacingConvention'),
          ...(value === null ? drop('offsetMm') : [put('offsetMm', value)]),
        ),
    },
    backspacing: (convention: BackspacingConvention): FieldOver<number> => ({
      name: [...place('backspacingMm'), convention].join('/'),
      value:
        offset === null || wheel.rimWidthIn == null
          ? wheel.backspacingConvention === convention
            ? (wheel.backspacingMm ?? null)
            : null
          : backspacingMm({ rimWidthIn: wheel.rimWidthIn, offsetMm: offset, flangeMm, convention }),
      commit: (value: number | null) =>
        edit(
          ...drop('offsetMm'),
          ...(value === null
            ? drop('backspacingMm', 'backspacingConvention')
            : [put('backspacingMm', value), put('backspacingConvention', convention)]),
        ),
    }),
    /** Moves the wheel by so many mm, in whichever way it is written down. */
    nudge(mm: number) {
      if (offset === null) return;
      if (wheel.backspacingMm != null) edit(put('backspacingMm', wheel.backspacingMm + mm));
      else edit(put('offsetMm', offset + mm));
    },
  };
}
