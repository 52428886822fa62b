import { crc32, deflateRawSync } from 'node:zlib';
import { strToU8, unzipSync, Zip, ZipPassThrough, zipSync } from 'fflate';
import writeXlsx from 'write-excel-file/node';
import type { ShelfItem } from '#core/shelf';
import type { ListMapping } from '#formats/priceList';
import { freshDatabase } from '../../support/freshDatabase';
import { listedText, mappingsOf, priceLists, takeBackList, takeList } from './lists';
import { lookAtList, type ListLook } from './look';

const CSV = 'Model;Size;ET;PCD;CB;Price\nGale;18x8.5;35;5x112;66.6;120 EUR\nTor;17x8;40;4x108;63.4;99 EUR\n';
const HEADS = ['Model', 'Size', 'ET', 'PCD', 'CB', 'Price'];

async function looked(bytes: Uint8Array, mapping?: ListMapping): Promise<ListLook> {
  const read = await lookAtList({ bytes, mapping });
  if (read.fault !== undefined) throw new Error(read.fault);
  return read.look;
}
const faultOf = async (bytes: Uint8Array) => (await lookAtList({ bytes })).fault;
const text = (value: string) => new TextEncoder().encode(value);

/** A workbook as another library writes it. */
async function workbook(rows: (string | number)[][]): Promise<Buffer> {
  const data = rows.map((row) => row.map((value) => ({ value })));
  return (await writeXlsx(data as never)).toBuffer();
}

/** A file of a zip that the platform packs: hundreds of megabytes in a second. */
class Packed extends ZipPassThrough {
  override compression = 8;
  override push(all: Uint8Array): void {
    [this.size, this.crc] = [all.length, crc32(all)];
    this.ondata(null, deflateRawSync(all), true);
  }
}

function zipPacked(files: Record<string, Uint8Array>): Buffer {
  const chunks: Uint8Array[] = [];
  const zip = new Zip((error, chunk) => {
    if (error) throw error;
    chunks.push(chunk);
  });
  for (const [name, content] of Object.entries(files)) {
    const file = new Packed(name);
    zip.add(file);
    file.push(content);
  }
  zip.end();
  return Buffer.concat(chunks);
}

describe('a workbook', () => {
  test('written by another library reads as the same list in CSV does', async () => {
    const bytes = await workbook([
      HEADS,
      ['Gale', '18x8.5', 35, '5x112', 66.6, 120],
      ['Tor', '17x8', 40, '4x108', 63.4, 99],
    ]);
    const look = await looked(bytes);
    const csv = await looked(text(CSV));
    expect(look.first).toEqual(csv.first);
    expect([look.count, look.faulty, look.heads]).toEqual([2, 0, HEADS]);
  });
  test('with macros, one that says it is small and is not, a zip of something else: none is read', async () => {
    const { ...files } = unzipSync(await workbook([HEADS]));
    expect(await faultOf(zipSync({ ...files, 'xl/vbaProject.bin': strToU8('x') }))).toBe(
      'has macros: save it as an XLSX without them',
    );
    const bomb = zipPacked({ ...files, 'xl/worksheets/sheet2.xml': new Uint8Array(320 * 1024 * 1024) });
    expect(bomb.length).toBeLessThan(2 * 1024 * 1024);
    expect(await faultOf(bomb)).toBe('comes to more than 300 MB when it is unpacked');
    // The same with its size in the zip's own words made small.
    const liar = Buffer.from(
      zipSync({ 'xl/workbook.xml': files['xl/workbook.xml']!, 'xl/big.xml': new Uint8Array(40_000_000) }),
    );
    for (let at = liar.indexOf('PK\u0001\u0002'); at !== -1; at = liar.indexOf('PK\u0001\u0002', at + 4))
      liar.writeUInt32LE(100, at + 24);
    expect(await faultOf(liar)).toMatch(/^holds xl\/.* broken$/);
    expect(await faultOf(zipSync({ 'a.txt': strToU8('x') }))).toBe('is no XLSX');
  });
  test('a formula is what it last came to, and nothing is computed', async () => {
    const bytes = (
      await writeXlsx([
        HEADS.map((value) => ({ value })),
        [
          { value: 'Gale' },
          { value: '18x8.5' },
          { type: 'Formula', value: '=30+5' },
          { value: '5x112' },
          { value: 66.6 },
          { value: 120 },
        ],
      ] as never)
    ).toBuffer();
    const { faults, count } = await looked(await bytes);
    expect(count).toBe(0);
    expect(faults[0]!.message).toBe('has no offset');
  });
  test('an empty one, a zip that is none, a torn one: told in words', async () => {
    expect(await faultOf(await workbook([['']]))).toBe('is empty');
    expect(await faultOf(Buffer.concat([Buffer.from('PK\u0003\u0004'), Buffer.alloc(40)]))).toBe(
      'is no zip, or a broken one',
    );
    const whole = await workbook([HEADS]);
    expect(await faultOf(whole.subarray(0, whole.length - 30))).toBe('is no zip, or a broken one');
  });
});

describe('lists of suppliers', () => {
  freshDatabase();
  const take = async (supplier: string, csv: string) => {
    const { look, items } = (await lookAtList({ bytes: text(csv) })) as {
      look: ListLook;
      items: string;
    };
    await takeList({ supplier, fileName: 'list.csv', mapping: look.mapping, count: look.count, items });
  };
  const listed = async () =>
    (JSON.parse(await listedText()) as { supplier: string; currency: string; items: ShelfItem[] }[]).map(
      ({ supplier, currency, items }) => [supplier, currency, items.map(({ name }) => name)],
    );

  test('are taken in, replaced whole, taken back one by one', async () => {
    await take('Quern', CSV);
    await take('Ruddle', CSV.replaceAll('EUR', 'GBP'));
    await take('Quern', CSV.split('\n').slice(0, 2).join('\n'));
    expect(await listed()).toEqual([
      ['Quern', 'EUR', ['Gale 18 x 8.5 +35']],
      ['Ruddle', 'GBP', ['Gale 18 x 8.5 +35', 'Tor 17 x 8 +40']],
    ]);
    const [quern] = await priceLists();
    expect(quern).toMatchObject({ supplier: 'Quern', count: 1, currency: 'EUR', hasEarlier: true });
    expect(await takeBackList(quern!.id)).toBe(true);
    expect(await takeBackList(quern!.id)).toBe(false);
    expect((await listed())[0]).toEqual(['Quern', 'EUR', ['Gale 18 x 8.5 +35', 'Tor 17 x 8 +40']]);
    const [before] = await priceLists();
    expect(before!.hasEarlier).toBe(false);
    expect(await takeBackList(before!.id)).toBe(true);
    expect((await listed()).map(([supplier]) => supplier)).toEqual(['Ruddle']);
  });
  test('how one is read is kept for the next of the supplier', async () => {
    await take('Quern', CSV);
    const { wheel, tire } = await mappingsOf('Quern');
    expect(tire).toBeUndefined();
    expect(wheel!.columns.find(({ target }) => target === 'offsetMm')).toMatchObject({ at: 2, head: 'ET' });
    expect(await mappingsOf('Nobody')).toEqual({});
  });
});
