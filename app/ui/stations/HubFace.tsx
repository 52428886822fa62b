import { range } from 'd3';
import type { Hub } from '#core/job';
import { useSize } from '../sheet/useSize';

/** The commonest thread, for a hub whose thread is not written down. */
const USUAL_THREAD_MM = 12;

/** Thread diameter from its designation, `M14x1.5` or `M14`. */
const threadMm = (thread: string | undefined): number =>
  Number(/^M(\d+(?:\.\d+)?)/i.exec(thread?.trim() ?? '')?.[1] ?? USUAL_THREAD_MM);

/** A hub face on, to scale, as far as it is known: flange, studs on their circle, lip. */
export function HubFace({ hub }: { hub: Hub | undefined }) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 420, height: 420 });
  const circle = hub?.boltCircleMm ?? null;
  const n = hub?.lugCount ?? null;
  const half = Math.max(80, (circle ?? 110) / 2 + 26);
  const k = Math.min(size.width, size.height - 20) / 2 / (half + 6);
  const stud = threadMm(hub?.fastener?.thread) / 2;
  const turn = (index: number) => (2 * Math.PI * index) / n! - Math.PI / 2;
  return (
    <div className="hub-face-drawing" ref={ref}>
      <svg
        width={size.width}
        height={size.height}
        viewBox={`${-size.width / 2} ${-size.height / 2} ${size.width} ${size.height}`}
        role="img"
        aria-label={
          circle !== null && n !== null
            ? `Hub face on: ${n} studs on a circle of ${circle} mm`
            : 'Hub face on: bolt circle not known yet'
        }
      >
        <g transform={`scale(${k})`}>
          <circle r={half} className="hub-flange" />
          <path d={`M${-half - 8},0H${half + 8}M0,${-half - 8}V${half + 8}`} className="hub-cross" />
          {circle !== null && <circle r={circle / 2} className="hub-circle" />}
          {circle !== null &&
            n !== null &&
            range(n).map((index) => (
              <circle
                key={index}
                cx={(circle / 2) * Math.cos(turn(index))}
                cy={(circle / 2) * Math.sin(turn(index))}
                r={stud}
                className={hub?.fastener?.kind === 'bolt' ? 'hub-hole' : 'hub-stud'}
              />
            ))}
          {hub?.boreMm != null && <circle r={hub.boreMm / 2} className="hub-lip" />}
          {hub?.boreMm != null && <circle r={hub.boreMm / 2 - 5} className="hub-hole" />}
        </g>
      </svg>
    </div>
  );
}
