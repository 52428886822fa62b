import { useEffect } from 'react';
import { useForm } from 'react-hook-form';
import { useFetcher } from 'react-router';
import { DomainError } from '#core/errors';
import type { ShelfItem, ShelfKind } from '#core/shelf';
import { inchesFromMm, readLength, readNumber, roundTo } from '#core/units';
import { RANGES } from '#formats/fields';
import { cellOf, columnsOf, type Column } from '#formats/shelf';
import type { KeptItem } from '#server/shelf';
import { FormLine } from '../controls/FormLine';
import { Input } from '../controls/Input';
import { Dialog } from '../controls/Dialog';
import { KIND_NAMES } from './kinds';
import type { ShelfAnswer } from './shelfCommands';
import '../controls/choice.css';
import './shelf.css';

type Texts = Record<string, string | undefined>;

/** Reads what was typed into a column; throws DomainError with what is wrong. Lengths may name their own unit. */
function readColumn(column: Column, text: string): unknown {
  if (column.type === 'text' || column.type === 'choice') return text.trim();
  if (column.type === 'marking') return column.mark!(text);
  if (column.shape) return column.shape.read(text);
  const value =
    column.type === 'length'
      ? readLength(text)
      : column.type === 'rim'
        ? roundTo(inchesFromMm(readLength(text, 'in')), 4)
        : readNumber(text);
  const [least, most] = RANGES[column.range!];
  if (value < least || value > most) throw new DomainError(`must be between ${least} and ${most}`);
  if (column.whole && !Number.isInteger(value)) throw new DomainError('must be a whole number');
  return value;
}

/** One item of the shelf, to add or to change. */
export function ItemDialog({ kind, kept, close }: { kind: ShelfKind; kept: KeptItem | null; close(): void }) {
  const fetcher = useFetcher<ShelfAnswer>();
  const columns = columnsOf(kind);
  const { register, handleSubmit, setError, formState } = useForm<Texts>({
    mode: 'onBlur',
    defaultValues: Object.fromEntries(
      columns.map((column) => [
        column.key,
        kept?.item[column.key] == null ? '' : String(cellOf(column, kept.item[column.key])),
      ]),
    ),
  });
  const answer = fetcher.state === 'idle' ? fetcher.data : undefined;
  useEffect(() => {
    if (!answer) return;
    if (answer.faults.length === 0) close();
    else for (const { path, message } of answer.faults) setError(path.replace(/^item\./, ''), { message });
  }, [answer, close, setError]);
  const save = handleSubmit(async (texts) => {
    const item: Record<string, unknown> = { kind };
    for (const column of columns) {
      const text = texts[column.key] ?? '';
      if (text.trim() !== '') item[column.key] = readColumn(column, text);
    }
    await fetcher.submit({ intent: 'save', id: kept?.id ?? null, item: item as unknown as ShelfItem } as never, {
      method: 'post',
      action: '/shelf',
      encType: 'application/json',
    });
  });
  return (
    <Dialog
      onCancel={close}
      onOk={() => void save()}
      okText={kept ? 'Save' : 'Add'}
      busy={fetcher.state !== 'idle'}
      title={`${KIND_NAMES[kind].one}${kept ? '' : ', new'}`}
      width={560}
    >
      <form className="item-form" onSubmit={(event) => void save(event)}>
        {columns.map((column) => (
          <FormLine
            key={column.key}
            name={column.key}
            label={`${column.label}${unitOf(column)}${column.required ? '' : ' (if known)'}`}
            errors={formState.errors}
            className={column.key === 'name' || column.shape ? 'item-name' : ''}
            hint={column.shape && SHAPE_HINTS[column.shape.kind]}
            field={(props) => {
              const bound = { ...props, ...register(column.key, { validate: (text) => faultOf(column, text) }) };
              return column.type === 'choice' ? (
                <select {...bound} className="choice">
                  <option value="">—</option>
                  {Object.entries(column.choices!).map(([value, label]) => (
                    <option key={value} value={value}>
                      {label}
                    </option>
                  ))}
                </select>
              ) : (
                <Input
                  {...bound}
                  autoComplete="off"
                  className={column.type === 'text' ? '' : 'figure'}
                  maxLength={column.shape ? 60_000 : 120}
                />
              );
            }}
          />
        ))}
        <button type="submit" hidden />
      </form>
    </Dialog>
  );
}

/** How a shape is written as one line; the Brakes station of a job reads and draws it. */
const SHAPE_HINTS = {
  face:
    'mm from the mounting face / from the axis: barrel -110/200 30/196 | spoke 34/190 48/90 | weights -60/-20/5 |' +
    ' family flat',
  outline: 'mm from the hub face / from the axis, corner by corner: 20/150 55/150 55/95 20/95',
};

const unitOf = ({ type, unit }: Column): string =>
  type === 'length' ? ', mm' : type === 'rim' ? ', in' : unit ? `, ${unit}` : '';

/** What is wrong with the text of a column; true where nothing is. */
function faultOf(column: Column, text: string | undefined): string | true {
  if (text === undefined || text.trim() === '') return column.required ? 'is needed' : true;
  try {
    readColumn(column, text);
    return true;
  } catch (error) {
    if (error instanceof DomainError) return error.message;
    throw error;
  }
}
