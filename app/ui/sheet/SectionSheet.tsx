import { innerGapLimit } from '#core/evaluate';
import type { Side } from '#core/sweep';
import type { ReactNode } from 'react';
import { archRiseMm } from '#core/position';
import { pokeTargetOf, type AxleName, type Job, type SuspensionChange, type Vehicle } from '#core/job';
import { Body, Brake, HubAndStack, Wheel } from './layers';
import { StandIn } from './StandIn';
import { cornerOf, cornerRange, type Corner, type Drawn } from './corner';
import { Ruler } from './Ruler';
import { fitScale, type Margins, type SheetScale } from './scale';
import { useSize } from './useSize';

interface SectionSheetProps {
  job: Job;
  axle: AxleName;
  /** Whose room is drawn; the right side's where it is left out. */
  side?: Side;
  /** What is drawn in full: a candidate, or the present car itself. */
  subject: Drawn;
  subjectIs: 'candidate' | 'present';
  change?: SuspensionChange | null | undefined;
  /** A car whose corner stands in, in pale, for what nobody has read yet. */
  standIn?: Vehicle | undefined;
  /** What the drawing says to somebody who cannot see it. */
  description: string;
  /** Dimension lines, over the drawing. */
  dimensions(scale: SheetScale, corner: Corner): ReactNode;
  /** Figures and fields, as HTML over the drawing. */
  fields(scale: SheetScale, corner: Corner): ReactNode;
}

const MARGINS: Margins = { left: 120, right: 128, top: 10, bottom: 56 };
const NARROW: Margins = { ...MARGINS, left: 92, right: 104 };

/** The section of a corner from behind, true to scale: the car's parts, what is on it now, and what might be. */
export function SectionSheet(props: SectionSheetProps) {
  const { job, axle, subject, subjectIs, change, description } = props;
  const { ref, size } = useSize<HTMLDivElement>({ width: 824, height: 556 });
  const corner = cornerOf(job.vehicle, axle, props.side);
  const rise = archRiseMm(change ?? null);
  const whole = props.standIn ? cornerOf(props.standIn, axle, props.side) : corner;
  const range = cornerRange(whole, props.standIn ? whole.present : subject, Math.max(0, rise));
  const scale = fitScale(range, size, size.width < 640 ? NARROW : MARGINS);
  const foot = size.height - MARGINS.bottom;
  return (
    <div className="sheet" ref={ref}>
      <svg width={size.width} height={size.height} role="img" aria-label={description}>
        <Ruler scale={scale} y={foot} />
        {props.standIn && <StandIn scale={scale} read={corner} usual={whole} />}
        <Body
          scale={scale}
          corner={corner}
          riseMm={rise}
          target={pokeTargetOf(job.brief, axle)}
          inboardLimitMm={innerGapLimit(job, axle).value}
        />
        {subjectIs === 'candidate' && <Wheel drawn={corner.present} scale={scale} as="ghost" />}
        <Wheel drawn={subject} scale={scale} as={subjectIs} />
        <Brake scale={scale} caliper={job.vehicle[axle]?.caliper} />
        <HubAndStack scale={scale} hub={job.vehicle[axle]?.hub} stackMm={subject.fitted.stackMm} as={subjectIs} />
        {props.dimensions(scale, whole)}
      </svg>
      {props.fields(scale, whole)}
    </div>
  );
}
