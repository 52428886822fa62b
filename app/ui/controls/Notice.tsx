import type { ReactNode } from 'react';
import './notice.css';

interface NoticeProps {
  kind: 'fault' | 'done';
  title: string;
  className?: string;
  children?: ReactNode;
}

/** What came of something, in a box of its own; said at once to those who do not see it. */
export const Notice = ({ kind, title, className = '', children }: NoticeProps) => (
  <div role={kind === 'fault' ? 'alert' : 'status'} className={`notice is-${kind} ${className}`}>
    <p>
      <span aria-hidden>{kind === 'fault' ? '▲ ' : '✓ '}</span>
      {title}
    </p>
    {children}
  </div>
);
