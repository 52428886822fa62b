import { Form, Input, Select } from 'antd';
import { useEffect } from 'react';
import { useFetcher } from 'react-router';
import { DomainError } from '#core/errors';
import {
  BAUD_RATES,
  CONNECTIONS,
  INSTRUMENT_KINDS,
  LINE_UNITS,
  linePattern,
  MOST_MONTHS,
  MOST_PLUS_MINUS,
  plusMinusOf,
  USUAL_LINE,
  type Connection,
  type InstrumentKind,
  type LineSettings,
  type LineUnit,
  type ShopInstrument,
} from '#core/instrument';
import { capital } from '#core/text';
import { readNumber } from '#core/units';
import { Dialog } from '../parts/Dialog';
import type { InstrumentAnswer } from './instrumentCommands';
import { CONNECTION_NAMES, KIND_NAMES } from './names';
import { TriedLine } from './TriedLine';
import './instruments.css';

/** What stands in the fields, as it was typed. */
interface Texts {
  name: string;
  kind: InstrumentKind;
  plusMinus: string;
  calibratedOn: string;
  everyMonths: string;
  connection: Connection;
  baudRate: number;
  dataBits: LineSettings['dataBits'];
  stopBits: LineSettings['stopBits'];
  parity: LineSettings['parity'];
  unit: LineUnit;
  pattern: string;
}

const textsOf = (one: ShopInstrument | null): Texts => {
  const { port: _, ...line } = one?.line ?? USUAL_LINE;
  return {
    ...line,
    pattern: line.pattern ?? '',
    name: one?.name ?? '',
    kind: one?.kind ?? 'caliper',
    plusMinus: one?.plusMinus == null ? '' : String(one.plusMinus),
    calibratedOn: one?.calibratedOn ?? '',
    everyMonths: one?.everyMonths == null ? '' : String(one.everyMonths),
    connection: one?.connection ?? 'typed',
  };
};

/** A number that may be left out. @throws DomainError on what is none, or out of range */
function readOptional(text: string, [least, most]: readonly [number, number]): number | null {
  if (text.trim() === '') return null;
  const value = readNumber(text);
  if (value < least || value > most) throw new DomainError(`must be between ${least} and ${most}`);
  return value;
}

const PLUS_MINUS = [0, MOST_PLUS_MINUS] as const;
const MONTHS = [1, MOST_MONTHS] as const;

const wholeMonths = (text: string): number | null => {
  const months = readOptional(text, MONTHS);
  if (months !== null && !Number.isInteger(months)) throw new DomainError('must be a whole number');
  return months;
};

const instrumentFrom = (texts: Texts, port: LineSettings['port']): Omit<ShopInstrument, 'id'> => ({
  name: texts.name.trim(),
  kind: texts.kind,
  plusMinus: readOptional(texts.plusMinus, PLUS_MINUS),
  calibratedOn: texts.calibratedOn === '' ? null : texts.calibratedOn,
  everyMonths: wholeMonths(texts.everyMonths),
  connection: texts.connection,
  line: {
    baudRate: texts.baudRate,
    dataBits: texts.dataBits,
    stopBits: texts.stopBits,
    parity: texts.parity,
    unit: texts.unit,
    pattern: patternOf(texts),
    port,
  },
});

const patternOf = ({ pattern }: Pick<Texts, 'pattern'>): string | null => (pattern.trim() === '' ? null : pattern);

/** A rule of a field: what its reader throws is said below it. */
const readBy = (read: (text: string) => unknown) => ({
  validator: (_: unknown, text: string) => {
    try {
      read(text);
      return Promise.resolve();
    } catch (error) {
      return Promise.reject(error instanceof DomainError ? new Error(error.message) : (error as Error));
    }
  },
});

const choices = <T extends string | number>(values: readonly T[], name: (value: T) => string = String) =>
  values.map((value) => ({ value, label: name(value) }));

/** One instrument of the shop, to add or to change. */
export function InstrumentDialog({ instrument, close }: { instrument: ShopInstrument | null; close(): void }) {
  const [form] = Form.useForm<Texts>();
  const fetcher = useFetcher<InstrumentAnswer>();
  const answer = fetcher.state === 'idle' ? fetcher.data : undefined;
  useEffect(() => {
    if (!answer) return;
    if (answer.faults.length === 0) close();
    else
      form.setFields(
        answer.faults.map(({ path, message }) => ({
          name: (path.split('.').at(-1) || 'name') as keyof Texts,
          errors: [message],
        })),
      );
  }, [answer, close, form]);
  const initial = textsOf(instrument);
  const now = { ...initial, ...Form.useWatch([], form) };
  const save = async () => {
    const texts = await form.validateFields().catch(() => null);
    if (!texts) return;
    const sent = instrumentFrom({ ...initial, ...texts }, instrument?.line.port ?? null);
    await fetcher.submit({ intent: 'save', id: instrument?.id ?? null, instrument: sent } as never, {
      method: 'post',
      action: '/instruments',
      encType: 'application/json',
    });
  };
  const isWrench = now.kind === 'torque-wrench';
  return (
    <Dialog
      onCancel={close}
      onOk={() => void save()}
      okText={instrument ? 'Save' : 'Add'}
      confirmLoading={fetcher.state !== 'idle'}
      title={instrument ? instrument.name : 'Instrument, new'}
      width={640}
    >
      <Form
        form={form}
        layout="vertical"
        initialValues={initial}
        className="instrument-form"
        onFinish={() => void save()}
        requiredMark={false}
        validateTrigger="onBlur"
      >
        <Form.Item name="name" label="Name" rules={[{ required: true, whitespace: true, message: 'needs a name' }]}>
          <Input autoComplete="off" maxLength={60} placeholder="depth gauge 2" />
        </Form.Item>
        <Form.Item name="kind" label="Kind">
          <Select options={choices(INSTRUMENT_KINDS, (kind) => capital(KIND_NAMES[kind]))} />
        </Form.Item>
        <Form.Item
          name="plusMinus"
          label={`± at 95 %, ${isWrench ? 'percent' : 'mm'}`}
          rules={[readBy((text) => readOptional(text, PLUS_MINUS))]}
        >
          <Input
            autoComplete="off"
            className="figure"
            placeholder={`${plusMinusOf({ kind: now.kind, plusMinus: null })} as usual`}
          />
        </Form.Item>
        <Form.Item name="calibratedOn" label="Calibrated on">
          <Input type="date" />
        </Form.Item>
        <Form.Item name="everyMonths" label="Calibrate every, months" rules={[readBy(wholeMonths)]}>
          <Input autoComplete="off" className="figure" placeholder="never due" />
        </Form.Item>
        <Form.Item name="connection" label="Readings come in" className="instrument-wide">
          <Select options={choices(CONNECTIONS, (one) => CONNECTION_NAMES[one])} />
        </Form.Item>
        {now.connection !== 'typed' && (
          <>
            {now.connection === 'serial' && (
              <>
                <Form.Item name="baudRate" label="Baud rate">
                  <Select options={choices(BAUD_RATES)} />
                </Form.Item>
                <Form.Item name="dataBits" label="Data bits">
                  <Select options={choices([7, 8])} />
                </Form.Item>
                <Form.Item name="parity" label="Parity">
                  <Select options={choices(['none', 'even', 'odd'])} />
                </Form.Item>
                <Form.Item name="stopBits" label="Stop bits">
                  <Select options={choices([1, 2])} />
                </Form.Item>
              </>
            )}
            <Form.Item name="unit" label="Unit when none is sent">
              <Select options={choices(LINE_UNITS)} />
            </Form.Item>
            <Form.Item
              name="pattern"
              label="Line pattern"
              extra="{value}, {unit}, * for anything. Empty: the usual forms."
              rules={[readBy((text) => text.trim() !== '' && linePattern(text))]}
            >
              <Input autoComplete="off" className="figure" placeholder="01A{value}" maxLength={80} />
            </Form.Item>
            <TriedLine pattern={patternOf(now)} unit={now.unit} />
          </>
        )}
        <button type="submit" hidden />
      </Form>
    </Dialog>
  );
}
