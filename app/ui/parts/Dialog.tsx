import { Modal, type ModalProps } from 'antd';
import { useCallback, useEffect, useRef, useState } from 'react';

/** A switch is none of them: its word would stand over the dialog, and take the first Escape. */
const FIELDS = 'input:not([type=hidden], [type=file], [type=radio]), select, textarea';

/** Where a dialog begins: its first field; without one its title, so that no button is pressed unread. */
function begin(root: Element | null | undefined): void {
  // A dialog may know better where its work begins.
  const has = document.activeElement;
  if (!root || (root.contains(has) && has?.matches(`${FIELDS}, button:not(.ant-modal-close)`))) return;
  const field = root.querySelector<HTMLElement>(`.ant-modal-body :is(${FIELDS})`);
  const title = root.querySelector<HTMLElement>('.ant-modal-title');
  title?.setAttribute('tabindex', '-1');
  (field ?? title)?.focus();
}

/** A field whose text is no value: what was typed in it would be lost with the dialog. */
const UNREAD = '.field-faulty input';

/**
 * A dialog that stands as long as it is drawn: the focus goes to its first field, and back to what had it before. It
 * does not go on while the text of a field is no value: the focus goes to that field. A press beside it does not close
 * it: where it grows smaller under a press, that ends beside it, and what was typed would be lost.
 */
export function Dialog({ children, onOk, ...props }: Omit<ModalProps, 'open'>) {
  const [opener] = useState(() => (typeof document === 'undefined' ? null : document.activeElement));
  const inside = useRef<HTMLDivElement>(null);
  const start = useCallback(() => begin(inside.current?.closest('[role=dialog]')), []);
  useEffect(() => {
    start();
    return () => {
      // After the dialog has put its own things away.
      setTimeout(() => {
        const back = opener instanceof HTMLElement && opener !== document.body && opener.isConnected ? opener : null;
        (back ?? document.getElementById('station'))?.focus();
      });
    };
  }, [opener, start]);
  const goOn: ModalProps['onOk'] = (event) => {
    const unread = inside.current?.querySelector<HTMLElement>(UNREAD);
    if (unread) unread.focus();
    else onOk?.(event);
  };
  return (
    <Modal
      {...props}
      onOk={goOn}
      open
      mask={{ closable: false }}
      focusable={{ focusTriggerAfterClose: false }}
      afterOpenChange={(open) => open && start()}
    >
      <div ref={inside}>{children}</div>
    </Modal>
  );
}
