import Papa from 'papaparse';
import { cardsInUse, type HeldCard, type Person, type Plan } from '../../plan/index';
import { plain } from './plainCell';

/** A card as a list tells it: its numbers, and its format where that is not the one that most have. */
const cardText = ({ facility, number, format }: HeldCard): string =>
  `${facility}-${number}${format === 'bits-26' ? '' : ` ${format}`}`;

const COLUMNS = [
  'id',
  'name',
  'group',
  'role',
  'levels',
  'doors',
  'cards',
  'phone',
  'first day',
  'last day',
] as const;

/**
 * People as CSV (RFC 4180), by name; what is read back changes nobody. Codes stand in it only where they are asked for. `semicolons`:
 * as spreadsheets of countries with decimal commas have it.
 */
export function peopleCsv(plan: Plan, { codes = false, semicolons = false } = {}): string {
  const level = (id: string) => plan.levels[id]?.name ?? id;
  const cells = (person: Person): string[] => [
    person.id,
    person.name,
    person.group,
    person.role === 'administrator' ? 'administers' : 'opens',
    person.levels.map(level).join('; '),
    person.doors.join(' '),
    cardsInUse(person).map(cardText).join('; '),
    person.phone,
    person.from ?? '',
    person.until ?? '',
    ...(codes ? [person.code] : []),
  ];
  const rows = Object.values(plan.people)
    .sort((a, b) => a.name.localeCompare(b.name, 'en') || (a.id < b.id ? -1 : 1))
    .map((person) => cells(person).map(plain));
  const fields = [...COLUMNS, ...(codes ? ['code'] : [])];
  return `\uFEFF${Papa.unparse({ fields, data: rows }, { delimiter: semicolons ? ';' : ',', newline: '\r\n' })}\r\n`;
}
