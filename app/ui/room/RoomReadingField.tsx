import { capital } from '#core/text';
import { ROOM, type RoomReading } from '#formats/fields';
import { LengthField } from '../fields/LengthField';
import { Reading } from '../help/Reading';
import type { RoomFields } from './useRoomFields';

/** One reading of the room at rest, by its field. */
export function RoomReadingField({ of, fields, width = 5 }: { of: RoomReading; fields: RoomFields; width?: number }) {
  const { name, range } = ROOM[of];
  return (
    <Reading of={fields.roomKey(of)}>
      <LengthField {...fields.gap(of)} label={capital(name)} range={range} width={width} />
    </Reading>
  );
}
