import type { Fitted, SpareReport } from '#core/evaluate';
import type { Spare } from '#core/job';
import { extentMm } from '#core/position';
import { useLengths } from '../../preferences/PreferencesContext';
import { Dimension } from '../sheet/Dimension';
import { fitScale } from '../sheet/scale';
import { drawingFrame } from '../drawing/measures';
import { useSize } from '../drawing/useSize';
import './car.css';

const MARGINS = { left: 20, right: 20, top: 26, bottom: 30 };
const WALL_MM = 14;

/** The spare in its well, from the side, to scale: play, how far it sticks out, and where the hold-down clamps. */
export function SpareWell({ well, spare, report }: { well: Spare; spare: Fitted | null; report: SpareReport }) {
  const lengths = useLengths();
  const { ref, size } = useSize<HTMLDivElement>({ width: 452, height: 200 });
  const { wellDiameterMm, wellDepthMm } = well;
  const diameter = spare?.overallDiameterMm ?? null;
  const rim = spare?.wheel.rimWidthIn;
  const high =
    spare?.sectionWidthMm == null || rim == null ? null : 2 * extentMm(spare.sectionWidthMm, rim, spare.flangeMm);
  if (wellDiameterMm == null || wellDepthMm == null || diameter === null || high === null)
    return (
      <p className="spare-hint soft">
        Measure the well&apos;s diameter and depth, and enter the spare&apos;s tire and rim, to see it drawn.
      </p>
    );
  const widest = Math.max(wellDiameterMm, diameter);
  const top = Math.max(wellDepthMm, high + (report.ridesMm ?? 0), report.clampMm ?? 0, well.holdDownMm ?? 0);
  const scale = fitScale({ left: -widest / 2 - 40, right: widest / 2 + 40, bottom: -WALL_MM, top }, size, MARGINS);
  const { x, y, k } = scale;
  const half = wellDiameterMm / 2;
  const foot = Math.min(half, (well.wellFloorDiameterMm ?? wellDiameterMm) / 2);
  const rides = report.ridesMm ?? 0;
  const floorTop = y(wellDepthMm);
  const tone = report.playMm === null ? '' : report.playMm < 0 ? 'is-fail' : '';
  return (
    <div className="spare-well" ref={ref}>
      <svg
        {...drawingFrame(size)}
        role="img"
        aria-label={
          `Spare in its well: play ${lengths.text(report.playMm)}, above the well ${lengths.text(report.proudMm)},` +
          ' hold-down' +
          ` ${report.longerMm === null ? 'not known' : `${lengths.text(report.longerMm)} longer`}`
        }
      >
        <path
          className="body-part"
          d={[
            `M${x(-half - 40)},${floorTop}H${x(-half)}L${x(-foot)},${y(0)}H${x(foot)}L${x(half)},${floorTop}`,
            `H${x(half + 40)}v${WALL_MM * k}H${x(half + WALL_MM)}L${x(foot + WALL_MM)},${y(-WALL_MM)}`,
            `H${x(-foot - WALL_MM)}L${x(-half - WALL_MM)},${floorTop + WALL_MM * k}H${x(-half - 40)}Z`,
          ].join('')}
        />
        <rect
          className={`spare-tire ${tone}`}
          x={x(-diameter / 2)}
          y={y(high + rides)}
          width={diameter * k}
          height={high * k}
          rx={Math.min(high, diameter) * 0.3 * k}
        />
        {well.holdDownMm != null && (
          <line className="spare-hold" x1={x(0)} x2={x(0)} y1={y(0)} y2={y(well.holdDownMm)} />
        )}
        {report.clampMm !== null && (
          <g className={`spare-clamp ${report.longerMm ? 'is-caution' : 'is-ok'}`}>
            <line x1={x(0) - 34} x2={x(0) + 34} y1={y(report.clampMm)} y2={y(report.clampMm)} />
            <text className="drawn-figure" x={x(0) + 40} y={y(report.clampMm) + 4}>
              clamp {lengths.text(report.clampMm)}
            </text>
          </g>
        )}
        {report.proudMm !== null && report.proudMm > 0 && (
          <>
            <Dimension from={[x(diameter / 2) - 12, floorTop]} to={[x(diameter / 2) - 12, y(high + rides)]} />
            <text className="drawn-figure" x={x(-diameter / 2) + 16} y={y(high + rides) - 7}>
              {lengths.text(report.proudMm)} above
            </text>
          </>
        )}
        <text className="drawn-figure is-soft" x={x(0)} y={y(-WALL_MM) + 17} textAnchor="middle">
          play {lengths.text(report.playMm)} over all
        </text>
      </svg>
    </div>
  );
}
