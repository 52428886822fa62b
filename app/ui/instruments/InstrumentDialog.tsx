import { useEffect, type ReactElement } from 'react';
import { useForm, useWatch, type RegisterOptions } from 'react-hook-form';
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
import { FormLine, type FieldProps } from '../controls/FormLine';
import { Input } from '../controls/Input';
import { Dialog } from '../controls/Dialog';
import type { InstrumentAnswer } from './instrumentCommands';
import { CONNECTION_NAMES, KIND_NAMES } from './names';
import { TriedLine } from './TriedLine';
import '../controls/choice.css';
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
const readBy =
  (read: (text: string) => unknown) =>
  (text: unknown): string | true => {
    try {
      read(String(text));
      return true;
    } catch (error) {
      if (error instanceof DomainError) return error.message;
      throw error;
    }
  };

const words = <T extends string | number>(values: readonly T[], name: (value: T) => string = String): ReactElement[] =>
  values.map((value) => (
    <option key={value} value={value}>
      {name(value)}
    </option>
  ));

/** One instrument of the shop, to add or to change. */
export function InstrumentDialog({ instrument, close }: { instrument: ShopInstrument | null; close(): void }) {
  const fetcher = useFetcher<InstrumentAnswer>();
  const { register, control, handleSubmit, setError, formState } = useForm<Texts>({
    mode: 'onBlur',
    defaultValues: textsOf(instrument),
  });
  const now = useWatch({ control }) as Texts;
  const answer = fetcher.state === 'idle' ? fetcher.data : undefined;
  useEffect(() => {
    if (!answer) return;
    if (answer.faults.length === 0) close();
    else
      for (const { path, message } of answer.faults)
        setError((path.split('.').at(-1) || 'name') as keyof Texts, { message });
  }, [answer, close, setError]);
  const save = handleSubmit(async (texts) => {
    const sent = instrumentFrom(texts, instrument?.line.port ?? null);
    await fetcher.submit({ intent: 'save', id: instrument?.id ?? null, instrument: sent } as never, {
      method: 'post',
      action: '/instruments',
      encType: 'application/json',
    });
  });
  const line = (name: keyof Texts, label: string) => ({ name, label, errors: formState.errors });
  const bind = (props: FieldProps, name: keyof Texts, rules: RegisterOptions<Texts> = {}) => ({
    ...props,
    ...register(name, rules),
  });
  const choice =
    (name: keyof Texts, options: ReactElement[], isNumber = false) =>
    (props: FieldProps) => (
      <select {...bind(props, name, isNumber ? { setValueAs: Number } : {})} className="choice">
        {options}
      </select>
    );
  const isWrench = now.kind === 'torque-wrench';
  return (
    <Dialog
      onCancel={close}
      onOk={() => void save()}
      okText={instrument ? 'Save' : 'Add'}
      busy={fetcher.state !== 'idle'}
      title={instrument ? instrument.name : 'Instrument, new'}
      width={640}
    >
      <form className="instrument-form" onSubmit={(event) => void save(event)}>
        <FormLine
          {...line('name', 'Name')}
          field={(props) => (
            <Input
              {...bind(props, 'name', { validate: (text) => String(text).trim() !== '' || 'needs a name' })}
              autoComplete="off"
              maxLength={60}
              placeholder="depth gauge 2"
            />
          )}
        />
        <FormLine
          {...line('kind', 'Kind')}
          field={choice(
            'kind',
            words(INSTRUMENT_KINDS, (kind) => capital(KIND_NAMES[kind])),
          )}
        />
        <FormLine
          {...line('plusMinus', `± at 95 %, ${isWrench ? 'percent' : 'mm'}`)}
          field={(props) => (
            <Input
              {...bind(props, 'plusMinus', { validate: readBy((text) => readOptional(text, PLUS_MINUS)) })}
              autoComplete="off"
              className="figure"
              placeholder={`${plusMinusOf({ kind: now.kind, plusMinus: null })} as usual`}
            />
          )}
        />
        <FormLine
          {...line('calibratedOn', 'Calibrated on')}
          field={(props) => <Input {...bind(props, 'calibratedOn')} type="date" />}
        />
        <FormLine
          {...line('everyMonths', 'Calibrate every, months')}
          field={(props) => (
            <Input
              {...bind(props, 'everyMonths', { validate: readBy(wholeMonths) })}
              autoComplete="off"
              className="figure"
              placeholder="never due"
            />
          )}
        />
        <FormLine
          {...line('connection', 'Readings come in')}
          className="instrument-wide"
          field={choice(
            'connection',
            words(CONNECTIONS, (one) => CONNECTION_NAMES[one]),
          )}
        />
        {now.connection === 'serial' && (
          <>
            <FormLine {...line('baudRate', 'Baud rate')} field={choice('baudRate', words(BAUD_RATES), true)} />
            <FormLine {...line('dataBits', 'Data bits')} field={choice('dataBits', words([7, 8]), true)} />
            <FormLine {...line('parity', 'Parity')} field={choice('parity', words(['none', 'even', 'odd']))} />
            <FormLine {...line('stopBits', 'Stop bits')} field={choice('stopBits', words([1, 2]), true)} />
          </>
        )}
        {now.connection !== 'typed' && (
          <>
            <FormLine {...line('unit', 'Unit when none is sent')} field={choice('unit', words(LINE_UNITS))} />
            <FormLine
              {...line('pattern', 'Line pattern')}
              hint="{value}, {unit}, * for anything. Empty: the usual forms."
              field={(props) => (
                <Input
                  {...bind(props, 'pattern', { validate: readBy((text) => text.trim() !== '' && linePattern(text)) })}
                  autoComplete="off"
                  className="figure"
                  placeholder="01A{value}"
                  maxLength={80}
                />
              )}
            />
            <TriedLine pattern={patternOf(now)} unit={now.unit} />
          </>
        )}
        <button type="submit" hidden />
      </form>
    </Dialog>
  );
}
