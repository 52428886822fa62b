import { pullOrder, reachedNm, pullVerdict, type TorqueRow, type Turn } from '#core/fitting';
import type { CornerTightening } from '#core/sheet';
import './fitup.css';

interface StudCircleProps {
  tightening: CornerTightening;
  rows: readonly TorqueRow[];
  /** The pull that is due. */
  due: Turn | null;
  /** The fastener in hand, when it is another one than the star has next. */
  chosen: number | null;
  choose: ((fastener: number) => void) | null;
}

const [RADIUS, STUD] = [62, 17];

/** Where a fastener stands on the circle, the first at the top, clockwise. */
function placeOf(fastener: number, lugCount: number): [number, number] {
  const angle = ((fastener - 1) / lugCount) * 2 * Math.PI;
  return [RADIUS * Math.sin(angle), -RADIUS * Math.cos(angle)];
}

/** The fasteners of a joint seen from outside: which have the stage, which is next, and the way the star goes. */
export function StudCircle({ tightening, rows, due, chosen, choose }: StudCircleProps) {
  const { joint, lugCount, stagesNm } = tightening;
  const stage = due?.stage ?? stagesNm.length;
  const order = pullOrder(lugCount);
  const star = order
    .map((fastener) =>
      placeOf(fastener, lugCount)
        .map((one) => one.toFixed(1))
        .join(),
    )
    .join('L');
  const inHand = chosen ?? due?.fastener ?? null;
  return (
    <div className="stud-circle" role="group" aria-label={joint === 'wheel' ? 'Wheel fasteners' : 'Adapter nuts'}>
      <svg viewBox="-100 -100 200 200" aria-hidden>
        <circle r={94} className="stud-pad" />
        <circle r={26} className="stud-bore" />
        <path d={`M${star}`} className="stud-star" />
      </svg>
      {order.map((_, at) => {
        const fastener = at + 1;
        const [x, y] = placeOf(fastener, lugCount);
        const nm = reachedNm(rows, { joint, stage, fastener });
        const verdict = nm === null ? null : pullVerdict(nm, stagesNm[stage - 1]!);
        const isNext = due?.fastener === fastener;
        return (
          <button
            key={fastener}
            type="button"
            className="stud"
            style={{ left: `${50 + x / 2}%`, top: `${50 + y / 2}%`, width: `${STUD}%` }}
            data-state={verdict ?? 'open'}
            data-next={isNext}
            aria-pressed={inHand === fastener}
            aria-label={`Fastener ${fastener}: ${verdict ? WORDS[verdict] : 'not pulled'}${isNext ? ', next' : ''}`}
            disabled={choose === null}
            onClick={() => choose?.(fastener)}
          >
            {fastener}
          </button>
        );
      })}
    </div>
  );
}

const WORDS = { within: 'pulled', under: 'too light', over: 'too tight', stretched: 'over-torqued' } as const;
