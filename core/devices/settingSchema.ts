import * as z from 'zod';
import { line, whole } from '../fields/index';
import { SETTING_ROLES, TEXT_FORMATS, type TextFormat } from './settingRoles';
import { finite, name } from './shape';

/** A DIP switch, jumper or menu value of a device type. */

const label = line(80);
const aim = {
  id: name,
  label,
  /** What it is for, where that is more than the circuit sees. */
  role: z.enum(SETTING_ROLES).optional(),
  /** Which channel it belongs to, from 0, for a role that each channel has. */
  channel: whole(0, 15).optional(),
};
const choice = z.strictObject({
  ...aim,
  kind: z.literal('choice'),
  options: z
    .array(z.strictObject({ value: name, label }))
    .min(1)
    .max(40),
  initial: name,
});
const number = z.strictObject({
  ...aim,
  kind: z.literal('number'),
  unit: line(10),
  min: finite,
  max: finite,
  initial: finite,
  /** Set by this many DIP switches, the first being the lowest bit. */
  dip: whole(1, 12).optional(),
});
const text = z.strictObject({
  ...aim,
  kind: z.literal('text'),
  /** What a value must look like; an empty value always may stand. */
  format: z.enum(Object.keys(TEXT_FORMATS) as [TextFormat, ...TextFormat[]]),
  example: line(60),
  initial: line(60),
});
/** Text patterns of the first versions, by the named format that took their place. */
const OLD_PATTERNS: Readonly<Record<string, TextFormat>> = {
  '^[A-Z]$': 'letter',
  '^(\\d{1,3}\\.){3}\\d{1,3}$': 'ipv4',
  '^([0-9A-Fa-f]{2}:){5}[0-9A-Fa-f]{2}$': 'mac',
};
/**
 * The first versions had regular expressions of a type's own. They are never run: a known one is the format that took
 * its place, any other lets every line of text through.
 */
const oldText = text
  .omit({ format: true })
  .extend({ pattern: z.string().max(200) })
  .transform(({ pattern, ...rest }) => ({ ...rest, format: OLD_PATTERNS[pattern] ?? ('text' as const) }));

export const setting = z.union([z.discriminatedUnion('kind', [choice, number, text]), oldText]);
