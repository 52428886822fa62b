import { useId, type ReactElement } from 'react';
import type { FieldErrors } from 'react-hook-form';

/** What a field of a form is given, so that its label and its message are told with it. */
export interface FieldProps {
  id: string;
  'aria-invalid': boolean;
  'aria-describedby': string | undefined;
}

interface FormLineProps {
  name: string;
  label: string;
  errors: FieldErrors;
  className?: string;
  /** How it is written, where the label does not say it. */
  hint?: string | undefined;
  field(props: FieldProps): ReactElement;
}

/** A field of a form with its label above and what is wrong below. */
export function FormLine({ name, label, errors, className = '', hint, field }: FormLineProps) {
  const id = useId();
  const fault = errors[name]?.message;
  const described = [hint && `${id}hint`, fault && `${id}fault`].filter(Boolean).join(' ');
  return (
    <div className={`field ${fault ? 'field-faulty' : ''} ${className}`}>
      <label className="label" htmlFor={id}>
        {label}
      </label>
      {field({ id, 'aria-invalid': fault !== undefined, 'aria-describedby': described || undefined })}
      {hint && (
        <span id={`${id}hint`} className="field-note">
          {hint}
        </span>
      )}
      {fault !== undefined && (
        <span id={`${id}fault`} className="field-fault" role="alert">
          {String(fault)}
        </span>
      )}
    </div>
  );
}
