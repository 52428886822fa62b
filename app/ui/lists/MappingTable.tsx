import type { ListMapping } from '#formats/priceList';
import { targetOf, TARGET_NAMES, type ListTargetName } from '#formats/priceList/columns';
import type { ListLook } from '#server/priceLists/look';
import { Choice } from '../controls/Choice';
import '../parts/partsTable.css';
import './lists.css';

/** How many cells of a column are shown, to know it by. */
const SHOWN_CELLS = 2;

/** What each column of a list is: its head and first cells, with what it is taken for. */
export function MappingTable({
  look: { heads, sample, mapping, contested },
  put,
}: {
  look: ListLook;
  put(mapping: ListMapping): void;
}) {
  const targets = TARGET_NAMES.filter((name) => targetOf(name).kinds.includes(mapping.kind));
  const choose = (at: number, target: ListTargetName | null) =>
    put({
      ...mapping,
      columns: [
        ...mapping.columns.filter((one) => one.at !== at && one.target !== target),
        ...(target === null ? [] : [{ target, at, head: heads[at] ?? null }]),
      ],
    });
  return (
    <>
      {contested.length > 0 && (
        <p role="alert" className="field-fault">
          Several columns could be {contested.map((name) => targetOf(name).label.toLowerCase()).join(' and ')}: choose
          one.
        </p>
      )}
      <div className="list-columns" tabIndex={0} role="region" aria-label="Columns">
        <table className="parts-table">
          <thead>
            <tr>
              <th scope="col">Column</th>
              <th scope="col">begins with</th>
              <th scope="col">is</th>
            </tr>
          </thead>
          <tbody>
            {heads.map((head, at) => {
              const name = head === null || head === '' ? `Column ${at + 1}` : head;
              return (
                <tr key={at}>
                  <th scope="row">{name}</th>
                  <td className="figure list-cells">
                    {sample
                      .map((row) => row[at] ?? '')
                      .filter((cell) => cell !== '')
                      .slice(0, SHOWN_CELLS)
                      .join(', ')}
                  </td>
                  <td>
                    <Choice<ListTargetName | ''>
                      size="small"
                      aria-label={`${name} is`}
                      value={mapping.columns.find((one) => one.at === at)?.target ?? ''}
                      onChange={(value) => choose(at, value === '' ? null : value)}
                      options={[
                        { value: '', label: 'left out' },
                        ...targets.map((value) => ({ value, label: targetOf(value).label })),
                      ]}
                    />
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </>
  );
}
