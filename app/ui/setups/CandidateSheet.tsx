import { useMemo } from 'react';
import { fitCandidate, type SetupReport, verdictOf, type CheckCode } from '#core/evaluate';
import type { SetupOnAxle } from '#core/job';
import { offsetFigure } from '#core/units';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField, OffsetField } from '../fields/LengthField';
import { TireSizeField } from '../fields/TextField';
import { drawn, type Corner, type Drawn } from '../sheet/corner';
import { Dimension } from '../sheet/Dimension';
import { SectionSheet } from '../sheet/SectionSheet';
import { SheetFigure, SheetSlot } from '../sheet/SheetSlot';
import type { SheetScale } from '../sheet/scale';
import { faceText, setupTitle, wheelCode } from '../words';
import { anchors, type Anchors } from '../sheet/anchors';
import { BackspacingField, RimPair } from '../sheet/WheelAxleFields';
import type { useAxleFields } from '../sheet/useAxleFields';
import type { useStackField } from './useStackField';

interface CandidateSheetProps extends SetupOnAxle {
  report: SetupReport;
  fields: ReturnType<typeof useAxleFields>;
  stack: ReturnType<typeof useStackField>;
  /** The fields stand in a list beside the drawing. */
  asList: boolean;
}

/** A candidate in section with its fields where a rule would read them. */
export function CandidateSheet({ job, axle, setup, report, fields, stack, asList }: CandidateSheetProps) {
  const lengths = useLengths();
  const subject = useMemo(() => drawn(fitCandidate(job.vehicle, axle, setup[axle])), [job.vehicle, setup, axle]);
  const figures = report[axle];
  const tone = (code: CheckCode): string => `is-${verdictOf(figures.checks, code)}`;
  const at = (scale: SheetScale, corner: Corner): Anchors =>
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
      fields={(scale, corner) => {
        const a = at(scale, corner);
        return (
          <>
            <SheetSlot x={a.innerLabel[0]} y={a.innerLabel[1]} anchor="right">
              <SheetFigure label="inner clearance" value={lengths.text(figures.inboardGapMm)} tone={tone('inboard')} />
            </SheetSlot>
            <SheetSlot x={a.outerLabel[0]} y={a.outerLabel[1]} anchor="left">
              <SheetFigure label="poke" value={faceText(figures.pokeMm, lengths)} tone={tone('fender')} />
            </SheetSlot>
            <SheetSlot x={a.archLabel[0]} y={a.archLabel[1]} anchor="right">
              <SheetFigure label="fender clearance" value={lengths.text(figures.archGapMm)} tone={tone('arch')} />
            </SheetSlot>
            {asList ? (
              <SheetSlot x={a.tire[0]} y={a.tire[1]}>
                <SheetFigure
                  label={wheelCode(setup[axle], job.vehicle.flangeMm)}
                  value={setup[axle]?.tire?.size ?? '—'}
                />
              </SheetSlot>
            ) : (
              <>
                <SheetSlot x={a.tire[0]} y={a.tire[1]}>
                  <TireSizeField
                    {...fields.tireSize}
                    label="Tire size"
                    width={Math.max(11, (fields.tireSize.value ?? '').length)}
                    className="text-input"
                    placeholder="205/55R16"
                  />
                </SheetSlot>
                <SheetSlot x={a.rim[0]} y={a.rim[1]}>
                  <RimPair fields={fields} />
                </SheetSlot>
                <SheetSlot x={a.offsetField[0]} y={a.offsetField[1]} anchor="right">
                  <OffsetField {...fields.offset} label="Offset" width={6} />
                </SheetSlot>
                <SheetSlot x={a.backspacingField[0]} y={a.backspacingField[1]}>
                  <BackspacingField fields={fields} onSheet />
                </SheetSlot>
                <SheetSlot x={a.stack[0]} y={a.stack[1]} anchor="left">
                  {stack.single ? (
                    <LengthField {...stack.field} label="Stack" range="stackMm" width={5} />
                  ) : (
                    <SheetFigure label="stack" value={lengths.text(stack.field.value)} />
                  )}
                </SheetSlot>
              </>
            )}
            <SheetSlot x={a.effective[0]} y={a.effective[1]}>
              <span className="figure effective">
                ETe {figures.effectiveOffsetMm === null ? '—' : offsetFigure(figures.effectiveOffsetMm)}
              </span>
            </SheetSlot>
          </>
        );
      }}
    />
  );
}

/** Between the sidewalls of dual tires, in pixels. */
function dualGap(scale: SheetScale, { fitted, section }: Drawn) {
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
