/** @jest-environment jest-fixed-jsdom */
import { render, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { KITE } from '#support/jobs';
import { saveAll, TableOf, type Sent } from '../../testing/TableOf';
import { useSelection } from '../../job/SelectionContext';
import { Tray } from './Tray';
import { useSetupActions } from './useSetupActions';
import { useSetupSteps } from './useSetupSteps';

function Whole() {
  const { params } = useSelection();
  useSetupSteps();
  return (
    <>
      <output>{params.toString()}</output>
      <Tray actions={useSetupActions()} />
    </>
  );
}
const cards = () => within(screen.getByRole('list')).getAllByRole('button');
const letters = () => cards().map((card) => card.querySelector('b')!.textContent);
const raised = () =>
  cards()
    .find((card) => card.getAttribute('aria-pressed') === 'true')!
    .querySelector('b')!.textContent;
const address = () => screen.getByRole('status').textContent;

/** A tray, what is sent from it, and a hand. */
function lay(at: string, job = KITE) {
  const sent: Sent[] = [];
  render(
    <TableOf job={job} at={at} answer={(one) => (sent.push(one), saveAll(one))}>
      <Whole />
    </TableOf>,
  );
  return { sent, hand: userEvent.setup() };
}

test('every setup is a card with its verdict in words; the one of the address is raised', () => {
  lay('setups?setup=c');
  expect([letters(), raised()]).toEqual([['A', 'B', 'C', 'D'], 'C']);
  for (const card of cards()) expect(card.textContent).toMatch(/(clears|tight|touches|with care|too far|not )/);
});

test('a click raises a setup, J and K the next and the one before, and no further than the ends', async () => {
  const { hand } = lay('setups');
  expect(raised()).toBe('A');
  await hand.click(cards()[1]!);
  expect([raised(), address()]).toEqual(['B', 'setup=b']);
  await hand.keyboard('jjjj');
  expect(raised()).toBe('D');
  await hand.keyboard('k');
  expect(raised()).toBe('C');
});

test('New, Double and Remove: made once, raised, saved', async () => {
  const { hand, sent } = lay('setups?setup=b');
  await hand.click(screen.getByRole('button', { name: 'Duplicate' }));
  expect([letters(), raised()]).toEqual([['A', 'B', 'E', 'C', 'D'], 'E']);
  await hand.click(screen.getByRole('button', { name: 'New' }));
  expect([letters(), raised()]).toEqual([['A', 'B', 'E', 'C', 'D', 'F'], 'F']);
  await hand.click(screen.getByRole('button', { name: 'Delete' }));
  expect([letters(), raised()]).toEqual([['A', 'B', 'E', 'C', 'D'], 'D']);
  await waitFor(() => expect(sent.flatMap(({ edits = [] }) => edits.map(({ op }) => op))).toHaveLength(3));
  expect(sent.flatMap(({ edits = [] }) => edits.map(({ op }) => op))).toEqual([
    'add-setup',
    'add-setup',
    'remove-setup',
  ]);
});

test('without a setup there is nothing to double or to remove', () => {
  lay('setups', { ...KITE, setups: [] });
  const off = (name: string) => screen.getByRole<HTMLButtonElement>('button', { name }).disabled;
  expect(['New', 'Duplicate', 'Delete'].map(off)).toEqual([false, true, true]);
});

test('a setup that has been on the car stays', () => {
  const fitting = { id: 'f1', kind: 'mock-up', startedAt: '2026-03-02T08:40:00Z' } as const;
  lay('setups?setup=b', { ...KITE, fittings: [{ ...fitting, corners: { frontRight: { setup: 'b' } } }] });
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Delete' }).disabled).toBe(true);
});

test('more than eight setups are searched by name, wheel and tire; the raised one stays', async () => {
  const [first] = KITE.setups;
  const setups = Array.from({ length: 12 }, (_, at) => ({
    ...first!,
    id: `s${at}`,
    label: at % 3 === 0 ? `Gravel ${at}` : `Road ${at}`,
  }));
  const { hand } = lay('setups?setup=s1', { ...KITE, setups });
  await hand.type(screen.getByRole('searchbox', { name: 'Search setups' }), 'gravel');
  expect(letters()).toEqual(['S0', 'S1', 'S3', 'S6', 'S9']);
  await hand.clear(screen.getByRole('searchbox', { name: 'Search setups' }));
  expect(letters()).toHaveLength(12);
  await hand.type(screen.getByRole('searchbox', { name: 'Search setups' }), 'nowhere');
  expect(letters()).toEqual(['S1']);
});

test('few setups need no search', () => {
  lay('setups');
  expect(screen.queryByRole('searchbox', { name: 'Search setups' })).toBeNull();
});
