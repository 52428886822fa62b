import type { ReactNode } from 'react';
import { Button } from '../controls/Button';
import { KEEPS_FIELD } from '../fields/HoldFieldContext';
import { CloseOutlined } from '../controls/icons';
import './instruments.css';

interface FloatingPanelProps {
  /** What it is, for those who do not see it. */
  label: string;
  title: string;
  /** What closing it does. */
  closing: string;
  close(): void;
  children: ReactNode;
}

/** An instrument over the station: the field that it writes into stays in hand. */
export const FloatingPanel = ({ label, title, closing, close, children }: FloatingPanelProps) => (
  <aside className="instrument-panel" aria-label={label} {...{ [KEEPS_FIELD]: true }}>
    <header>
      <h2>{title}</h2>
      <Button kind="text" icon={<CloseOutlined />} aria-label={closing} onClick={close} />
    </header>
    {children}
  </aside>
);

/** What the hand is at, side by side. */
export const HandRow = ({ children }: { children: ReactNode }) => <div className="instrument-hand">{children}</div>;
