import { describe, expect, it } from 'vitest';
import { clockChanges, isTimeZone, timesShown, wallClock } from './clock';

describe('the clock of a site', () => {
  it('is changed twice in a year of Berlin, at two and at three', () => {
    expect(clockChanges('Europe/Berlin', '2026-01-01', 365)).toEqual([
      { day: '2026-03-29', at: 120, to: 180 },
      { day: '2026-10-25', at: 180, to: 120 },
    ]);
  });
  it('is never changed where it is not, and by half an hour on Lord Howe', () => {
    expect(clockChanges('Asia/Tokyo', '2026-01-01', 365)).toEqual([]);
    expect(clockChanges('Australia/Lord_Howe', '2026-01-01', 365)).toEqual([
      { day: '2026-04-05', at: 120, to: 90 },
      { day: '2026-10-04', at: 120, to: 150 },
    ]);
  });
  it('shows a moment never, once or twice', () => {
    expect(timesShown('Europe/Berlin', { day: '2026-03-29', minute: 150 })).toBe(0);
    expect(timesShown('Europe/Berlin', { day: '2026-10-25', minute: 150 })).toBe(2);
    expect(timesShown('Europe/Berlin', { day: '2026-10-25', minute: 180 })).toBe(1);
    expect(timesShown('Europe/Berlin', { day: '2026-06-25', minute: 150 })).toBe(1);
  });
  it('is read at an instant', () => {
    expect(wallClock('Europe/Berlin', '2026-12-24T17:10:00Z')).toEqual({ day: '2026-12-24', minute: 1090 });
  });
  it('knows its zones', () => {
    expect(isTimeZone('America/Chicago')).toBe(true);
    expect(isTimeZone('Quillhaven')).toBe(false);
    expect(isTimeZone('')).toBe(false);
  });
});
