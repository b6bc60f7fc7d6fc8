import * as z from 'zod';
import { CARD_FORMATS, formatProblems, MOST_FRAME_BITS, type FormatProblem } from '../../cards/index';
import { innerId, line, whole } from '../../fields/index';
import type { Frozen } from '../../fields/index';

const bit = whole(1, MOST_FRAME_BITS);
const field = z.strictObject({
  from: bit,
  to: bit,
  /** Its bytes leave the reader lowest first. */
  lowFirst: z.boolean().optional(),
});

const shape = z.strictObject({
  id: innerId(),
  name: line(120, 1),
  bits: whole(8, MOST_FRAME_BITS),
  facility: field.nullable(),
  number: field,
  parities: z
    .array(z.strictObject({ at: bit, kind: z.enum(['even', 'odd']), from: bit, to: bit }))
    .max(12)
    .default([]),
  fixed: z
    .array(z.strictObject({ from: bit, to: bit, value: whole(0, 4_294_967_295) }))
    .max(12)
    .default([]),
});

const PROBLEMS: Readonly<Record<FormatProblem['problem'], string>> = {
  beyond: 'ends before it begins, or beyond the frame',
  overlaps: 'lies on bits that are another part’s',
  'too-wide': 'has more than 32 bits',
  'no-bytes': 'has no whole bytes to be turned round',
  'no-room': 'has no room for its value',
  'parity-outside': 'counts bits that are not in the frame',
  'parity-early': 'counts a parity that stands behind it in the list',
};

/** A frame that can be sent and read. */
export const frameSchema = shape.superRefine((format, context) => {
  for (const { at, problem } of formatProblems(format))
    context.addIssue({ code: 'custom', path: [...at], message: PROBLEMS[problem] });
});

/** A card format of the site: its id is not that of a format that everybody knows. */
export const cardFormatSchema = frameSchema.superRefine(({ id }, context) => {
  if (CARD_FORMATS.some((known) => known.id === id))
    context.addIssue({
      code: 'custom',
      path: ['id'],
      message: 'is the id of a format that is known already',
    });
});

export type OwnCardFormat = Frozen<z.output<typeof shape>>;
