import { ROOM_READINGS } from '#formats/fields';
import { RoomReadingField } from './RoomReadingField';
import { LengthField, OffsetField } from '../fields/LengthField';
import { TireSizeField } from '../fields/TextField';
import { BackspacingField, MeasuredTire, RimPair } from '../sheet/WheelAxleFields';
import { Reading } from '../help/Reading';
import type { RoomFields } from './useRoomFields';

/** The readings of an axle as a plain list, in the order of a walk around the wheel. */
export function RoomList({ fields }: { fields: RoomFields }) {
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
      <Reading of="baseline.stackMm">
        <LengthField
          {...fields.stack}
          label="Spacer now"
          range="stackMm"
          width={6}
          placeholder="none"
          assumed={fields.stackAssumed ? 'none' : undefined}
        />
      </Reading>
      {ROOM_READINGS.map((key) => (
        <RoomReadingField key={key} of={key} fields={fields} width={6} />
      ))}
      <MeasuredTire fields={wheel} />
    </form>
  );
}
