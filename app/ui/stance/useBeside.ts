import { useCallback, useMemo } from 'react';
import type { SetupReport } from '#core/evaluate';
import { setupTitle, type AxleName, type Setup } from '#core/job';
import { useDocument } from '../../job/DocumentContext';
import { useReports } from '../../job/ReportsContext';
import { useSightText } from '../../job/useSight';
import { CAR_NOW, NOTHING, OTHER_AXLE } from './sights';

/** What is looked at beside the setup in hand. */
export interface Beside {
  /** What the address says; nothing where it says something that is not there. */
  value: string;
  /** What it is called, where something is. */
  name: string | null;
  setup: Setup | null;
  report: SetupReport | null;
  /** It is the other axle of the setup in hand. */
  isAxle: boolean;
  options: { value: string; label: string }[];
  choose(value: string): void;
}

/** What is looked at beside a setup: the car as it is, another setup, or its own other axle. */
export function useBeside(subject: Setup, now: Setup, axle: AxleName): Beside {
  const { job } = useDocument();
  const { setups, present } = useReports();
  const [asked, ask] = useSightText('beside');
  const others = setups.filter(({ setup }) => setup.id !== subject.id);
  const other = axle === 'front' ? 'rear' : 'front';
  const isNow = subject === now;
  const found = others.find(({ setup }) => setup.id === asked);
  const isAxle = asked === OTHER_AXLE;
  const isCar = asked === CAR_NOW && !isNow;
  const options = useMemo(
    () => [
      { value: NOTHING, label: 'Nothing' },
      ...(isNow ? [] : [{ value: CAR_NOW, label: 'The car now' }]),
      ...job.setups
        .filter(({ id }) => id !== subject.id)
        .map((setup) => ({
          value: setup.id,
          label: `${setup.id.toUpperCase()} ${setupTitle(setup, job.vehicle.flangeMm)}`,
        })),
      { value: OTHER_AXLE, label: `The ${other} axle` },
    ],
    [job.setups, job.vehicle.flangeMm, subject.id, isNow, other],
  );
  const choose = useCallback((value: string) => ask(value === NOTHING ? null : value), [ask]);
  return {
    value: found ? found.setup.id : isAxle ? OTHER_AXLE : isCar ? CAR_NOW : NOTHING,
    name: found ? found.setup.id.toUpperCase() : isAxle ? `${other} axle` : isCar ? 'now' : null,
    setup: found?.setup ?? (isAxle ? subject : isCar ? now : null),
    report: found?.report ?? (isCar ? present : null),
    isAxle,
    options,
    choose,
  };
}
