import type { Note } from '#core/note';
import { checkJob, faultLine, readJobFile, writeJobFile } from '#formats/job';
import { demoJobFitted, example } from '#support/jobs';

const NOTE: Note = { id: 'n1', at: '2026-03-01T10:00:00Z', text: 'Clip is loose', photos: ['a'] };
const faultsOf = (notes: unknown, photos: unknown = [{ id: 'a' }]): string[] =>
  (checkJob({ ...example(), notes, photos }).faults ?? []).map(faultLine);

test('notes and photos of the demo are read, and written as they were', () => {
  const job = demoJobFitted('brindle-kite');
  expect(job.notes!.length).toBeGreaterThan(1);
  expect(readJobFile(writeJobFile(job)).job).toEqual(job);
});

test.each<[string, unknown, string[]]>([
  ['a whole one', [NOTE], []],
  ['text alone', [{ ...NOTE, photos: undefined }], []],
  ['photos alone', [{ ...NOTE, text: undefined }], []],
  ['neither', [{ id: 'n1', at: NOTE.at }], ['notes[0]: needs one of text, photos']],
  ['no photo at all', [{ ...NOTE, photos: [] }], ['notes[0].photos: needs at least 1']],
  [
    'a photo twice',
    [{ ...NOTE, photos: ['a', 'a'] }],
    ['notes[0].photos[1]: has the same id as another entry of the list'],
  ],
  [
    'a photo that leads elsewhere',
    [{ ...NOTE, photos: ['../a'] }],
    ['notes[0].photos[0]: must be 1 to 40 letters, digits, - or _'],
  ],
  ['no time', [{ ...NOTE, at: undefined }], ['notes[0].at: is missing']],
  ['two of one id', [NOTE, NOTE], ['notes[1]: has the same id as another entry of the list']],
  ['no such station', [{ ...NOTE, about: { station: 'roof' } }], ['notes[0].about.station']],
  ['no such corner', [{ ...NOTE, about: { station: 'room', corner: 'middle' } }], ['notes[0].about.corner']],
  ['something else', [{ ...NOTE, mood: 'good' }], ['notes[0].mood: is not a known field']],
  ['one too long', [{ ...NOTE, text: 'x'.repeat(4001) }], ['notes[0].text: is longer than 4000 characters']],
])('%s', (_, notes, faults) => {
  const found = faultsOf(notes);
  expect(found).toHaveLength(faults.length);
  faults.forEach((fault, at) => expect(found[at]).toContain(fault));
});

test('a photo: an id, and what else is known of it', () => {
  expect(faultsOf([], [{ id: 'a', name: 'IMG.jpg', widthPx: 2560, heightPx: 1920 }])).toEqual([]);
  expect(faultsOf([], [{ name: 'IMG.jpg' }])).toEqual(['photos[0].id: is missing']);
  expect(faultsOf([], [{ id: 'a', widthPx: 0 }])).toEqual(['photos[0].widthPx: must be between 1 and 20000']);
});
