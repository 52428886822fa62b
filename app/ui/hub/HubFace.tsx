import { range } from 'd3';
import { threadOrNull } from '#core/fastener';
import { diameterFigure } from '#core/units';
import { Drawing } from '../drawing/Drawing';
import { useZoom } from '../drawing/useZoom';
import { useSize } from '../drawing/useSize';
import './hub.css';

/** What a face with studs or holes looks like from the front, as far as it is known. Lengths mm. */
export interface Face {
  lugCount: number | null;
  boltCircleMm: number | null;
  boreMm: number | null;
  /** Studs that stand out, or holes. */
  kind: 'stud' | 'hole';
  thread?: string | undefined;
}

interface HubFaceProps {
  face: Face;
  /** What the drawing is of, for its name. */
  name: string;
  /** The studs a reading goes between. */
  pair?: readonly [number, number] | null | undefined;
  /** Pairs that were read already. */
  read?: readonly (readonly [number, number])[];
  choose?(stud: number): void;
  /** The order of tightening: places clockwise from the top stud. */
  order?: readonly number[] | null;
}

/** The commonest thread, for a face whose thread is not written down. */
const USUAL_THREAD_MM = 12;
/** A circle to draw studs on while nobody has read one. */
const USUAL_CIRCLE_MM = 112;

/**
 * A hub or wheel face on, to scale as far as it is known: flange, studs on their circle, lip; its studs can be chosen.
 */
export function HubFace({ face, name, pair, read = [], choose, order }: HubFaceProps) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 420, height: 340 });
  const zoom = useZoom(size, true);
  const { lugCount: n, boltCircleMm } = face;
  const circle = boltCircleMm ?? USUAL_CIRCLE_MM;
  const half = Math.max(80, circle / 2 + 24);
  const k = Math.max(0.1, Math.min(size.width, size.height) / 2 / (half + 8));
  const stud = (threadOrNull(face.thread)?.diameterMm ?? USUAL_THREAD_MM) / 2;
  const at = (index: number): [number, number] => {
    const turn = (2 * Math.PI * index) / n! - Math.PI / 2;
    return [(circle / 2) * Math.cos(turn), (circle / 2) * Math.sin(turn)];
  };
  const chord = ([one, other]: readonly [number, number], className: string, key?: number) => {
    const [[x1, y1], [x2, y2]] = [at(one), at(other)];
    return <line key={key} x1={x1} y1={y1} x2={x2} y2={y2} className={className} />;
  };
  const kinds = face.kind === 'stud' ? 'studs' : 'holes';
  const label =
    boltCircleMm !== null && n !== null
      ? `${name} face on: ${n} ${kinds} on a circle of ${diameterFigure(boltCircleMm)} mm`
      : `${name} face on: bolt circle not known yet`;
  return (
    <div className="hub-face-drawing" ref={ref}>
      <Drawing zoom={zoom} role="group" aria-label={label}>
        <g transform={`scale(${k})`}>
          <circle r={half} className="hub-flange" />
          <path d={`M${-half - 8},0H${half + 8}M0,${-half - 8}V${half + 8}`} className="hub-cross" />
          <circle r={circle / 2} className={boltCircleMm === null ? 'hub-circle hub-guess' : 'hub-circle'} />
          {face.boreMm !== null && <circle r={face.boreMm / 2} className="hub-lip" />}
          {face.boreMm !== null && <circle r={face.boreMm / 2 - 5} className="hub-hole" />}
          {n !== null && (
            <>
              {order && <path d={`M${order.map((place) => at(place).join()).join('L')}`} className="star-path" />}
              {read.map((one, index) => chord(one, 'hub-read', index))}
              {pair && pair[0] !== pair[1] && chord(pair, 'hub-pair')}
              {range(n).map((index) => {
                const [x, y] = at(index);
                const chosen = pair?.includes(index) ?? false;
                const word = face.kind === 'stud' ? 'Stud' : 'Hole';
                const mark = (
                  <>
                    {choose && <circle cx={x} cy={y} r={Math.max(stud, 24 / k)} className="hub-target" />}
                    <circle
                      cx={x}
                      cy={y}
                      r={stud}
                      className={`${face.kind === 'stud' ? 'hub-stud' : 'hub-hole'} ${chosen ? 'hub-chosen' : ''}`}
                    />
                    <text
                      x={x * (1 + (stud + 11 / k) / (circle / 2))}
                      y={y * (1 + (stud + 11 / k) / (circle / 2))}
                      fontSize={(order ? 17 : 12) / k}
                      className={order ? 'hub-turn' : 'hub-number'}
                    >
                      {order ? order.indexOf(index) + 1 : index + 1}
                    </text>
                  </>
                );
                if (!choose) return <g key={index}>{mark}</g>;
                return (
                  <g
                    key={index}
                    role="button"
                    tabIndex={0}
                    aria-pressed={chosen}
                    aria-label={`${word} ${index + 1}`}
                    className="hub-choose"
                    onClick={() => choose(index)}
                    onKeyDown={(event) => {
                      if (event.key !== 'Enter' && event.key !== ' ') return;
                      event.preventDefault();
                      choose(index);
                    }}
                  >
                    {mark}
                  </g>
                );
              })}
            </>
          )}
        </g>
      </Drawing>
      {boltCircleMm === null && <p className="hub-guess-note soft">circle not known: drawn on {USUAL_CIRCLE_MM} mm</p>}
    </div>
  );
}
