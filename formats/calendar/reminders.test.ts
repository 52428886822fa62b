import fc from 'fast-check';
import ICAL from 'ical.js';
import { calendarText, type Reminder } from '#formats/calendar';

// RFC 5545, read back by another library.
const eventsOf = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as never)
    .getAllSubcomponents('vevent')
    .map((component) => new ICAL.Event(component));

const day: Reminder = {
  id: 'retorque-abc',
  summary: 'Retorque: Brindle Kite, 1.8; wagon (SK-001)',
  description: 'By 61340 km.\nWheel off: the adapter’s nuts first.',
  at: '2026-03-09T12:00:00.000Z',
  isDay: true,
  changedAt: '2026-03-02T12:00:00.000Z',
};

test('a day is a day, with its name, words and number', () => {
  const [event] = eventsOf(calendarText('Scoval', [day]));
  expect(event!.uid).toBe('retorque-abc@scoval');
  expect(event!.summary).toBe(day.summary);
  expect(event!.description).toBe(day.description);
  expect(event!.startDate.isDate).toBe(true);
  const { year, month, day: date } = event!.startDate;
  const local = new Date(day.at);
  expect([year, month, date]).toEqual([local.getFullYear(), local.getMonth() + 1, local.getDate()]);
});

test('a booking has its time, and an end', () => {
  const [event] = eventsOf(calendarText('Scoval', [{ ...day, isDay: false }]));
  expect(event!.startDate.toJSDate().toISOString()).toBe(day.at);
  expect(event!.duration.toSeconds()).toBe(2 * 3600);
});

test('no reminder: a calendar that is empty, and is one', () => {
  const text = calendarText('Scoval', []);
  expect(eventsOf(text)).toEqual([]);
  expect(text.startsWith('BEGIN:VCALENDAR\r\n')).toBe(true);
});

test('lines are short and end as the standard asks, whatever a car is called', () => {
  const text = fc.string({ unit: 'grapheme', maxLength: 200 }).filter((one) => one.trim() === one && one !== '');
  fc.assert(
    fc.property(fc.array(text, { minLength: 1, maxLength: 5 }), (names) => {
      const reminders = names.map((summary, at) => ({ ...day, id: `r${at}`, summary }));
      const written = calendarText('Scoval', reminders);
      for (const line of written.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
      const read = eventsOf(written).map((event) => event.summary);
      expect(read).toHaveLength(names.length);
      names.forEach((name, at) => {
        // Control characters have no place in a line.
        if (!/\p{Cc}/u.test(name)) expect(read[at]).toBe(name);
      });
    }),
  );
});
