import { sectionOfFitted, type AxleReport, type Fitted, verdictOf } from '#core/evaluate';
import type { Section } from '#core/section';
import { mmFromInches, rimFigure } from '#core/units';
import type { Verdict } from '#core/verdict';
import { useLengths } from '../../preferences/PreferencesContext';
import { Dimension } from '../sheet/Dimension';
import { fitScale, type SheetScale } from '../sheet/scale';
import { rimPath, tirePath } from '../sheet/shapes';
import { Drawing } from '../drawing/Drawing';
import { useZoom } from '../drawing/useZoom';
import { useSize } from '../drawing/useSize';
import './tire.css';

interface TireSectionProps {
  fitted: Fitted;
  report: AxleReport;
  description: string;
}

const MARGINS = { left: 56, right: 56, top: 34, bottom: 78 };
/** How far below the bead seats the section is cut off. */
const BELOW_MM = 34;

/**
 * The tire on its rim in section, with the rims it is approved for and how far it may grow; of dual wheels both, with
 * the gap between.
 */
export function TireSection({ fitted, report, description }: TireSectionProps) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 452, height: 330 });
  const section = sectionOfFitted(fitted);
  const rimWidthIn = fitted.wheel.rimWidthIn;
  return (
    <div className="sheet tire-sheet" ref={ref}>
      {section && rimWidthIn != null ? (
        <SectionDrawing
          section={section}
          rimWidthIn={rimWidthIn}
          fitted={fitted}
          report={report}
          size={size}
          description={description}
        />
      ) : (
        <p className="sheet-hint tire-hint">
          The section is drawn once rim diameter, rim width and tire size are known.
        </p>
      )}
    </div>
  );
}

function SectionDrawing({
  section,
  rimWidthIn,
  fitted,
  report,
  size,
  description,
}: TireSectionProps & { section: Section; rimWidthIn: number; size: { width: number; height: number } }) {
  const lengths = useLengths();
  const zoom = useZoom(size);
  const spacing = fitted.dual?.spacingMm ?? 0;
  const grown = sectionOfFitted(fitted, { growth: true, bulgeMm: 0 });
  const half = Math.max(section.halfSectionMm, section.halfRimMm, grown?.halfSectionMm ?? 0) + 4;
  const floor = section.rimRadiusMm - BELOW_MM;
  const range = { left: -half, right: spacing + half, bottom: floor, top: (grown?.radiusMm ?? section.radiusMm) + 2 };
  const scale = fitScale(range, size, MARGINS);
  const { x, y } = scale;
  const centers = fitted.dual && spacing > 0 ? [0, spacing] : [0];
  const belly = y(section.bellyRadiusMm);
  return (
    <Drawing zoom={zoom} role="img" aria-label={description}>
      {centers.map((center) => (
        <g key={center} className="wheel wheel-candidate">
          {grown && <path className="tire-grown" d={tirePath(grown, scale, center)} />}
          <path className="tire" d={tirePath(section, scale, center)} />
          <path className="rim" d={rimPath({ section, rimWidthIn, scale, centerOut: center })} />
          <line className="centerline" x1={x(center)} x2={x(center)} y1={y(section.radiusMm) - 8} y2={y(floor)} />
        </g>
      ))}
      <Dimension from={[x(-section.halfSectionMm), belly]} to={[x(section.halfSectionMm), belly]} tone="tone-layout" />
      <text className="drawn-figure" x={x(0)} y={belly - 7} textAnchor="middle">
        section {lengths.text(report.tire.sectionWidthMm)}
      </text>
      <Dimension
        from={[x(-section.halfTreadMm), y(section.radiusMm) - 13]}
        to={[x(section.halfTreadMm), y(section.radiusMm) - 13]}
      />
      <text className="drawn-figure is-soft" x={x(0)} y={y(section.radiusMm) - 19} textAnchor="middle">
        tread {lengths.text(report.tire.treadWidthMm)}
      </text>
      {centers.length === 2 && (
        <DualGap
          section={section}
          spacing={spacing}
          scale={scale}
          report={report}
          text={lengths.text(report.dualGapMm)}
        />
      )}
      <RimRange
        rimWidthIn={rimWidthIn}
        report={report}
        scale={scale}
        y={y(floor) + 16}
        verdict={verdictOf(report.checks, 'rim-width')}
      />
    </Drawing>
  );
}

function DualGap({
  section,
  spacing,
  scale,
  report,
  text,
}: {
  section: Section;
  spacing: number;
  scale: SheetScale;
  report: AxleReport;
  text: string;
}) {
  const { x, y } = scale;
  const tone = `is-${verdictOf(report.checks, 'dual')}`;
  const at = y(section.bellyRadiusMm);
  return (
    <>
      <Dimension from={[x(section.halfSectionMm), at]} to={[x(spacing - section.halfSectionMm), at]} tone={tone} />
      {/* Between the rims, where there is more room than between the tires. */}
      <text className={`drawn-figure ${tone}`} x={x(spacing / 2)} y={y(section.rimRadiusMm) + 16} textAnchor="middle">
        {text}
      </text>
    </>
  );
}

/**
 * The approved rims as a band under the section, between bead seats; this rim stands on it, so stretch and pinch can be
 * seen.
 */
function RimRange({
  rimWidthIn,
  report,
  scale,
  y,
  verdict,
}: {
  rimWidthIn: number;
  report: AxleReport;
  scale: SheetScale;
  y: number;
  verdict: Verdict;
}) {
  const { rimMinIn: least, rimMaxIn: most, measuringRimIn } = report.tire;
  if (least === null || most === null) return null;
  const at = (inches: number) => scale.x(mmFromInches(inches) / 2);
  const word = verdict === 'ok' ? 'within its rims' : rimWidthIn > most ? 'stretched' : 'pinched';
  return (
    <g className="rim-range">
      {[1, -1].map((side) => (
        <g key={side} transform={side === 1 ? undefined : `translate(${2 * scale.x(0)} 0) scale(-1 1)`}>
          <rect x={at(least)} width={at(most) - at(least)} y={y} height={9} />
          <line
            className={`rim-range-here is-${verdict}`}
            x1={at(rimWidthIn)}
            x2={at(rimWidthIn)}
            y1={y - 12}
            y2={y + 14}
          />
        </g>
      ))}
      <text className={`drawn-figure is-${verdict}`} x={scale.x(0)} y={y + 32} textAnchor="middle">
        {rimFigure(rimWidthIn)} in rim: {word}
      </text>
      <text className="drawn-figure is-soft" x={scale.x(0)} y={y + 49} textAnchor="middle">
        approved {rimFigure(least)} to {rimFigure(most)} in, measured on {rimFigure(measuringRimIn!)}
      </text>
    </g>
  );
}
