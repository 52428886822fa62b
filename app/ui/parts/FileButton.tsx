import { useRef, type ReactNode } from 'react';
import { faultLine, type Fault } from '#formats/faults';
import './fileButton.css';
import { Notice } from '../controls/Notice';
import { Button } from '../controls/Button';
import { InboxOutlined } from '../controls/icons';

interface FileButtonProps {
  /** Names the input for assistive tools. */
  label: string;
  accept: string;
  busy: boolean;
  take(file: File | undefined, all: readonly File[]): void;
  /** Several may be chosen at once. */
  multiple?: boolean;
  icon?: ReactNode;
  children: string;
}

/** A button that asks for a file; the same file may be chosen again after it was mended. */
export function FileButton({ label, accept, busy, take, multiple = false, icon, children }: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        multiple={multiple}
        aria-label={label}
        className="visually-hidden"
        tabIndex={-1}
        onChange={(event) => {
          const all = [...(event.target.files ?? [])];
          take(all[0], all);
          event.target.value = '';
        }}
      />
      <Button icon={icon ?? <InboxOutlined />} busy={busy} onClick={() => input.current?.click()}>
        {children}
      </Button>
    </>
  );
}

/** What is wrong with a file that was not taken in, line by line. */
export const FileFaults = ({ name, faults }: { name: string; faults: readonly Fault[] }) => (
  <Notice kind="fault" className="file-faults" title={`${name} was not imported; nothing changed.`}>
    <ul>
      {faults.map((fault) => (
        <li key={faultLine(fault)} className="figure">
          {faultLine(fault)}
        </li>
      ))}
    </ul>
  </Notice>
);
