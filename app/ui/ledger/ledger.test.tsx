/** @jest-environment jest-fixed-jsdom */
import { act, render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { KITE } from '#support/jobs';

/** Sweeps that are asked for, each answered when it is told to. */
const asked: (() => void)[] = [];
jest.mock('../../workers/sweepWorker', () => ({
  sweepWorker: () => ({
    call: () => ({ answer: new Promise((resolve) => asked.push(() => resolve({ swept: null }))), stop: () => {} }),
    died: () => false,
    revive: () => {},
    subscribe: () => () => {},
    end: () => {},
  }),
}));

import { useDocument } from '../../job/DocumentContext';
import { useReports } from '../../job/ReportsContext';
import { useSweepState } from '../../job/SweepsContext';
import { TableOf } from '../../testing/TableOf';
import { Ledger } from './Ledger';

function Whole({ allOpen = false }: { allOpen?: boolean }) {
  const [first] = useReports().setups;
  const { edit } = useDocument();
  const { waiting } = useSweepState();
  return (
    <div data-swept={waiting === 0}>
      <button
        type="button"
        onClick={() => edit({ op: 'set', path: ['setups', 'a', 'front', 'wheel', 'offsetMm'], value: 30 })}
      >
        Nudge
      </button>
      <Ledger {...first!} axle="front" allOpen={allOpen} />
    </div>
  );
}
const row = (key: string) => document.querySelector<HTMLElement>(`[data-row="${key}"]`)!;
const button = (key: string) => row(key).querySelector('button')!;
/** A save that comes back may make the job another object for a moment, which is followed a moment later. */
const isSwept = () =>
  document.querySelector('[data-swept="true"]') !== null && document.querySelector('[data-stale="true"]') === null;
/** Answers every sweep that is asked for, and those that follow, however many there are. */
async function sweepAll(): Promise<void> {
  for (let n = 0; n < 500 && !isSwept(); n++)
    await act(async () => {
      asked.splice(0).forEach((answer) => answer());
      await new Promise((resolve) => setTimeout(resolve, 5));
    });
  expect(isSwept()).toBe(true);
}

beforeEach(() => void asked.splice(0));

test('a row opens its working and closes it again, by key too', async () => {
  render(
    <TableOf job={KITE}>
      <Whole />
    </TableOf>,
  );
  const hand = userEvent.setup();
  const said = () => ['aria-expanded', 'aria-controls'].map((name) => button('inboard').getAttribute(name));
  expect(said()).toEqual(['false', null]);
  await hand.click(button('inboard'));
  const [isOpen, id] = said();
  expect(isOpen).toBe('true');
  expect(document.getElementById(id!)!.textContent).toMatch(/=/);
  button('inboard').focus();
  await hand.keyboard('{Enter}');
  expect(said()).toEqual(['false', null]);
  expect(document.getElementById(id!)).toBeNull();
});

test('every verdict is a word and a ring; with all open every row shows its working', () => {
  render(
    <TableOf job={KITE}>
      <Whole allOpen />
    </TableOf>,
  );
  const judged = [...document.querySelectorAll<HTMLElement>('.ledger-row:not(.ledger-plain)')];
  expect(judged.length).toBeGreaterThan(10);
  for (const one of judged) {
    const ring = one.querySelector('[role="img"]')!.getAttribute('aria-label')!;
    expect(one.querySelector('.judged-note')!.textContent).toContain(ring);
    expect(one.querySelector('.judged-working')!.textContent).not.toBe('');
  }
});

test('what comes of a sweep stands back after a change until it is swept again; the rest never does', async () => {
  render(
    <TableOf job={KITE}>
      <Whole />
    </TableOf>,
  );
  const stale = (key: string) => row(key).dataset.stale;
  await sweepAll();
  expect([stale('obstacle:liner'), stale('inboard')]).toEqual(['false', 'false']);
  await userEvent.setup().click(screen.getByRole('button', { name: 'Nudge' }));
  expect([stale('obstacle:liner'), stale('inboard')]).toEqual(['true', 'false']);
  expect(row('obstacle:liner').textContent).toContain('from before the change');
  await sweepAll();
  expect([stale('obstacle:liner'), stale('inboard')]).toEqual(['false', 'false']);
  expect(row('obstacle:liner').textContent).not.toContain('from before the change');
});
