import { useMemo, type ReactNode } from 'react';
import {
  fitCandidate,
  verdictOf,
  wheelSection,
  type CheckCode,
  type CornerSection,
  type SetupReport,
  type WheelSection,
} from '#core/evaluate';
import { setupTitle, wheelCode, type SetupOnAxle } from '#core/job';
import { offsetFigure } from '#core/units';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField, OffsetField } from '../fields/LengthField';
import { TireSizeField } from '../fields/TextField';
import { Dimension } from '../sheet/Dimension';
import { SectionSheet } from '../sheet/SectionSheet';
import { SheetFigure } from '../sheet/SheetSlot';
import { slotsOf } from '../sheet/slots';
import type { SheetScale } from '../sheet/scale';
import { faceText } from '../words';
import { anchors, type Anchors } from '../sheet/anchors';
import { BackspacingField, RimPair } from '../sheet/WheelAxleFields';
import type { useAxleFields } from '../sheet/useAxleFields';
import type { useStackField } from './useStackField';

interface CandidateSheetProps extends SetupOnAxle {
  report: SetupReport;
  fields: ReturnType<typeof useAxleFields>;
  stack: ReturnType<typeof useStackField>;
  /** The fields as a list, and whether it is wanted where they would have room on the drawing. */
  list: ReactNode;
  asList: boolean;
  setCrowded(crowded: boolean): void;
}

/** A candidate in section with its fields where a rule would read them. */
export function CandidateSheet(props: CandidateSheetProps) {
  const { job, axle, setup, report, fields, stack, list, asList, setCrowded } = props;
  const lengths = useLengths();
  const subject = useMemo(() => wheelSection(fitCandidate(job.vehicle, axle, setup[axle])), [job.vehicle, setup, axle]);
  const figures = report[axle];
  const tone = (code: CheckCode): string => `is-${verdictOf(figures.checks, code)}`;
  const at = (scale: SheetScale, corner: CornerSection): Anchors =>
    anchors({ scale, corner, subject, archGapMm: figures.archGapMm });
  return (
    <SectionSheet
      job={job}
      axle={axle}
      subject={subject}
      subjectIs="candidate"
      change={setup.suspensionChange?.[axle]}
      description={
        `Section of setup ${setup.id.toUpperCase()}, ${setupTitle(setup, job.vehicle.flangeMm)}, ${axle}: poke` +
        ` ${faceText(figures.pokeMm, lengths)}, inner clearance` +
        ` ${lengths.text(figures.inboardGapMm)}, fender clearance` +
        ` ${lengths.text(figures.archGapMm)}`
      }
      dimensions={(scale, corner) => {
        const a = at(scale, corner);
        const gap = dualGap(scale, subject);
        return (
          <>
            {a.inner && <Dimension from={a.inner.from} to={a.inner.to} tone={tone('inboard')} />}
            {a.outer && <Dimension from={a.outer.from} to={a.outer.to} tone={tone('fender')} />}
            {a.arch && <Dimension from={a.arch.from} to={a.arch.to} tone={tone('arch')} />}
            {gap && (
              <>
                <Dimension from={gap.from} to={gap.to} tone={tone('dual')} />
                <text className={`sheet-dual ${tone('dual')}`} x={gap.middle} y={gap.top} textAnchor="middle">
                  {lengths.text(figures.dualGapMm)}
                </text>
              </>
            )}
            {a.backspacing && <Dimension from={a.backspacing.from} to={a.backspacing.to} />}
            {a.offset && <Dimension from={a.offset.from} to={a.offset.to} tone="tone-layout" />}
          </>
        );
      }}
      slots={(scale, corner) => slotsOf(at(scale, corner))}
      figures={{
        inner: (
          <SheetFigure label="inner clearance" value={lengths.text(figures.inboardGapMm)} tone={tone('inboard')} />
        ),
        outer: <SheetFigure label="poke" value={faceText(figures.pokeMm, lengths)} tone={tone('fender')} />,
        arch: <SheetFigure label="fender clearance" value={lengths.text(figures.archGapMm)} tone={tone('arch')} />,
        ...(asList && {
          tire: (
            <SheetFigure label={wheelCode(setup[axle], job.vehicle.flangeMm)} value={setup[axle]?.tire?.size ?? '—'} />
          ),
        }),
        effective: (
          <span className="figure effective">
            ETe {figures.effectiveOffsetMm === null ? '—' : offsetFigure(figures.effectiveOffsetMm)}
          </span>
        ),
      }}
      fields={{
        tire: (
          <TireSizeField
            {...fields.tireSize}
            label="Tire size"
            width={Math.max(11, (fields.tireSize.value ?? '').length)}
            className="text-input"
            placeholder="205/55R16"
          />
        ),
        rim: <RimPair fields={fields} />,
        offset: <OffsetField {...fields.offset} label="Offset" width={6} />,
        backspacing: <BackspacingField fields={fields} onSheet />,
        stack: stack.single ? (
          <LengthField {...stack.field} label="Stack" range="stackMm" width={5} />
        ) : (
          <SheetFigure label="stack" value={lengths.text(stack.field.value)} />
        ),
      }}
      list={list}
      asList={asList}
      setCrowded={setCrowded}
    />
  );
}

/** Between the sidewalls of dual tires, in pixels. */
function dualGap(scale: SheetScale, { fitted, section }: WheelSection) {
  if (!section || fitted.dual?.spacingMm == null || fitted.effectiveOffsetMm === null) return null;
  const inner = -fitted.effectiveOffsetMm;
  const [from, to] = [inner + section.halfSectionMm, inner + fitted.dual.spacingMm - section.halfSectionMm];
  const y = scale.y(section.bellyRadiusMm);
  return {
    from: [scale.x(from), y] as const,
    to: [scale.x(to), y] as const,
    middle: scale.x((from + to) / 2),
    // Between the shoulders, where there is more room than between the bellies.
    top: scale.y(section.radiusMm) + 16,
  };
}
