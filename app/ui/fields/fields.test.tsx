/** @jest-environment jest-fixed-jsdom */
import { render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { useState } from 'react';
import { DEFAULT_PREFERENCES } from '../../preferences/preferences';
import { PreferencesProvider } from '../../preferences/PreferencesContext';
import { DraftsContext } from './DraftsContext';
import { ForeignContext } from './ForeignContext';
import { LengthField } from './LengthField';

const commit = jest.fn();
const drafts = new Map<string, string>();

function Gap({ unit = 'mm', shown = true }: { unit?: 'mm' | 'in'; shown?: boolean }) {
  const [value, setValue] = useState<number | null>(14);
  return (
    <PreferencesProvider initial={{ ...DEFAULT_PREFERENCES, unit }}>
      <DraftsContext value={drafts}>
        {shown && (
          <LengthField
            name="gap"
            label="Tuck"
            range="thicknessMm"
            value={value}
            commit={(mm) => {
              commit(mm);
              setValue(mm);
            }}
          />
        )}
      </DraftsContext>
    </PreferencesProvider>
  );
}
const field = () => screen.getByRole<HTMLInputElement>('textbox', { name: /^Tuck/ });

beforeEach(() => {
  commit.mockClear();
  drafts.clear();
});

test.each([
  ['mm', '15.5', 15.5, '15.5'],
  ['mm', '9/16', 14.2875, '14.3'],
  ['mm', '2.2 cm', 22, '22.0'],
  ['in', '1/2', 12.7, '0.50'],
  ['in', '12 mm', 12, '0.47'],
] as const)('in %s, %s is taken as %s mm and shown as %s', async (unit, typed, mm, shown) => {
  render(<Gap unit={unit} />);
  const hand = userEvent.setup();
  await hand.clear(field());
  await hand.type(field(), `${typed}{Enter}`);
  expect(commit.mock.lastCall).toEqual([expect.closeTo(mm, 6)]);
  expect(field().value).toBe(shown);
});

test('what is no length is told beside the field, kept over a change of page, and taken back with Escape', async () => {
  const { rerender } = render(<Gap />);
  const hand = userEvent.setup();
  await hand.clear(field());
  await hand.type(field(), 'a thumb{Enter}');
  expect(screen.getByRole('alert').textContent).toMatch(/./);
  expect(field().getAttribute('aria-invalid')).toBe('true');
  expect(field().getAttribute('aria-describedby')).toBe(screen.getByRole('alert').id);
  rerender(<Gap shown={false} />);
  rerender(<Gap />);
  expect([field().value, screen.getAllByRole('alert').length]).toEqual(['a thumb', 1]);
  await hand.type(field(), '{Escape}');
  expect([field().value, screen.queryByRole('alert'), commit.mock.calls]).toEqual(['14.0', null, []]);
});

test('outside its range it says the range; emptied it says so; left as it was it commits nothing', async () => {
  render(<Gap />);
  const hand = userEvent.setup();
  await hand.clear(field());
  await hand.type(field(), '9000{Enter}');
  expect(screen.getByRole('alert').textContent).toMatch(/is outside .* to /);
  await hand.clear(field());
  await hand.type(field(), '14.0{Tab}');
  expect(commit).not.toHaveBeenCalled();
  await hand.clear(field());
  await hand.tab();
  expect(commit.mock.calls).toEqual([[null]]);
  expect(screen.getByRole('status').textContent).toMatch(/./);
});

test('what somebody else saves stands beside what is being typed; what one does oneself replaces it', async () => {
  const Field = ({ value, foreign }: { value: number | null; foreign: number }) => (
    <PreferencesProvider initial={DEFAULT_PREFERENCES}>
      <DraftsContext value={drafts}>
        <ForeignContext value={foreign}>
          <LengthField name="gap" label="Tuck" range="thicknessMm" value={value} commit={commit} />
        </ForeignContext>
      </DraftsContext>
    </PreferencesProvider>
  );
  const { rerender } = render(<Field value={14} foreign={0} />);
  const hand = userEvent.setup();
  await hand.clear(field());
  await hand.type(field(), '12');
  // Somebody saves elsewhere in the job, then here, then empties it.
  rerender(<Field value={14} foreign={1} />);
  expect([field().value, screen.queryByText(/^changed elsewhere/)]).toEqual(['12', null]);
  rerender(<Field value={10} foreign={2} />);
  expect(field().value).toBe('12');
  expect(screen.getByText('changed elsewhere to 10.0: Enter keeps yours, Escape takes it')).toBeTruthy();
  rerender(<Field value={null} foreign={3} />);
  expect(screen.getByText(/^changed elsewhere to nothing/)).toBeTruthy();
  await hand.type(field(), '{Enter}');
  expect(commit.mock.lastCall).toEqual([12]);
  rerender(<Field value={12} foreign={3} />);
  expect([field().value, screen.queryByText(/^changed elsewhere/)]).toEqual(['12.0', null]);
  // A nudge of one's own.
  await hand.clear(field());
  await hand.type(field(), '99');
  rerender(<Field value={13} foreign={3} />);
  expect([field().value, screen.queryByText(/^changed elsewhere/)]).toEqual(['13.0', null]);
});
