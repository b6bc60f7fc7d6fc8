import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../../access/day';
import { calendarSchema } from '../../plan/schemas/calendar';
import { readCalendar } from './readCalendar';
import { writeCalendar } from './writeCalendar';
import { numberTried } from '../../../scripts/testSlice';

const file = (...events: string[]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//x//y', ...events, 'END:VCALENDAR', ''].join('\r\n');
const event = (...lines: string[]) =>
  ['BEGIN:VEVENT', 'UID:a@b', 'DTSTAMP:20260101T000000Z', ...lines, 'END:VEVENT'].join('\r\n');

describe('iCalendar', () => {
  it('comes back as it was written, whatever the days', () => {
    const day = fc.integer({ min: 0, max: 800 }).map((ahead) => addDays('2026-01-01', ahead));
    const off = fc
      .record({
        name: fc
          .string({ minLength: 1, maxLength: 40 })
          .map((text) => text.replace(/\p{Cc}/gu, ' ').trim() || 'x'),
        from: day,
        length: fc.integer({ min: 0, max: 20 }),
        yearly: fc.boolean(),
      })
      .map(({ length, ...rest }) => ({ ...rest, to: addDays(rest.from, length) }));
    fc.assert(
      fc.property(fc.array(off, { maxLength: 20 }), (days) => {
        const calendar = { id: 'c', name: 'Of the house; with, signs', order: 0, days };
        const read = readCalendar(writeCalendar(calendar, 'quillhaven', '2026-11-30T14:00:00Z'));
        expect(read).toMatchObject({ ok: true, name: calendar.name, leftOut: [], writtenOutTo: null });
        const inOrder = [...days].sort((a, b) =>
          a.from < b.from ? -1 : a.from > b.from ? 1 : a.name < b.name ? -1 : 1,
        );
        expect(read.ok && read.days).toEqual(inOrder);
        expect(calendarSchema.safeParse({ ...calendar, days: read.ok ? read.days : [] }).success).toBe(true);
      }),
      { numRuns: numberTried(100) },
    );
  });

  it('takes several days as one, up to the day before its end', () => {
    const read = readCalendar(
      file(event('SUMMARY:Between the years', 'DTSTART;VALUE=DATE:20261224', 'DTEND;VALUE=DATE:20270102')),
    );
    expect(read).toMatchObject({
      days: [{ name: 'Between the years', from: '2026-12-24', to: '2027-01-01', yearly: false }],
    });
  });

  it('writes a holiday that moves out, year by year, and says to when', () => {
    const read = readCalendar(
      file(event('SUMMARY:Thanks', 'DTSTART;VALUE=DATE:20261126', 'RRULE:FREQ=YEARLY;BYMONTH=11;BYDAY=4TH')),
    );
    expect(read).toMatchObject({ ok: true, writtenOutTo: '2045-11-23' });
    expect(read.ok && read.days.slice(0, 2).map(({ from }) => from)).toEqual(['2026-11-26', '2027-11-25']);
  });

  it('says what it leaves out: events of an hour are no days off', () => {
    const read = readCalendar(
      file(
        event('SUMMARY:Tour', 'DTSTART:20261126T100000Z', 'DTEND:20261126T110000Z'),
        event('SUMMARY:New year', 'DTSTART;VALUE=DATE:20270101', 'RRULE:FREQ=YEARLY'),
      ),
    );
    expect(read).toMatchObject({
      days: [{ name: 'New year', from: '2027-01-01', to: '2027-01-01', yearly: true }],
      leftOut: [{ name: 'Tour', why: 'has-hours' }],
    });
  });

  it.each([
    ['nothing', ''],
    ['a table', 'a;b;c\n1;2;3'],
    ['a card', 'BEGIN:VCARD\r\nEND:VCARD\r\n'],
    ['half', 'BEGIN:VCALENDAR\r\nBEGIN:VEVENT'],
  ])('refuses %s', (_name, text) => {
    expect(readCalendar(text).ok).toBe(false);
  });
});
