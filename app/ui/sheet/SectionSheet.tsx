import {
  cornerRange,
  cornerSection,
  innerGapLimit,
  type CornerSection,
  type SectionRange,
  type WheelSection,
} from '#core/evaluate';
import type { Side } from '#core/sweep';
import { useEffect, useMemo, type ReactNode } from 'react';
import { archRiseMm } from '#core/position';
import { pokeTargetOf, type AxleName, type Job, type SuspensionChange, type Vehicle } from '#core/job';
import { Body, Brake, HubAndStack, Wheel } from './layers';
import { StandIn } from './StandIn';
import { useNarrow } from '../parts/useNarrow';
import { Ruler } from './Ruler';
import { fitScale, type Margins, type SheetScale } from './scale';
import { Drawing } from '../drawing/Drawing';
import { useZoom } from '../drawing/useZoom';
import { SheetSlot } from './SheetSlot';
import { settleSlots, type SlotName, type Slots } from './slots';
import { useSize } from '../drawing/useSize';
import { useSlotSizes } from './useSlotSizes';

interface SectionSheetProps {
  job: Job;
  axle: AxleName;
  /** Whose room is drawn; the right side's where it is left out. */
  side?: Side;
  /** What is drawn in full: a candidate, or the present car itself. */
  subject: WheelSection;
  subjectIs: 'candidate' | 'present';
  change?: SuspensionChange | null | undefined;
  /** A car whose corner stands in, in pale, for what nobody has read yet. */
  standIn?: Vehicle | undefined;
  /** What the drawing says to somebody who cannot see it. */
  description: string;
  /** Dimension lines, over the drawing. */
  dimensions(scale: SheetScale, corner: CornerSection): ReactNode;
  /** Where its figures and fields would stand. */
  slots(scale: SheetScale, corner: CornerSection): Slots;
  /** Figures, as HTML over the drawing; under it where there is no room for them. */
  figures: Filled;
  /** Fields over the drawing; where they would lie over one another, the list stands for them. */
  fields: Filled;
  /** The fields as a list; null where there are none. */
  list: ReactNode;
  /** The list is wanted in any case. */
  asList: boolean;
  /** Hears whether the drawing has no room for its fields: then there is nothing to choose. */
  setCrowded?(crowded: boolean): void;
  /** A word on the drawing, to somebody who is new to it. */
  hint?: ReactNode;
}

/** How far a field may reach under the ruler's edge, above its names. */
const UNDER_FOOT_PX = 6;

type Filled = Partial<Record<SlotName, ReactNode>>;

const MARGINS: Margins = { left: 120, right: 128, top: 10, bottom: 56 };
const NARROW: Margins = { ...MARGINS, left: 92, right: 104 };
/** Nothing stands beside the drawing: its figures, where it has any, stand over it. */
const BARE: Margins = { ...MARGINS, left: 12, right: 12 };
const HEADED: Margins = { ...BARE, top: 60 };

/** The section of a corner from behind, true to scale: the car's parts, what is on it now, and what might be. */
export function SectionSheet(props: SectionSheetProps) {
  const { job, axle, side, subject, subjectIs, change, standIn, description } = props;
  const { ref, size } = useSize<HTMLDivElement>({ width: 824, height: 556 });
  const zoom = useZoom(size);
  const corner = useMemo(() => cornerSection(job.vehicle, axle, side), [job.vehicle, axle, side]);
  const rise = archRiseMm(change ?? null);
  const usual = useMemo(() => standIn && cornerSection(standIn, axle, side), [standIn, axle, side]);
  const whole = usual ?? corner;
  const target = useMemo(() => pokeTargetOf(job.brief, axle), [job.brief, axle]);
  const range = cornerRange(whole, usual ? whole.present : subject, Math.max(0, rise));
  const { sizes, watch } = useSlotSizes();
  const margins = size.width < 640 ? NARROW : MARGINS;
  const paper = { width: size.width, height: size.height - MARGINS.bottom + UNDER_FOOT_PX };
  const settled = (filled: Filled) => {
    const scale = fitScale(range, size, margins);
    return settleSlots({ slots: only(props.slots(scale, whole), names(filled)), sizes, paper });
  };
  const filled = props.asList ? props.figures : { ...props.figures, ...props.fields };
  const withFields = settled(filled);
  const places = withFields ?? (props.asList ? null : settled(props.figures));
  const shown = withFields ? filled : props.figures;
  const bare = names(props.figures).length > 0 ? HEADED : BARE;
  const scale = useScale(range, size, places && names(shown).length > 0 ? margins : bare);
  const isCrowded = !props.asList && !withFields;
  const { setCrowded } = props;
  useEffect(() => setCrowded?.(isCrowded), [setCrowded, isCrowded]);
  // Beside the drawing where there is room; under it on a narrow screen, and where it takes the fields of the drawing.
  const isNarrow = useNarrow();
  const under = props.list !== null && (isNarrow || isCrowded);
  const foot = size.height - MARGINS.bottom;
  return (
    <div className="sheet-area" data-under={under}>
      {props.asList && !under && props.list}
      <div className="sheet" ref={ref}>
        <Drawing zoom={zoom} role="img" aria-label={description}>
          <Ruler scale={scale} y={foot} />
          {usual && <StandIn scale={scale} read={corner} usual={whole} />}
          <Body
            scale={scale}
            corner={corner}
            riseMm={rise}
            target={target}
            inboardLimitMm={innerGapLimit(job, axle).value}
          />
          {subjectIs === 'candidate' && <Wheel drawn={corner.present} scale={scale} as="ghost" />}
          <Wheel drawn={subject} scale={scale} as={subjectIs} />
          <Brake scale={scale} caliper={job.vehicle[axle]?.caliper} />
          <HubAndStack scale={scale} hub={job.vehicle[axle]?.hub} stackMm={subject.fitted.stackMm} as={subjectIs} />
          {props.dimensions(scale, whole)}
        </Drawing>
        {places ? (
          names(shown).map((name) => (
            <SheetSlot key={name} name={name} at={places[name]!} zoom={zoom} watch={watch}>
              {shown[name]}
            </SheetSlot>
          ))
        ) : (
          <div className="sheet-under">
            {names(props.figures).map((name) => (
              <div key={name}>{props.figures[name]}</div>
            ))}
          </div>
        )}
        {withFields && props.hint}
      </div>
      {under && (props.asList || isCrowded) && props.list}
    </div>
  );
}

/** The same scale as long as the same is to be seen on the same paper: what is drawn in it stays then. */
function useScale(range: SectionRange, size: Parameters<typeof fitScale>[1], margins: Margins): SheetScale {
  const { left, right, bottom, top } = range;
  return useMemo(
    () => fitScale({ left, right, bottom, top }, size, margins),
    [left, right, bottom, top, size, margins],
  );
}

/** In the order they are given, which is the order of the Tab key. */
const names = (filled: Filled): SlotName[] =>
  (Object.keys(filled) as SlotName[]).filter((name) => filled[name] !== undefined);

const only = (slots: Slots, wanted: readonly SlotName[]): Slots =>
  Object.fromEntries(wanted.map((name) => [name, slots[name]]));
