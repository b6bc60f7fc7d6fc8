import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { LIBRARY } from '#core/devices/library/index';
import { parseAldaba } from '#core/formats/index';

describe('docs/format.md', () => {
  const text = readFileSync('docs/format.md', 'utf8');
  it('shows only files that Aldaba reads', () => {
    const blocks = [...text.matchAll(/```json\n(.*?)```/gs)].map((match) => match[1] ?? '');
    expect(blocks.length).toBeGreaterThan(1);
    for (const block of blocks) expect(parseAldaba(block)).toMatchObject({ ok: true });
  });
  it('lists every device type with its terminals', () => {
    for (const type of LIBRARY) {
      const row = text.split('\n').find((line) => line.startsWith(`| \`${type.id}\``));
      for (const terminal of type.terminals) expect(row).toContain(`\`${terminal.id}\``);
    }
  });
});
