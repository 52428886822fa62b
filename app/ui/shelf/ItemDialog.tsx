import { Form, Input, Select } from 'antd';
import { useEffect } from 'react';
import { useFetcher } from 'react-router';
import { DomainError } from '#core/errors';
import type { ShelfItem, ShelfKind } from '#core/shelf';
import { inchesFromMm, readLength, readNumber, roundTo } from '#core/units';
import { RANGES } from '#formats/fields';
import { cellOf, columnsOf, type Column } from '#formats/shelf';
import type { KeptItem } from '#server/shelf';
import { Dialog } from '../parts/Dialog';
import { KIND_NAMES } from './kinds';
import type { ShelfAnswer } from './shelfCommands';
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
  const [form] = Form.useForm<Texts>();
  const fetcher = useFetcher<ShelfAnswer>();
  const columns = columnsOf(kind);
  const answer = fetcher.state === 'idle' ? fetcher.data : undefined;
  useEffect(() => {
    if (!answer) return;
    if (answer.faults.length === 0) close();
    else
      form.setFields(
        answer.faults.map(({ path, message }) => ({ name: path.replace(/^item\./, ''), errors: [message] })),
      );
  }, [answer, close, form]);
  const initial = Object.fromEntries(
    columns.map((column) => [
      column.key,
      kept?.item[column.key] == null ? undefined : String(cellOf(column, kept.item[column.key])),
    ]),
  );
  const save = async () => {
    const texts = await form.validateFields().catch(() => null);
    if (!texts) return;
    const item: Record<string, unknown> = { kind };
    for (const column of columns) {
      const text = texts[column.key];
      if (text !== undefined && text.trim() !== '') item[column.key] = readColumn(column, text);
    }
    await fetcher.submit({ intent: 'save', id: kept?.id ?? null, item: item as unknown as ShelfItem } as never, {
      method: 'post',
      action: '/shelf',
      encType: 'application/json',
    });
  };
  return (
    <Dialog
      onCancel={close}
      onOk={() => void save()}
      okText={kept ? 'Save' : 'Add'}
      confirmLoading={fetcher.state !== 'idle'}
      title={`${KIND_NAMES[kind].one}${kept ? '' : ', new'}`}
      width={560}
    >
      <Form
        form={form}
        layout="vertical"
        initialValues={initial}
        className="item-form"
        onFinish={() => void save()}
        requiredMark={false}
      >
        {columns.map((column) => (
          <Form.Item
            key={column.key}
            name={column.key}
            label={`${column.label}${unitOf(column)}${column.required ? '' : ' (if known)'}`}
            rules={[{ validator: (_, text: string | undefined) => judge(column, text) }]}
            validateTrigger="onBlur"
            {...(column.key === 'name' || column.shape ? { className: 'item-name' } : {})}
            {...(column.shape ? { extra: SHAPE_HINTS[column.shape.kind] } : {})}
          >
            {column.type === 'choice' ? (
              <Select
                allowClear
                options={Object.entries(column.choices!).map(([value, label]) => ({ value, label }))}
              />
            ) : (
              <Input
                autoComplete="off"
                className={column.type === 'text' ? '' : 'figure'}
                maxLength={column.shape ? 60_000 : 120}
              />
            )}
          </Form.Item>
        ))}
        <button type="submit" hidden />
      </Form>
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

async function judge(column: Column, text: string | undefined): Promise<void> {
  if (text === undefined || text.trim() === '') {
    if (column.required) throw new Error('is needed');
    return;
  }
  try {
    readColumn(column, text);
  } catch (error) {
    throw error instanceof DomainError ? new Error(error.message) : error;
  }
}
