import { Input } from 'antd';
import type { CSSProperties, ReactNode } from 'react';
import { useTypedField, type TypedField } from './useTypedField';

export interface TypedInputProps<T> extends TypedField<T> {
  label: string;
  /** The unit behind the input; part of its accessible name. */
  unit?: string | undefined;
  /** Width of the input in characters. */
  width?: number | undefined;
  /** Only the input is seen: the label is for assistive tools. */
  bare?: boolean | undefined;
  /** Marks a value nobody measured. */
  assumed?: string | undefined;
  aside?: ReactNode;
  placeholder?: string | undefined;
  className?: string | undefined;
  style?: CSSProperties | undefined;
}

/** A labelled input over a value of the job, with its message right below it. */
export function TypedInput<T>(props: TypedInputProps<T>) {
  const { label, unit, width = 7, bare, assumed, aside, placeholder = '—', className = '', style } = props;
  const { input, fault, note, messageId } = useTypedField(props);
  return (
    <div className={`field ${bare ? 'field-bare' : ''} ${fault ? 'field-faulty' : ''} ${className}`} style={style}>
      <label>
        <span className={bare ? 'visually-hidden' : 'label'}>
          {label}
          {unit && <span className="visually-hidden"> in {unit}</span>}
          {assumed && !bare && <em className="assumed"> assumed</em>}
        </span>
        <span className="field-line">
          <Input
            {...input}
            className="figure"
            placeholder={placeholder}
            status={fault ? 'error' : ''}
            style={{ width: `${width + 2.5}ch` }}
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
