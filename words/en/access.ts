import { findIn, type Plan } from '#core/plan/index';
import type { Concern, Moment, Rule, Span } from '#core/access/index';
import { spoken } from '../messages';

/** `07:30`; the end of a day is 24:00. */
export const clockWords = spoken(
  (minute: number): string =>
    `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`,
);

export const spanWords = spoken(({ from, to }: Span): string => `${clockWords(from)}–${clockWords(to)}`);

export const spansWords = spoken((spans: readonly Span[]): string =>
  spans.length === 0
    ? 'never'
    : spans.length === 1 && spans[0]!.from === 0 && spans[0]!.to === 1440
      ? 'all day'
      : spans.map(spanWords).join(', '),
);

const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const LONG_DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;
/** By ISO 8601: 1 is Monday. */
export const weekdayWords = spoken((weekday: number): string => WEEKDAYS[weekday - 1] ?? '');
export const longWeekdayWords = spoken((weekday: number): string => LONG_DAYS[weekday - 1] ?? '');

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const;

/** `26 Nov`, with the year where it is another than that of `now`. */
export const dayWords = spoken(function dayWords(day: string, now?: string): string {
  const [year, month, date] = day.split('-');
  const short = `${Number(date)} ${MONTHS[Number(month) - 1]}`;
  return now !== undefined && now.startsWith(year ?? '') ? short : `${short} ${year}`;
});

const weekday = (day: string): string => weekdayWords(new Date(`${day}T00:00:00Z`).getUTCDay() || 7);

/** `Thu 26 Nov, 18:10`. */
export const momentWords = spoken(
  ({ day, minute }: Moment, now?: string): string =>
    `${weekday(day)} ${dayWords(day, now)}, ${clockWords(minute)}`,
);

const levelName = (plan: Plan, id: string): string => findIn(plan.levels, id)?.name ?? id;
export const hoursName = spoken((plan: Plan, id: string | null): string =>
  id === null ? 'always' : (findIn(plan.hours, id)?.name ?? id),
);
const calendarName = (plan: Plan, id: string): string => findIn(plan.calendars, id)?.name ?? id;
const personName = (plan: Plan, id: string): string => findIn(plan.people, id)?.name ?? id;

/** The rule that decides, as a sentence. */
export const ruleWords = spoken(function ruleWords(plan: Plan, rule: Rule, opens: boolean): string {
  switch (rule.kind) {
    case 'free-passage':
      return `Unlock schedule “${hoursName(plan, rule.hours)}”: the door is unlocked for everybody.`;
    case 'not-yet':
      return `Opens nothing before ${dayWords(rule.from)}.`;
    case 'expired':
      return `${dayWords(rule.until)} was the last day.`;
    case 'door-shut':
      return rule.by.kind === 'holiday'
        ? `${rule.by.day} closes this door to everybody but access levels that override its opening hours.`
        : `Outside its opening hours “${hoursName(plan, rule.hours)}” the door is closed to everybody but access levels that override them.`;
    case 'by-name':
      return 'Opens this door by name, always.';
    case 'exception':
      return `“${rule.name}” of “${levelName(plan, rule.level)}” ${opens ? 'opens it' : 'does not open it'} then.`;
    case 'level-over':
      return `“${levelName(plan, rule.level)}” ended on ${dayWords(rule.until)}.`;
    case 'level': {
      const level = `“${levelName(plan, rule.level)}”`;
      if (rule.hours === null) return `${level} opens it at all hours.`;
      const hours = `“${hoursName(plan, rule.hours)}”`;
      if (rule.by.kind === 'holiday')
        return opens
          ? `${level} opens it by what ${hours} say of ${rule.by.day}.`
          : `${rule.by.day}: ${hours}, by which ${level} opens it, do not apply then.`;
      return opens ? `${level} opens it by ${hours}.` : `${level} opens it by ${hours} only.`;
    }
    case 'no-level':
      return 'No access level gives this door, nor is it given by name.';
  }
});

/** What is to be looked at: in a line, and where. */
export const concernWords = spoken(function concernWords(
  plan: Plan,
  concern: Concern,
  now: string,
): { readonly what: string; readonly where: string; readonly why: string } {
  switch (concern.kind) {
    case 'no-way': {
      const { people, doors, at } = concern;
      const one = doors.length === 1;
      const who = people.length === 1 ? personName(plan, people[0]!) : `${people.length} people`;
      return {
        what: `Opens ${doors.slice(0, 3).join(', ')}${doors.length > 3 ? ` and ${doors.length - 3} more` : ''}, not the way to ${one ? 'it' : 'them'}`,
        where: who,
        why: `From the street they come no further than a door before ${one ? 'it' : 'them'} that they do not open: on ${momentWords(at, now)}, for one.`,
      };
    }
    case 'free-unattended':
      return {
        what: 'Unlock schedule while nobody is in',
        where: `${concern.door}, ${momentWords(concern.at, now)}`,
        why: 'The door unlocks by the clock before anybody who opens it may be there: use “first card in”.',
      };
    case 'free-on-holiday':
      return {
        what: 'Unlock schedule on a holiday',
        where: `${concern.door}, ${dayWords(concern.day, now)}`,
        why: `Its schedule ignores the holidays “${calendarName(plan, concern.calendar)}”; other schedules at this door follow them.`,
      };
    case 'open-to-many':
      return {
        what: 'Guards valuables, open to many',
        where: `${concern.door}, ${concern.people} of ${concern.of}`,
        why: 'Its brief says that it guards valuables, and more than half of all people open it.',
      };
    case 'left-in-keypad':
      return {
        what: `Left on ${dayWords(concern.until, now)}, still in a keypad`,
        where: personName(plan, concern.person),
        why: `The code or card still opens: ${concern.devices.join(', ')}. Press “Leaves” and key the sheets that follow.`,
      };
    case 'level-unheld':
      return {
        what: 'Nobody holds it',
        where: levelName(plan, concern.level),
        why: 'It opens doors, and neither a person nor a group has it.',
      };
    case 'calendar-past':
      return {
        what: 'All its holidays are past',
        where: calendarName(plan, concern.calendar),
        why: `The last was ${dayWords(concern.last, now)}: the next holiday is a day like any other.`,
      };
  }
});
