/** @jest-environment jest-fixed-jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { DEFAULT_PREFERENCES } from '../../preferences/preferences';
import { PreferencesProvider } from '../../preferences/PreferencesContext';
import { DraftsContext } from './DraftsContext';
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
