import type { ComponentProps } from 'react';
import './check.css';

interface CheckProps extends Omit<ComponentProps<'input'>, 'type'> {
  /** One of several that exclude each other, which bear the same name. */
  type?: 'checkbox' | 'radio';
}

/** A box to tick, with its words. */
export const Check = ({ children, className = '', type = 'checkbox', ...rest }: CheckProps) => (
  <label className={`check ${className}`}>
    <input {...rest} type={type} />
    <span>{children}</span>
  </label>
);
