import fc from 'fast-check';
import { applyEdits, inverseEdits, photosShown, type Edit, type Job } from '#core/job';
import type { Note, Photo } from '#core/note';
import { checkJob } from '#formats/job';
import { demoJobFitted } from '#support/jobs';
import { photoOfMark, removeNote, writeNote } from './noteEdits';

const { notes: _, photos: __, ...bare } = demoJobFitted('orrin-haul');
delete bare.fittings![0]!.corners.frontRight!.marks![0]!.photo;
const MARK = ['fittings', 'f1', 'corners', 'frontRight', 'marks', 'm1'];

const photo = (id: string): Photo => ({ id, name: `${id}.jpg`, widthPx: 40, heightPx: 30 });
const note = (id: string, change: Partial<Note> = {}): Note => ({
  id,
  at: '2026-02-03T10:00:00Z',
  text: 'x',
  ...change,
});
const listed = ({ photos = [] }: Job): string[] => photos.map(({ id }) => id);
const done = (job: Job, edits: Edit[]): Job => applyEdits(job, edits);

test('a note comes with its photos, each on the list of the job once', () => {
  const first = done(bare, writeNote(bare, note('n1', { photos: ['a', 'b'] }), [photo('a'), photo('b')]));
  const job = done(first, writeNote(first, note('n2', { photos: ['b'] }), [photo('b'), photo('b')]));
  expect(listed(job)).toEqual(['a', 'b']);
  expect(job.notes!.map(({ id }) => id)).toEqual(['n1', 'n2']);
  expect(checkJob(job).faults).toBeUndefined();
});

test('a changed note keeps its place and its time; a photo that nothing shows any more is off the list', () => {
  const one = done(bare, writeNote(bare, note('n1', { photos: ['a', 'b'] }), [photo('a'), photo('b')]));
  const two = done(one, writeNote(one, note('n2'), []));
  const changed = done(two, writeNote(two, note('n1', { text: 'y', photos: ['b'] }), []));
  expect(changed.notes![0]).toEqual(note('n1', { text: 'y', photos: ['b'] }));
  expect(listed(changed)).toEqual(['b']);
  const bareText = done(changed, writeNote(changed, note('n1', { text: 'z' }), []));
  expect(bareText.notes![0]).toEqual(note('n1', { text: 'z' }));
  expect(bareText.photos).toBeUndefined();
  const gone = done(bareText, removeNote(bareText, bareText.notes![0]!));
  expect(gone.notes!.map(({ id }) => id)).toEqual(['n2']);
});

test('the photo of a mark: one, another one, none; what a note shows stays', () => {
  const noted = done(bare, writeNote(bare, note('n1', { photos: ['a'] }), [photo('a')]));
  const marked = done(noted, photoOfMark(noted, MARK, photo('b')));
  expect(photosShown(marked)).toEqual(['a', 'b']);
  const other = done(marked, photoOfMark(marked, MARK, photo('a')));
  expect(listed(other)).toEqual(['a']);
  expect(listed(done(other, photoOfMark(other, MARK, null)))).toEqual(['a']);
  const alone = done(bare, photoOfMark(bare, MARK, photo('b')));
  expect(done(alone, photoOfMark(alone, MARK, null)).photos).toBeUndefined();
});

test('whatever is written and taken away: the list holds what is shown, and every change can be taken back', () => {
  const ids = fc.subarray(['a', 'b', 'c', 'd'], { minLength: 1 });
  const act = fc.record({
    at: fc.integer({ min: 1, max: 3 }),
    photos: ids,
    what: fc.constantFrom('write', 'remove', 'mark', 'unmark'),
  });
  fc.assert(
    fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
      let job: Job = bare;
      for (const { at, photos, what } of acts) {
        const known = job.notes?.find(({ id }) => id === `n${at}`);
        const edits =
          what === 'write'
            ? writeNote(job, note(`n${at}`, { photos }), photos.map(photo))
            : what === 'mark'
              ? photoOfMark(job, MARK, photo(photos[0]!))
              : what === 'unmark'
                ? photoOfMark(job, MARK, null)
                : known
                  ? removeNote(job, known)
                  : [];
        const next = applyEdits(job, edits);
        expect(listed(next).sort()).toEqual(photosShown(next).sort());
        expect(checkJob(next).faults).toBeUndefined();
        // An object that a change has made empty may stay empty.
        const back = applyEdits(next, inverseEdits(job, edits));
        expect([listed(back).sort(), back.notes ?? [], photosShown(back).sort()]).toEqual([
          listed(job).sort(),
          job.notes ?? [],
          photosShown(job).sort(),
        ]);
        job = next;
      }
    }),
    { numRuns: 60 },
  );
});
