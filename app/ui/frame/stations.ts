import { hasPokeTarget, stationProgress } from '#core/standing';
import { AXLES, decidedSetup, type Job } from '#core/job';
import { resolveGeometry } from '#core/suspension';

export interface Station {
  key: string;
  path: string;
  name: string;
  /** What is done here, in a few figures. */
  state(job: Job): { text: string; full: boolean };
}

const counted = (station: 'hub' | 'room') => (job: Job) => {
  const { done, total } = stationProgress(job, station);
  return { text: done === total ? `all ${total}` : `${done} of ${total}`, full: done === total };
};

/** One reading at a time, at the car: no station, but a walk through several. */
const MEASURE = { path: 'measure', name: 'Measure' } as const;

/** What the place of an address is called; undefined for none. */
export const placeName = (pathname: string): string | undefined =>
  [...STATIONS, MEASURE].find(({ path }) => pathname.endsWith(`/${path}`))?.name;

/** The stations in working order; their place is their key, but for the view: digits are taken. */
export const STATIONS: readonly Station[] = [
  { key: '1', path: 'hub', name: 'Hub', state: counted('hub') },
  { key: '2', path: 'room', name: 'Room', state: counted('room') },
  {
    key: '3',
    path: 'brakes',
    name: 'Brakes',
    state: ({ vehicle }) => {
      const drawn = AXLES.filter((axle) => vehicle[axle]?.caliper?.outline);
      return {
        text: drawn.length === 2 ? 'both axles' : drawn.length === 1 ? `${drawn[0]} only` : 'no outline',
        full: drawn.length === 2,
      };
    },
  },
  {
    key: '4',
    path: 'brief',
    name: 'Brief',
    state: (job) => {
      const isSet = hasPokeTarget(job);
      return { text: isSet ? 'target set' : 'no target yet', full: isSet };
    },
  },
  {
    key: '5',
    path: 'window',
    name: 'Window',
    state: ({ vehicle, setups }) => {
      const read = AXLES.filter(
        (axle) => vehicle[axle]?.room?.outboardGapMm != null && vehicle[axle].room.inboardGapMm != null,
      );
      return {
        text: setups.length === 0 ? 'a setup first' : read.length === 2 ? 'both axles' : 'readings first',
        full: setups.length > 0 && read.length === 2,
      };
    },
  },
  {
    key: '6',
    path: 'setups',
    name: 'Setups',
    state: ({ setups }) => ({
      text: setups.length === 0 ? 'none yet' : `${setups.length} built`,
      full: setups.length > 0,
    }),
  },
  {
    key: '7',
    path: 'compare',
    name: 'Compare',
    state(job) {
      const { setups } = job;
      const decided = decidedSetup(job);
      const text = setups.length > 1 ? 'side by side' : setups.length === 1 ? 'against now' : '—';
      return { text: decided ? `${decided.id.toUpperCase()} chosen` : text, full: setups.length > 0 };
    },
  },
  {
    key: '8',
    path: 'sweep',
    name: 'Sweep',
    state: ({ vehicle }) => {
      const moving = AXLES.filter((axle) => resolveGeometry(vehicle[axle]?.suspension, axle).geometry);
      return {
        text: moving.length === 2 ? 'both axles' : moving.length === 1 ? `${moving[0]} moves` : 'at rest only',
        full: moving.length === 2,
      };
    },
  },
  {
    key: 'v',
    path: 'stance',
    name: 'Stance',
    state: ({ vehicle, setups }) => {
      const known = AXLES.filter((axle) => {
        const { size, overallDiameterMm } = vehicle[axle]?.baseline?.tire ?? {};
        return Boolean(size?.trim()) || overallDiameterMm != null;
      });
      return {
        text: known.length < 2 ? 'tire sizes first' : setups.length === 0 ? 'as it stands' : 'to look at',
        full: known.length === 2,
      };
    },
  },
  {
    key: '9',
    path: 'fit-up',
    name: 'Fit-up',
    state: ({ fittings = [] }) => {
      const last = fittings.at(-1);
      return {
        text: !last ? 'not yet' : last.finishedAt ? (last.outcome ?? 'closed') : 'under way',
        full: fittings.some(({ kind, finishedAt, outcome }) => kind === 'final' && finishedAt && outcome === 'kept'),
      };
    },
  },
  { key: '0', path: 'log', name: 'Log', state: () => ({ text: 'timeline', full: true }) },
];
