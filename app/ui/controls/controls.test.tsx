/** @jest-environment jsdom */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { useState } from 'react';
import { Button } from './Button';
import { Choices } from './Choices';
import { DeedChoice } from './DeedChoice';
import { Dialog } from './Dialog';
import { FindChoice } from './FindChoice';
import { Menu } from './Menu';
import { OptionalChoice } from './OptionalChoice';
import { Segments } from './Segments';
import { Slider } from './Slider';
import { Tip } from './Tip';

const WHEELS = [
  { value: 1, label: 'Cairn 16 x 7 +35' },
  { value: 2, label: 'Cairn 17 x 7.5 +40' },
  { value: 3, label: 'Tor 17 x 8 +30' },
];

describe('one of many is found by any part of its words', () => {
  const wheel = (take: (value: number) => void, options = WHEELS) =>
    render(<FindChoice aria-label="Wheel" placeholder="" empty="none kept" options={options} take={take} />);
  const field = () => screen.getByRole<HTMLInputElement>('combobox', { name: 'Wheel' });

  test('typed, it is taken by Enter once it is the only one', async () => {
    const take = jest.fn();
    wheel(take);
    const hand = userEvent.setup();
    await hand.type(field(), 'cairn{Enter}');
    expect(screen.getByRole('alert').textContent).toBe('fits several: choose one');
    expect(field().ariaInvalid ?? field().getAttribute('aria-invalid')).toBe('true');
    await hand.type(field(), ' 17{Enter}');
    expect(take.mock.calls).toEqual([[2]]);
    expect(field().value).toBe('');
  });
  test('a name that begins another is taken as it stands', async () => {
    const take = jest.fn();
    wheel(take, [...WHEELS, { value: 4, label: 'Tor 17 x 8 +30 black' }]);
    await userEvent.setup().type(field(), 'Tor 17 x 8 +30{Enter}');
    expect(take.mock.calls).toEqual([[3]]);
  });
  test('chosen from the browser’s own list it is taken at once', () => {
    const take = jest.fn();
    wheel(take);
    fireEvent.input(field(), { target: { value: 'Tor 17 x 8 +30' }, inputType: 'insertReplacementText' });
    expect(take.mock.calls).toEqual([[3]]);
  });
  test('what is not kept is said, and stays; Escape takes it back', async () => {
    const take = jest.fn();
    wheel(take);
    const hand = userEvent.setup();
    await hand.type(field(), 'nobody’s{Enter}');
    expect(screen.getByRole('alert').textContent).toBe('nothing kept is called so');
    expect(field().value).toBe('nobody’s');
    await hand.type(field(), '{Escape}');
    expect([field().value, take.mock.calls.length]).toEqual(['', 0]);
  });
  test('nothing kept is said in its place', () => {
    wheel(() => {}, []);
    expect(screen.getByText('none kept')).toBeTruthy();
  });
});

test('a choice is taken back by its first line', async () => {
  const chosen: unknown[] = [];
  const options = [{ value: 'strut', label: 'strut' }] as const;
  render(<OptionalChoice aria-label="Kind" value={null} options={options} onChange={(one) => chosen.push(one)} />);
  const hand = userEvent.setup();
  await hand.selectOptions(screen.getByRole('combobox'), 'strut');
  render(<OptionalChoice aria-label="Other" value="strut" options={options} onChange={(one) => chosen.push(one)} />);
  await hand.selectOptions(screen.getByRole('combobox', { name: 'Other' }), '—');
  expect(chosen).toEqual(['strut', null]);
});

test('keys that move in a list of deeds open it, and do none of them', () => {
  const done = jest.fn();
  render(<DeedChoice aria-label="Take" placeholder="Take …" options={WHEELS} onChange={done} />);
  const list = screen.getByRole<HTMLSelectElement>('combobox');
  const opened = jest.fn();
  list.showPicker = opened;
  expect(fireEvent.keyDown(list, { key: 'ArrowDown' })).toBe(false);
  expect(fireEvent.keyDown(list, { key: 'Tab' })).toBe(true);
  expect([opened.mock.calls.length, done.mock.calls.length]).toEqual([1, 0]);
});

test('several of a list: one more, one less, no more than may be', async () => {
  function Some() {
    const [value, put] = useState(['a']);
    const options = ['a', 'b', 'c'].map((one) => ({ value: one, label: one.toUpperCase() }));
    return (
      <>
        <label htmlFor="some">Some</label>
        <Choices id="some" most={2} value={value} options={options} onChange={put} placeholder="one more" />
      </>
    );
  }
  render(<Some />);
  const hand = userEvent.setup();
  const list = screen.getByRole<HTMLSelectElement>('combobox', { name: 'Some' });
  const chosen = () => screen.getAllByRole('listitem').map(({ textContent }) => textContent);
  await hand.selectOptions(list, 'C');
  expect([chosen(), list.disabled]).toEqual([['A', 'C'], true]);
  await hand.click(screen.getByRole('button', { name: 'Leave out A' }));
  expect([chosen(), list.disabled]).toEqual([['C'], false]);
});

test('words of a switch exclude each other: the browser takes them for one stop of the Tab key', async () => {
  function Switch() {
    const [value, put] = useState('front');
    const options = ['front', 'rear', 'both'].map((one) => ({ value: one, label: one, disabled: one === 'both' }));
    return <Segments aria-label="Axle" options={options} value={value} onChange={put} />;
  }
  render(<Switch />);
  await userEvent.setup().click(screen.getByText('rear'));
  const radios = screen.getAllByRole<HTMLInputElement>('radio');
  expect(radios.map(({ checked }) => checked)).toEqual([false, true, false]);
  expect(radios.map(({ disabled }) => disabled)).toEqual([false, false, true]);
  expect(new Set(radios.map(({ name }) => name)).size).toBe(1);
});

test('a slider says where it is on its way, and where it was let go', () => {
  const [on, end] = [jest.fn(), jest.fn()];
  render(
    <Slider label="Travel" min={0} max={9} step={1} value={3} onChange={on} onEnd={end} says={(mm) => `${mm} mm`} />,
  );
  const slider = screen.getByRole<HTMLInputElement>('slider', { name: 'Travel' });
  expect(slider.getAttribute('aria-valuetext')).toBe('3 mm');
  fireEvent.input(slider, { target: { value: '7' } });
  expect([on.mock.calls, end.mock.calls]).toEqual([[[7]], []]);
  fireEvent(slider, new Event('change'));
  expect(end.mock.calls.length).toBe(1);
});

test('a menu: arrow keys go round, what cannot be done is not', async () => {
  const done = jest.fn();
  const lines = [
    { key: 'later', label: 'Later', onClick: done },
    { key: 'never', label: 'Never', onClick: done, disabled: true },
    { key: 'file', label: 'File', href: '/file' },
  ];
  render(<Menu label="Papers" lines={lines} button={(opens) => <Button {...opens}>Papers</Button>} />);
  const menu = document.querySelector('[popover]')!;
  for (const step of ['beforetoggle', 'toggle']) fireEvent(menu, Object.assign(new Event(step), { newState: 'open' }));
  const items = [...menu.querySelectorAll<HTMLElement>('[role=menuitem]')];
  expect(document.activeElement).toBe(items[0]);
  for (const [key, at] of [
    ['ArrowDown', 1],
    ['ArrowDown', 2],
    ['ArrowDown', 0],
    ['ArrowUp', 2],
    ['Home', 0],
    ['End', 2],
  ] as const) {
    fireEvent.keyDown(document.activeElement!, { key });
    expect(items.indexOf(document.activeElement as HTMLElement)).toBe(at);
  }
  fireEvent.click(items[1]!);
  fireEvent.click(items[0]!);
  expect(done.mock.calls.length).toBe(1);
});

describe('a dialog', () => {
  function Opened({ faulty = false, ok = () => {} }: { faulty?: boolean; ok?(): void }) {
    const [open, setOpen] = useState(false);
    return (
      <>
        <Button onClick={() => setOpen(true)}>Open</Button>
        {open && (
          <Dialog title="New job" onCancel={() => setOpen(false)} onOk={ok} okText="Start">
            <div className={faulty ? 'field-faulty' : ''}>
              <input aria-label="Car" />
            </div>
          </Dialog>
        )}
      </>
    );
  }
  const open = async () => {
    const hand = userEvent.setup();
    await hand.click(screen.getByRole('button', { name: 'Open' }));
    return hand;
  };

  test('begins at its first field; Escape gives the focus back', async () => {
    render(<Opened />);
    const hand = await open();
    expect(document.activeElement).toBe(screen.getByRole('textbox', { name: 'Car' }));
    await hand.keyboard('{Escape}');
    expect(screen.queryByRole('dialog')).toBeNull();
    await act(() => new Promise((resolve) => setTimeout(resolve)));
    expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Open' }));
  });
  test('does not go on while the text of a field is no value', async () => {
    const ok = jest.fn();
    const { rerender } = render(<Opened faulty ok={ok} />);
    const hand = await open();
    await hand.click(screen.getByRole('button', { name: 'Start' }));
    expect(ok).not.toHaveBeenCalled();
    expect(document.activeElement).toBe(screen.getByRole('textbox', { name: 'Car' }));
    rerender(<Opened ok={ok} />);
    await hand.click(screen.getByRole('button', { name: 'Start' }));
    expect(ok).toHaveBeenCalledTimes(1);
  });
  test('the page does not scroll as long as one is open', async () => {
    const isHeld = () => document.documentElement.hasAttribute('data-held');
    const over = render(<Dialog title="One over another">both</Dialog>);
    render(<Opened />);
    const hand = await open();
    await hand.keyboard('{Escape}');
    expect(isHeld()).toBe(true);
    over.unmount();
    expect(isHeld()).toBe(false);
  });
  test('one that must be answered has no way past its buttons', () => {
    render(
      <Dialog title="Changed elsewhere" footer={<Button>Apply mine</Button>}>
        both
      </Dialog>,
    );
    expect(screen.getAllByRole('button').map(({ textContent }) => textContent)).toEqual(['Apply mine']);
    fireEvent.keyDown(document.body, { key: 'Escape' });
    expect(screen.queryByRole('dialog')).not.toBeNull();
  });
});

test('what a thing does is said on the focus of the keyboard, to those who hear too, until Escape', async () => {
  render(
    <Tip title="Undo (Ctrl+Z)">
      <Button aria-label="Undo" />
    </Tip>,
  );
  const hand = userEvent.setup();
  const button = screen.getByRole('button');
  const matches = button.matches.bind(button);
  jest.spyOn(button, 'matches').mockImplementation((selector) => selector === ':focus-visible' || matches(selector));
  await hand.tab();
  expect(button.getAttribute('aria-describedby')).toBe(screen.getByRole('tooltip').id);
  await hand.keyboard('{Escape}');
  expect(screen.queryByRole('tooltip')).toBeNull();
  expect(button.getAttribute('aria-describedby')).toBeNull();
});

test('a button with an address is a link; a busy one cannot be pressed again', () => {
  render(
    <>
      <Button href="/log.csv">Export</Button>
      <Button busy>Save</Button>
    </>,
  );
  expect(screen.getByRole('link', { name: 'Export' }).getAttribute('href')).toBe('/log.csv');
  const save = screen.getByRole<HTMLButtonElement>('button', { name: 'Save' });
  expect([save.disabled, save.getAttribute('aria-busy')]).toEqual([true, 'true']);
});
