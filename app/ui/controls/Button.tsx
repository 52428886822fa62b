import type { AnchorHTMLAttributes, ButtonHTMLAttributes, ReactNode } from 'react';
import './button.css';

interface ButtonProps
  extends
    ButtonHTMLAttributes<HTMLButtonElement>,
    Pick<AnchorHTMLAttributes<HTMLAnchorElement>, 'href' | 'target' | 'download'> {
  kind?: 'plain' | 'primary' | 'text' | 'link';
  size?: 'usual' | 'small' | 'large';
  icon?: ReactNode;
  /** What it began is under way: it is not begun again meanwhile. */
  busy?: boolean;
}

/** A button; with an address it is a link that looks like one. */
export function Button({
  kind = 'plain',
  size = 'usual',
  icon,
  busy = false,
  className = '',
  children,
  href,
  target,
  download,
  type = 'button',
  disabled = false,
  ...rest
}: ButtonProps) {
  const look = `button is-${kind} is-${size} ${children === undefined ? 'is-icon' : ''} ${className}`;
  const inside = (
    <>
      {busy ? <span className="button-busy" aria-hidden /> : icon}
      {children !== undefined && <span>{children}</span>}
    </>
  );
  if (href !== undefined)
    return (
      <a {...(rest as AnchorHTMLAttributes<HTMLAnchorElement>)} className={look} {...{ href, target, download }}>
        {inside}
      </a>
    );
  return (
    <button {...rest} type={type} className={look} disabled={disabled || busy} aria-busy={busy || undefined}>
      {inside}
    </button>
  );
}
