import type { ComponentProps } from 'react';
import './input.css';

/** Several lines to type in; it grows with them, up to a dozen. */
export const LongText = ({ className = '', rows = 3, ...rest }: ComponentProps<'textarea'>) => (
  <textarea {...rest} rows={rows} className={`input long-text ${className}`} />
);
