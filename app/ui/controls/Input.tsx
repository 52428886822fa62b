import type { ComponentProps } from 'react';
import './input.css';

/** A line to type in. */
export const Input = ({ className = '', ...rest }: ComponentProps<'input'>) => (
  <input type="text" {...rest} className={`input ${className}`} />
);
