import { stancePhoto, stancePhotoName, type Note } from '.';

const note = (at: string, photos: string[], setup = 'b'): Note => ({
  id: `n${at}`,
  at: `2026-03-0${at}T08:00:00Z`,
  photos,
  about: { station: 'stance', setup },
});
const photo = (id: string, name = stancePhotoName('b')) => ({ id, name });

test('the newest picture of the setup, whatever the order of the notes; not what else was added there', () => {
  const photos = [photo('p1'), photo('p2'), photo('p3', 'IMG_1.jpg'), photo('p4', stancePhotoName('c'))];
  const notes = [note('2', ['p2']), note('1', ['p1']), note('3', ['p3']), note('4', ['p4'], 'c')];
  expect(stancePhoto({ notes, photos }, 'b')).toBe('p2');
  expect(stancePhoto({ notes, photos }, 'c')).toBe('p4');
  expect(stancePhoto({ notes, photos }, 'd')).toBeNull();
  expect(stancePhoto({}, 'b')).toBeNull();
  // A note about another station is none, even with a photo of that name.
  expect(stancePhoto({ notes: [{ ...note('5', ['p1']), about: { station: 'room' } }], photos }, 'b')).toBeNull();
});
