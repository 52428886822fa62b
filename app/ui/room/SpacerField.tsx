import { LengthField } from '../fields/LengthField';
import { Reading } from '../help/Reading';
import type { RoomFields } from './useRoomFields';

/** What stands between hub and wheel now; none until somebody says otherwise. */
export const SpacerField = ({ fields, width }: { fields: RoomFields; width: number }) => (
  <Reading of="baseline.stackMm">
    <LengthField
      {...fields.stack}
      label="Spacer now"
      range="stackMm"
      width={width}
      placeholder="none"
      assumed={fields.stackAssumed ? 'none' : undefined}
    />
  </Reading>
);
