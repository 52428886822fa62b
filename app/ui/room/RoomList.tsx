import type { RoomReading } from '#formats/fields';
import { RoomReadingField } from './RoomReadingField';
import { SpacerField } from './SpacerField';
import { OffsetField } from '../fields/LengthField';
import { TireSizeField } from '../fields/TextField';
import { BackspacingField, MeasuredTire, RimPair } from '../sheet/WheelAxleFields';
import { Reading } from '../help/Reading';
import type { RoomFields } from './useRoomFields';

/** The readings of an axle as a plain list, in the order of a walk around the wheel; of the gaps, those given. */
export function RoomList({ fields, gaps }: { fields: RoomFields; gaps: readonly RoomReading[] }) {
  const { wheel } = fields;
  return (
    <form className="field-list" aria-label="Readings of the axle" onSubmit={(event) => event.preventDefault()}>
      <Reading of="baseline.tire.size">
        <TireSizeField {...wheel.tireSize} label="Tire size" width={20} placeholder="205/55R16" />
      </Reading>
      <RimPair fields={wheel} />
      <Reading of="baseline.wheel.offsetMm">
        <OffsetField {...wheel.offset} label="Offset" width={6} />
        <BackspacingField fields={wheel} />
      </Reading>
      <SpacerField fields={fields} width={6} />
      {gaps.map((key) => (
        <RoomReadingField key={key} of={key} fields={fields} width={6} />
      ))}
      <MeasuredTire fields={wheel} />
    </form>
  );
}
