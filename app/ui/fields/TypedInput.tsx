import { memo, type CSSProperties, type ReactNode } from 'react';
import { Input } from '../controls/Input';
import { useTypedField, type TypedField } from './useTypedField';

export interface TypedInputProps<T> extends TypedField<T> {
  /** The unit behind the input; part of its accessible name. */
  unit?: string | undefined;
  /** Width of the input in characters. */
  width?: number | undefined;
  /** Only the input is seen: the label is for assistive tools. */
  bare?: boolean | undefined;
  /** Marks a value nobody measured. */
  assumed?: string | undefined;
  aside?: ReactNode;
  /** What a phone shows to type with. */
  keypad?: 'decimal' | 'text' | undefined;
  placeholder?: string | undefined;
  className?: string | undefined;
  style?: CSSProperties | undefined;
}

interface InputBoxProps {
  text: string;
  handlers: ReturnType<typeof useTypedField>['handlers'];
  faulty: boolean;
  describedBy: string | undefined;
  placeholder: string;
  width: number;
  keypad: 'decimal' | 'text';
}

/** Drawn again only when what it shows has changed: a nudge must not draw every field of a sheet. */
const InputBox = memo(({ text, handlers, faulty, describedBy, placeholder, width, keypad }: InputBoxProps) => (
  <Input
    value={text}
    className="figure"
    placeholder={placeholder}
    aria-invalid={faulty}
    aria-describedby={describedBy}
    inputMode={keypad}
    autoComplete="off"
    spellCheck={false}
    style={{ width: `${width + 2.5}ch` }}
    {...handlers}
  />
));
InputBox.displayName = 'InputBox';

/** A labelled input over a value of the job, with its message right below it. */
export function TypedInput<T>(props: TypedInputProps<T>) {
  const { label, unit, width = 7, bare, assumed, aside, placeholder = '—', className = '', style } = props;
  const { keypad = 'text' } = props;
  const { text, handlers, fault, note, messageId } = useTypedField(props);
  return (
    <div className={`field ${bare ? 'field-bare' : ''} ${fault ? 'field-faulty' : ''} ${className}`} style={style}>
      <label>
        <span className={bare ? 'visually-hidden' : 'label'}>
          {label}
          {unit && <span className="visually-hidden"> in {unit}</span>}
          {assumed && !bare && <em className="assumed"> assumed</em>}
        </span>
        <span className="field-line">
          <InputBox
            text={text}
            handlers={handlers}
            faulty={fault !== null}
            describedBy={fault !== null || note !== null ? messageId : undefined}
            placeholder={placeholder}
            width={width}
            keypad={keypad}
          />
          {unit && (
            <span className="field-unit" aria-hidden>
              {unit}
            </span>
          )}
        </span>
      </label>
      {aside}
      {(fault ?? note) && (
        <div id={messageId} className={fault ? 'field-fault' : 'field-note'} role={fault ? 'alert' : 'status'}>
          {fault ?? note}
        </div>
      )}
    </div>
  );
}
