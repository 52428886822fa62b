/** @jest-environment jest-fixed-jsdom */
import { render, screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { KITE } from '#support/jobs';
import { useDocument } from '../../job/DocumentContext';
import { useRaised } from '../../job/useRaised';
import { useDialog } from '../../job/useSight';
import { TableOf } from '../../testing/TableOf';
import { SizesDialog } from './SizesDialog';

function Whole() {
  const { job } = useDocument();
  const raised = useRaised();
  const { isOpen, open, close } = useDialog('sizes');
  return (
    <>
      <output>{`${raised?.id} of ${job.setups.map(({ id }) => id).join('')}`}</output>
      <button type="button" onClick={open}>
        Sizes
      </button>
      {isOpen && raised && <SizesDialog setup={raised} axle="front" close={close} />}
    </>
  );
}
const dialog = () => screen.queryByRole('dialog', { name: /^Other tire sizes/ });

test('a link opens it; Escape closes it; a button opens it again', async () => {
  render(
    <TableOf job={KITE} at="setups?view=tire&open=sizes">
      <Whole />
    </TableOf>,
  );
  const hand = userEvent.setup();
  expect(dialog()).not.toBeNull();
  await hand.keyboard('{Escape}');
  await waitFor(() => expect(dialog()).toBeNull());
  await hand.click(screen.getByRole('button', { name: 'Sizes' }));
  expect(dialog()).not.toBeNull();
});

test('arrow keys walk the list, Enter makes a setup beside its own, raises it and closes', async () => {
  render(
    <TableOf job={KITE} at="setups?setup=b&open=sizes">
      <Whole />
    </TableOf>,
  );
  const hand = userEvent.setup();
  const makes = screen.getAllByRole('button', { name: /^Make a setup with/ });
  makes[0]!.focus();
  await hand.keyboard('{ArrowDown}');
  expect(document.activeElement).toBe(makes[1]);
  await hand.keyboard('{ArrowUp}{ArrowUp}');
  expect(document.activeElement).toBe(makes[0]);
  await hand.keyboard('{Enter}');
  await waitFor(() => expect(screen.getByRole('status').textContent).toBe('e of abecd'));
  await waitFor(() => expect(dialog()).toBeNull());
});
