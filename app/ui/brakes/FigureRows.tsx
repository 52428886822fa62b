import type { RangeName } from '#formats/fields';
import { Button } from '../controls/Button';
import { CloseOutlined, PlusOutlined } from '../controls/icons';
import { LengthField } from '../fields/LengthField';
import type { Row } from './figures';
import './brakes.css';

interface FigureRowsProps<K extends string> {
  name: string;
  /** What a row is, for its label: `Corner`, `Depth`. */
  of: string;
  columns: readonly { key: K; label: string; range: RangeName }[];
  rows: readonly Row<K>[];
  change(rows: Row<K>[]): void;
  /** The row that is wrong, and why. */
  fault?: { row: number; message: string } | null;
}

/** Rows of lengths, one after the other, with a way to add and to remove. */
export function FigureRows<K extends string>({ name, of, columns, rows, change, fault }: FigureRowsProps<K>) {
  const set = (row: number, key: K, value: number | null) =>
    change(
      rows.map((one, index) => {
        if (index !== row) return one;
        const { [key]: _, ...rest } = one;
        return (value === null ? rest : { ...rest, [key]: value }) as Row<K>;
      }),
    );
  return (
    <div className="figure-rows">
      {rows.map((one, row) => (
        <div className="figure-row" key={row} role="group" aria-label={`${of} ${row + 1}`}>
          <span className="figure-row-number figure" aria-hidden>
            {row + 1}
          </span>
          {columns.map(({ key, label, range }) => (
            <LengthField
              key={key}
              name={`${name}/${row}/${key}`}
              label={label}
              range={range}
              width={6}
              bare={row > 0}
              value={one[key] ?? null}
              commit={(value) => set(row, key, value)}
            />
          ))}
          <Button
            size="small"
            kind="text"
            icon={<CloseOutlined />}
            aria-label={`Delete ${of.toLowerCase()} ${row + 1}`}
            onClick={() => change(rows.filter((_, index) => index !== row))}
          />
          {fault?.row === row && (
            <p className="field-fault figure-row-fault" role="alert">
              {fault.message}
            </p>
          )}
        </div>
      ))}
      <Button size="small" icon={<PlusOutlined />} onClick={() => change([...rows, {}])}>
        {rows.length === 0 ? `Add the first ${of.toLowerCase()}` : `Add another ${of.toLowerCase()}`}
      </Button>
    </div>
  );
}
