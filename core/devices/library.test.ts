import { describe, expect, it } from 'vitest';
import { LIBRARY } from './index';

describe('LIBRARY', () => {
  it('has unique ids', () => {
    expect(new Set(LIBRARY.map((t) => t.id)).size).toBe(LIBRARY.length);
  });
  it.each(LIBRARY.map((t) => [t.id, t] as const))(
    '%s names only terminals and settings it has',
    (_, type) => {
      const terminals = new Set(type.terminals.map((t) => t.id));
      for (const id of terminals) expect(id).not.toMatch(/[.\s]/);
      for (const part of type.parts) {
        expect(terminals).toContain(part.a);
        expect(terminals).toContain(part.b);
      }
      expect(new Set(type.parts.map((p) => p.id)).size).toBe(type.parts.length);
      const named = JSON.stringify(type.roles).matchAll(
        /"(?:plus|minus|com|nc|no|a|b|d0|d1|input|common)":"([^"]+)"/g,
      );
      for (const match of named) expect(terminals).toContain(match[1]);
      const settings = new Set(type.settings.map((s) => s.id));
      for (const match of JSON.stringify(type.parts).matchAll(/"setting":"([^"]+)"/g)) {
        expect(settings).toContain(match[1]);
      }
    },
  );
});
