import { describe, expect, it } from 'vitest';
import { conductorsOf, doorsInOrder } from '#core/plan/index';
import { LAW } from '#words/findings/index';
import { quillhaven } from '#demo/quillhaven';
import { definition, doorPack } from './pack';
import { everyNth } from '../../scripts/testSlice';

const plan = quillhaven();
const at = new Date('2026-11-24T10:00:00Z');
const textOf = (door: string) => {
  const made = definition(plan, plan.doors[door]!, at);
  const footer =
    typeof made.footer === 'function'
      ? made.footer(1, 1, { width: 595, height: 842, orientation: 'portrait' })
      : '';
  return JSON.stringify([made.content, footer]);
};

describe('definition', () => {
  it('has every wire, every device, the settings and the caution about local code', () => {
    const text = textOf('D02');
    for (const wire of conductorsOf(plan, 'D02')) expect(text).toContain(`"${wire.number}"`);
    for (const tag of ['PS1', 'K1', 'L1', 'EB1', 'F1', 'X1', 'R1', 'C1']) expect(text).toContain(`"${tag}"`);
    expect(text).toContain('door held open alarm after');
    expect(text).toContain(LAW);
    expect(text).toContain('I. Calloway');
  });
  it('never prints a code', () => {
    for (const { id } of doorsInOrder(plan)) {
      const text = textOf(id);
      for (const { code } of Object.values(plan.people)) if (code !== '') expect(text).not.toContain(code);
      for (const { programmingCode } of Object.values(plan.memories))
        if (programmingCode !== '') expect(text).not.toContain(programmingCode);
    }
  });
  it('says what is still to fix', () => {
    expect(textOf('D03')).toContain('The fire itself can undo the release');
    expect(textOf('D02')).toContain('Nothing to fix');
  });
});

describe('doorPack', () => {
  it('makes a PDF of every door, even of one that is hardly begun', async () => {
    for (const door of everyNth(doorsInOrder(plan), 4)) {
      const pdf = await doorPack(plan, door, at);
      expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
    }
  });
});
