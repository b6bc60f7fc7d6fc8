import * as z from 'zod';
import { SCHEMAS, siteSchema } from '../../admission/index';
import { COLLECTIONS, kindOf } from '../../plan/index';

/**
 * Schema of an Aldaba site file, version 1, as one: what the JSON Schema in docs/ is written from. The reader goes through
 * the same schemas entry by entry, so that one bad file costs no more than its first hundred problems.
 */
export const fileSchema = z.strictObject({
  $schema: z.string().optional(),
  format: z.literal('aldaba-site'),
  version: z.literal(1),
  site: siteSchema,
  ...Object.fromEntries(
    COLLECTIONS.map((collection) => {
      const { list, most } = kindOf(collection);
      return [list, z.array(SCHEMAS[collection]).max(most).default([])];
    }),
  ),
});
