import type { AxleName, Setup } from '#core/job';
import { useEditAt } from '../parts/useEditAt';
import { LengthField } from '../fields/LengthField';
import { TextField } from '../fields/TextField';
import { WheelTireList } from '../sheet/WheelAxleFields';
import type { useAxleFields } from '../sheet/useAxleFields';
import type { useStackField } from './useStackField';

interface SetupListProps {
  setup: Setup;
  axle: AxleName;
  fields: ReturnType<typeof useAxleFields>;
  stack: ReturnType<typeof useStackField>;
}

/** Everything that makes a setup, as a plain list. */
export function SetupList({ setup, axle, fields, stack }: SetupListProps) {
  const editAt = useEditAt();
  const labelPath = ['setups', setup.id, 'label'];
  return (
    <form
      className="field-list"
      aria-label={`Setup ${setup.id.toUpperCase()}, ${axle}`}
      onSubmit={(event) => event.preventDefault()}
    >
      <TextField
        label="Name of the setup"
        name={labelPath.join('/')}
        value={setup.label ?? null}
        commit={(value) => editAt(labelPath, value)}
        width={22}
        placeholder="named by its wheel"
      />
      <WheelTireList key={`${setup.id}${axle}`} fields={fields} />
      {stack.single ? (
        <LengthField {...stack.field} label="Spacer" range="stackMm" width={6} />
      ) : (
        <p className="soft">The stack has several parts; its thickness is their sum.</p>
      )}
    </form>
  );
}
