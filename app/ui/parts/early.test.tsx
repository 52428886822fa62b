/** @jest-environment jsdom */
import { act } from '@testing-library/react';
import { useState } from 'react';
import { hydrateRoot } from 'react-dom/client';
import { renderToString } from 'react-dom/server';
import { KEEP_EARLY, useEarly } from './early';

const taken: unknown[] = [];
const heard: string[] = [];

function Page() {
  useEarly();
  const [text, setText] = useState('12');
  const [kind, setKind] = useState('a');
  const [ticked, setTicked] = useState(false);
  return (
    <>
      <input
        aria-label="Gap"
        value={text}
        onChange={({ target }) => setText(target.value)}
        onFocus={({ target }) => {
          heard.push('focus');
          target.select();
        }}
        onBlur={() => taken.push(text)}
      />
      <input type="file" aria-label="File" onChange={({ target }) => taken.push(target.files)} />
      <select aria-label="Kind" value={kind} onChange={({ target }) => setKind(target.value)}>
        <option value="a">a</option>
        <option value="b">b</option>
      </select>
      <input type="checkbox" aria-label="Loose" checked={ticked} onChange={({ target }) => setTicked(target.checked)} />
      <output>{[text, kind, ticked].join()}</output>
    </>
  );
}

const field = <E extends HTMLElement = HTMLInputElement>(label: string) =>
  document.querySelector<E>(`[aria-label="${label}"]`)!;
const input = (element: Element) => element.dispatchEvent(new Event('input', { bubbles: true }));
const said = () => document.querySelector('output')!.textContent;

/** The page as the server made it, with a hand on it before its scripts are there. */
async function comesToWork(hand: () => void, meanwhile = () => {}): Promise<void> {
  const root = document.createElement('div');
  document.body.replaceChildren(root);
  (0, eval)(KEEP_EARLY);
  root.innerHTML = renderToString(<Page />);
  hand();
  window.early!.handOver();
  await act(() => {
    hydrateRoot(root, <Page />);
    meanwhile();
  });
  await act(() => new Promise((resolve) => setTimeout(resolve)));
}

beforeEach(() => [taken, heard].forEach((list) => list.splice(0)));

test('what was typed, chosen and ticked before the page was at work is taken once it is', async () => {
  await comesToWork(() => {
    field('Gap').focus();
    field('Gap').value = '7';
    input(field('Gap'));
    field('Kind').focus();
    field('Kind').value = 'b';
    input(field('Kind'));
    field('Loose').focus();
    field('Loose').click();
  });
  expect(said()).toBe('7,b,true');
  expect([field('Gap').value, field('Kind').value, field('Loose').checked]).toEqual(['7', 'b', true]);
  // The field that was left is left, with what was typed.
  expect(taken).toEqual(['7']);
  expect(window.early).toBeUndefined();
});

test('a tick in the moment in which the page comes to work is taken', async () => {
  await comesToWork(
    () => {},
    () => {
      field('Loose').focus();
      field('Loose').click();
    },
  );
  expect([said(), field('Loose').checked, window.early]).toEqual(['12,a,true', true, undefined]);
});

test('a field in hand stays in hand, its caret where it was', async () => {
  await comesToWork(() => {
    field('Gap').focus();
    field('Gap').value = '123';
    field('Gap').setSelectionRange(1, 1);
    input(field('Gap'));
  });
  expect(said()).toBe('123,a,false');
  expect(document.activeElement).toBe(field('Gap'));
  expect(field('Gap').selectionStart).toBe(1);
  expect(taken).toEqual([]);
});

test('a field that has the focus already hears that it has it, its caret where it was', async () => {
  await comesToWork(() => {
    field('Gap').focus();
    field('Gap').setSelectionRange(1, 1);
  });
  expect(heard).toEqual(['focus']);
  expect([field('Gap').selectionStart, field('Gap').selectionEnd]).toEqual([1, 1]);
});

test('where nothing has the focus, nothing hears of it', async () => {
  await comesToWork(() => field('Gap').blur());
  expect(heard).toEqual([]);
});

test('a field that was emptied is empty', async () => {
  await comesToWork(() => {
    field('Gap').focus();
    field('Gap').value = '';
    input(field('Gap'));
  });
  expect([said(), field('Gap').value]).toEqual([',a,false', '']);
});

test('a choice that is no longer among those to choose is left', async () => {
  await comesToWork(() => {
    field('Kind').focus();
    field('Kind').append(new Option('c'));
    field('Kind').value = 'c';
    input(field('Kind'));
    field('Kind').lastChild!.remove();
  });
  expect([said(), field('Kind').value]).toEqual(['12,a,false', 'a']);
});

test('a file that was chosen is taken once', async () => {
  await comesToWork(() => {
    field('File').focus();
    input(field('File'));
  });
  expect(taken).toEqual([field('File').files]);
});

test('what is typed on while the page comes to work is not taken back', async () => {
  const typed = (text: string) => {
    field('Gap').focus();
    field('Gap').value = text;
    input(field('Gap'));
  };
  await comesToWork(
    () => typed('7'),
    () => typed('75'),
  );
  expect([said(), field('Gap').value]).toEqual(['75,a,false', '75']);
});

test('what the browser puts back by itself is no change', async () => {
  await comesToWork(() => {
    field('Gap').value = '99';
    input(field('Gap'));
  });
  expect(said()).toBe('12,a,false');
});
