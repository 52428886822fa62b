import type { Side } from '#core/sweep';
import type { ReactNode } from 'react';
import type { CornerSection } from '#core/evaluate';
import { roomOn, type AxleName, type Room } from '#core/job';
import type { RoomReading } from '#formats/fields';
import { RoomReadingField } from './RoomReadingField';
import { SpacerField } from './SpacerField';
import { OffsetField } from '../fields/LengthField';
import { TireSizeField } from '../fields/TextField';
import { Dimension } from '../sheet/Dimension';
import { SectionSheet } from '../sheet/SectionSheet';
import { slotsOf } from '../sheet/slots';
import type { SheetScale } from '../sheet/scale';
import { anchors, type Anchors } from '../sheet/anchors';
import { Reading } from '../help/Reading';
import { BackspacingField, RimPair } from '../sheet/WheelAxleFields';
import { usePresentCorner } from './usePresentCorner';
import type { RoomFields } from './useRoomFields';

/** Readings that are dimensions of the drawing; the others stand beside it. */
export const DRAWN_READINGS: ReadonlySet<RoomReading> = new Set(['outboardGapMm', 'inboardGapMm', 'archGapMm']);

interface PresentSheetProps {
  axle: AxleName;
  side: Side;
  fields: RoomFields;
  /** The fields as a list, and whether it is wanted where they would have room on the drawing. */
  list: ReactNode;
  asList: boolean;
  setCrowded(crowded: boolean): void;
}

/** The present wheel in its room; every dimension on it is a field. */
export function PresentSheet({ axle, side, fields, list, asList, setCrowded }: PresentSheetProps) {
  const { room, shown } = usePresentCorner(axle, side);
  const { subject, standIn } = shown;
  // Fields stand where the readings go, whether they were taken yet or not.
  const at = (scale: SheetScale, corner: CornerSection): Anchors =>
    anchors({
      scale,
      corner,
      subject: corner.present,
      archGapMm: roomOn(standIn[axle], 'right').archGapMm ?? null,
    });
  const bare = subject.fitted.place === null;
  const toneOf = (gap: keyof Room) => (bare || room[gap] == null ? 'tone-stand-in' : 'tone-layout');
  return (
    <SectionSheet
      {...shown}
      dimensions={(scale, corner) => {
        const a = at(scale, corner);
        return (
          <>
            {a.outer && <Dimension {...a.outer} tone={toneOf('outboardGapMm')} />}
            {a.inner && <Dimension {...a.inner} tone={toneOf('inboardGapMm')} />}
            {a.arch && <Dimension {...a.arch} tone={toneOf('archGapMm')} />}
            {a.backspacing && <Dimension {...a.backspacing} tone={bare ? 'tone-stand-in' : ''} />}
            {a.offset && <Dimension {...a.offset} tone={bare ? 'tone-stand-in' : ''} />}
          </>
        );
      }}
      slots={(scale, corner) => slotsOf(at(scale, corner))}
      figures={{}}
      fields={{
        tire: (
          <Reading of="baseline.tire.size">
            <TireSizeField
              {...fields.wheel.tireSize}
              label="Tire size"
              width={Math.max(11, (fields.wheel.tireSize.value ?? '').length)}
              className="text-input"
              placeholder="205/55R16"
            />
          </Reading>
        ),
        rim: <RimPair fields={fields.wheel} />,
        offset: (
          <Reading of="baseline.wheel.offsetMm">
            <OffsetField {...fields.wheel.offset} label="Offset" width={6} />
          </Reading>
        ),
        backspacing: (
          <Reading of="baseline.wheel.offsetMm">
            <BackspacingField fields={fields.wheel} onSheet />
          </Reading>
        ),
        stack: <SpacerField fields={fields} width={5} />,
        outer: <RoomReadingField of="outboardGapMm" fields={fields} />,
        inner: <RoomReadingField of="inboardGapMm" fields={fields} />,
        arch: <RoomReadingField of="archGapMm" fields={fields} />,
      }}
      list={list}
      asList={asList}
      setCrowded={setCrowded}
      hint={
        bare && <div className="sheet-hint">Pale is a usual corner, to scale: it shows where each reading goes.</div>
      }
    />
  );
}
