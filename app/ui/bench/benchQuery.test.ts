import fc from 'fast-check';
import { readBenchQuery } from './benchQuery';

const ask = (search: string) => readBenchQuery(`http://localhost/${search}`);
const usual = { search: '', waitsFor: null, archived: false, sort: 'updated', descending: true, page: 1 };

test.each([
  ['', usual],
  ['?search=velder+two', { ...usual, search: 'velder two' }],
  ['?sort=car&order=asc', { ...usual, sort: 'car', descending: false }],
  ['?waitsFor=readings&archived=true&page=3', { ...usual, waitsFor: 'readings', archived: true, page: 3 }],
  // Nonsense counts as not asked.
  ['?sort=colour&order=sideways&page=-2&waitsFor=godot&archived=maybe', usual],
  ['?page=1e99', usual],
  [`?search=${'x'.repeat(500)}`, usual],
  ['?_routes=x&index', usual],
])('%s', (search, query) => expect(ask(search)).toEqual(query));

test('any address gives a query that can be asked', () => {
  fc.assert(
    fc.property(
      fc.dictionary(fc.constantFrom('search', 'sort', 'order', 'page', 'waitsFor', 'archived'), fc.string()),
      (params) => {
        const query = ask(`?${new URLSearchParams(params)}`);
        expect(Number.isInteger(query.page) && query.page >= 1).toBe(true);
        expect(['updated', 'number', 'title', 'car']).toContain(query.sort);
        expect(query.search.length).toBeLessThanOrEqual(100);
      },
    ),
  );
});
