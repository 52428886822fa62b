import { AXLES, type AxleName, type Job, type SetupOnAxle } from '#core/job';
import { USUAL_FRAME } from './frame';
import type { MadeCorner } from './made';
import type { StancePose } from './stand';

/** What nobody measured of a scene, as it is said and where it is entered. */
export interface StanceAssumed {
  what: 'wheelbase' | 'track' | 'lip' | 'panel' | 'look' | 'caliper' | 'steer';
  axle: AxleName | null;
  text: string;
}

/** What is assumed of the whole car. */
export function carAssumed({ vehicle }: Job, { poses }: StancePose): StanceAssumed[] {
  const { wheelbaseMm, trackMm } = USUAL_FRAME;
  const says = (what: StanceAssumed['what'], axle: AxleName | null, text: string) => ({ what, axle, text });
  return [
    ...(vehicle.wheelbaseMm == null ? [says('wheelbase', null, `wheelbase ${wheelbaseMm} mm`)] : []),
    ...AXLES.filter((axle) => vehicle[axle]?.trackMm == null).map((axle) =>
      says('track', axle, `${axle} track ${trackMm} mm`),
    ),
    ...(AXLES.some((axle) => (poses[axle]?.steerDeg ?? 0) !== 0)
      ? [says('steer', null, 'both wheels steer by the same angle')]
      : []),
  ];
}

/** What is assumed of a corner. */
export function cornerAssumed({ job, setup, axle }: SetupOnAxle, { bodies, lip }: MadeCorner): StanceAssumed[] {
  const { panelFallDeg } = job.vehicle[axle] ?? {};
  const has = (kind: 'spokes' | 'caliper') => bodies.some((body) => body.kind === kind);
  const { style, spokeCount } = setup[axle]?.wheel ?? {};
  const says = (what: StanceAssumed['what'], text: string) => ({ what, axle, text });
  return [
    ...(lip?.isAssumed ? [says('lip', `${axle} fender lips, as arcs about the hub`)] : []),
    ...(lip && panelFallDeg == null
      ? [says('panel', `${axle} fenders leaning in by ${USUAL_FRAME.panelFallDeg}°`)]
      : []),
    ...(has('spokes') && (style === undefined || spokeCount == null)
      ? [says('look', `style of the ${axle} wheels`)]
      : []),
    ...(has('caliper') ? [says('caliper', `where around the hub the ${axle} calipers stand`)] : []),
  ];
}
