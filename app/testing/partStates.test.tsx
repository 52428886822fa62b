/** @jest-environment jest-fixed-jsdom */
import { render, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { KITE } from '#support/jobs';
import { PartStates } from './PartStates';

const state = (name: string) => within(screen.getByRole('region', { name }));

test('the page of parts shows each in its state, without a word in the console', async () => {
  const said = jest.spyOn(console, 'error').mockImplementation(() => {});
  render(<PartStates job={KITE} />);
  expect(screen.getAllByRole('region').length).toBeGreaterThan(25);
  expect(state('a length, empty').getByRole<HTMLInputElement>('textbox').value).toBe('');
  expect(state('a length that is assumed').getByText('assumed')).toBeTruthy();
  expect(state('a length with a text that is none').getByRole('alert').textContent).toMatch(/./);
  expect(state('a ring, not measured').getByRole('img').innerHTML).toContain('stroke-dasharray');
  expect(state('a question on its way').getByRole<HTMLProgressElement>('progressbar').value).toBe(40);
  expect(state('the tray, empty').getByRole<HTMLButtonElement>('button', { name: 'Duplicate' }).disabled).toBe(true);

  const hand = userEvent.setup();
  for (const [name, words] of [
    ['a save, saved', /^Saved/],
    ['a save, not reached', /the server does not answer/],
    ['a save, refused', /is too long/],
    ['a save, gone', /gone|no longer|not there/],
  ] as const) {
    await hand.click(state(name).getByRole('button', { name: 'Edit' }));
    await waitFor(() => expect(state(name).getByText(words)).toBeTruthy());
  }
  await hand.click(state('a save, changed elsewhere').getByRole('button', { name: 'Edit' }));
  const conflict = await screen.findByRole('dialog', { name: 'This job was changed elsewhere' });
  expect(within(conflict).getByText('3 changes before these, not listed')).toBeTruthy();
  await hand.click(within(conflict).getByRole('button', { name: 'Discard my edits' }));
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  expect(said.mock.calls.map(([text]) => String(text).slice(0, 200))).toEqual([]);
});
