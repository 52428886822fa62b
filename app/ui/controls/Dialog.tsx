import { useEffect, useId, useLayoutEffect, useRef, type ReactNode } from 'react';
import { createPortal } from 'react-dom';
import { useOnClient } from './useOnClient';
import { CloseOutlined } from './icons';
import { Button } from './Button';
import './dialog.css';

/** A switch is none of them: its word would stand over the dialog, and take the first Escape. */
const FIELDS = 'input:not([type=hidden], [type=file], [type=radio]), select, textarea';

/** Where a dialog begins, if not at its first field. */
const BEGINS = '[data-begins]';

/** A field whose text is no value: what was typed in it would be lost with the dialog. */
const UNREAD = '.field-faulty input';

interface DialogProps {
  title: ReactNode;
  children: ReactNode;
  /** How wide it is where there is room, as a CSS length or in px. */
  width?: number | string;
  /** Closes it without going on; a dialog that has none must be answered. */
  onCancel?(): void;
  onOk?(): void;
  okText?: string;
  /** It cannot go on yet. */
  okDisabled?: boolean;
  busy?: boolean;
  /** There is nothing to take back: it has the one button. */
  onlyOk?: boolean;
  /** Other buttons than the two; null for none. As a function it is given the two. */
  footer?: ReactNode | ((buttons: ReactNode) => ReactNode);
}

/**
 * A dialog that stands as long as it is drawn: the focus goes to its first field, and back to what had it before. It
 * does not go on while the text of a field is no value: the focus goes to that field. A press beside it does not close
 * it: where it grows smaller under a press, that ends beside it, and what was typed would be lost.
 */
export function Dialog(props: DialogProps) {
  return useOnClient(() => true, false) ? createPortal(<OpenDialog {...props} />, document.body) : null;
}

function OpenDialog({
  title,
  children,
  width = 520,
  onCancel,
  onOk,
  okText = 'OK',
  okDisabled = false,
  busy = false,
  onlyOk = false,
  footer,
}: DialogProps) {
  const id = useId();
  const dialog = useRef<HTMLDialogElement>(null);
  useLayoutEffect(() => {
    const opened = dialog.current!;
    const opener = document.activeElement;
    opened.showModal();
    holdPage();
    begin(opened);
    return () => {
      opened.close();
      holdPage();
      // After whatever closed it has put its own things away.
      setTimeout(() => giveBack(opener));
    };
  }, []);
  useEffect(() => {
    const opened = dialog.current!;
    // The browser closes it by itself on the second Escape; whoever drew it has to say so.
    const onEscape = (event: Event) => {
      event.preventDefault();
      onCancel?.();
    };
    opened.addEventListener('cancel', onEscape);
    return () => opened.removeEventListener('cancel', onEscape);
  }, [onCancel]);
  const onClose = () => {
    holdPage();
    onCancel?.();
  };
  const goOn = () => {
    const unread = dialog.current?.querySelector<HTMLElement>(UNREAD);
    if (unread) unread.focus();
    else onOk?.();
  };
  const buttons = (
    <>
      {!onlyOk && <Button onClick={onCancel}>Cancel</Button>}
      <Button kind="primary" onClick={goOn} disabled={okDisabled} busy={busy}>
        {okText}
      </Button>
    </>
  );
  const foot = footer === undefined ? buttons : typeof footer === 'function' ? footer(buttons) : footer;
  return (
    <dialog ref={dialog} className="dialog" aria-labelledby={id} style={{ width }} tabIndex={-1} onClose={onClose}>
      <header className="dialog-head">
        <h2 id={id} className="dialog-title" tabIndex={-1}>
          {title}
        </h2>
        {onCancel && (
          <Button kind="text" className="dialog-close" aria-label="Close" icon={<CloseOutlined />} onClick={onCancel} />
        )}
      </header>
      <div className="dialog-body">{children}</div>
      {foot && <footer className="dialog-foot">{foot}</footer>}
    </dialog>
  );
}

const isAnyOpen = (): boolean => document.querySelector('dialog[open]') !== null;

/** The page does not scroll under a dialog. A style that looks for one itself is asked again with each thing drawn. */
function holdPage(): void {
  document.documentElement.toggleAttribute('data-held', isAnyOpen());
}

/** Where a dialog begins: its first field; without one its title, so that no button is pressed unread. */
function begin(dialog: HTMLDialogElement): void {
  const body = dialog.querySelector('.dialog-body')!;
  const to =
    body.querySelector<HTMLElement>(BEGINS) ??
    body.querySelector<HTMLElement>(FIELDS) ??
    dialog.querySelector<HTMLElement>('.dialog-title');
  to?.focus();
}

function giveBack(opener: Element | null): void {
  if (isAnyOpen()) return;
  const back = opener instanceof HTMLElement && opener !== document.body && opener.isConnected ? opener : null;
  (back ?? document.getElementById('station'))?.focus();
}
