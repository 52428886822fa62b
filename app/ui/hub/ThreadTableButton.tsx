import { Button } from '../controls/Button';
import { useDialog } from '../../job/useSight';
import { later } from '../parts/later';

const ThreadTable = later(() => import('./ThreadTable').then((module) => module.ThreadTable));

/** Opens the table of threads. */
export function ThreadTableButton() {
  const dialog = useDialog('threads');
  return (
    <>
      <Button size="small" onClick={dialog.open}>
        Thread table
      </Button>
      {dialog.isOpen && <ThreadTable close={dialog.close} />}
    </>
  );
}
