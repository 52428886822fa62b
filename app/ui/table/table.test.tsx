import { renderToStaticMarkup } from 'react-dom/server';
import { nextSort, sortedRows, type Column } from './columns';
import { offeredPages } from './Pager';
import { RowsTable } from './RowsTable';

interface Part {
  name: string;
  mm: number;
}
const PARTS: readonly Part[] = [
  { name: 'b', mm: 5 },
  { name: 'a', mm: 5 },
  { name: 'c', mm: 2 },
];
const COLUMNS: readonly Column<Part>[] = [
  {
    key: 'name',
    title: 'Name',
    sorter: (one, other) => one.name.localeCompare(other.name),
    render: ({ name }) => name,
  },
  { key: 'mm', title: 'mm', align: 'right', sorter: (one, other) => one.mm - other.mm, render: ({ mm }) => mm },
  { key: 'tools', title: 'Tools', render: () => '…' },
];
const names = (rows: readonly Part[]) => rows.map(({ name }) => name).join('');

test('a press sorts up, another down, a third as the rows come; another column begins anew', () => {
  const up = nextSort(null, 'mm');
  expect(up).toEqual({ key: 'mm', order: 'ascend' });
  const down = nextSort(up, 'mm');
  expect(down).toEqual({ key: 'mm', order: 'descend' });
  expect(nextSort(down, 'mm')).toBeNull();
  expect(nextSort(down, 'name')).toEqual({ key: 'name', order: 'ascend' });
});

test('rows are sorted either way, equal ones keep their places, and what does not sort changes nothing', () => {
  expect(names(sortedRows(PARTS, COLUMNS, { key: 'mm', order: 'ascend' }))).toBe('cba');
  expect(names(sortedRows(PARTS, COLUMNS, { key: 'mm', order: 'descend' }))).toBe('bac');
  expect(names(sortedRows(PARTS, COLUMNS, { key: 'name', order: 'descend' }))).toBe('cba');
  for (const sorted of [null, { key: 'tools', order: 'ascend' } as const, { key: 'gone', order: 'ascend' } as const])
    expect(sortedRows(PARTS, COLUMNS, sorted)).toBe(PARTS);
});

test('rows that come sorted stay as they come, and their column says so', () => {
  const html = renderToStaticMarkup(
    <RowsTable columns={COLUMNS} rows={PARTS} rowKey={({ name }) => name} sorted={{ key: 'mm', order: 'descend' }} />,
  );
  expect(
    html
      .replace(/<[^>]+>/g, ' ')
      .replace(/\s+/g, ' ')
      .trim(),
  ).toBe('Name mm Tools b 5 … a 5 … c 2 …');
  expect(html.match(/aria-sort="\w+"/g)).toEqual(['aria-sort="descending"']);
  expect(html.match(/<button/g)).toHaveLength(2);
});

test('without rows the whole width says why; more than a page of them come in pages', () => {
  const none = renderToStaticMarkup(
    <RowsTable columns={COLUMNS} rows={[]} rowKey={({ name }) => name} empty={<p>Nothing yet.</p>} />,
  );
  expect(none).toContain('<td colSpan="3"><p>Nothing yet.</p></td>');
  const many = Array.from({ length: 7 }, (_, n) => ({ name: `n${n}`, mm: n }));
  const paged = renderToStaticMarkup(
    <RowsTable columns={COLUMNS} rows={many} rowKey={({ name }) => name} pageSize={3} />,
  );
  expect([paged.match(/<tr/g)!.length, paged.match(/Page \d/g)]).toEqual([4, ['Page 1', 'Page 2', 'Page 3']]);
});

test.each([
  [1, 1, [1]],
  [1, 4, [1, 2, 3, 4]],
  [1, 9, [1, 2, 3, null, 9]],
  [5, 9, [1, 2, 3, 4, 5, 6, 7, 8, 9]],
  [6, 400, [1, null, 4, 5, 6, 7, 8, null, 400]],
  [400, 400, [1, null, 398, 399, 400]],
])('page %i of %i: %j', (page, last, offered) => {
  expect(offeredPages(page, last)).toEqual(offered);
});
