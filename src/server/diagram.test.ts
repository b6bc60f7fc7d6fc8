import { describe, expect, it } from 'vitest';
import { conductorsOf, devicesOf, doorsInOrder } from '#core/plan/index';
import { LAW } from '#words/findings/index';
import { quillhaven } from '#demo/quillhaven';
import { doorDiagram } from './diagram';
import { sheetPdf } from './sheetPdf';

const plan = quillhaven();

describe('doorDiagram', () => {
  it.each(doorsInOrder(plan).map((door) => [door.id, door] as const))(
    'of %s is one well-formed drawing with every wire and device of the door',
    async (id, door) => {
      const { svg, width, height } = await doorDiagram(plan, door);
      expect(svg.startsWith('<svg ')).toBe(true);
      // Every element that opens closes, and no text can be taken for markup.
      for (const tag of ['svg', 'g', 'text', 'path', 'rect', 'circle']) {
        const opened = svg.split(`<${tag} `).length + svg.split(`<${tag}>`).length - 2;
        expect([tag, opened]).toEqual([tag, svg.split(`</${tag}>`).length - 1]);
      }
      for (const wire of conductorsOf(plan, id)) expect(svg).toContain(`>${wire.number}</text>`);
      for (const device of devicesOf(plan, id)) expect(svg).toContain(`>${device.tag}</text>`);
      expect([width, height].every((side) => Number.isFinite(side) && side >= 0)).toBe(true);
      expect(svg).not.toMatch(/NaN|undefined/);
    },
  );
  it('is the same drawing every time', async () => {
    const door = plan.doors['D10']!;
    expect((await doorDiagram(plan, door)).svg).toBe((await doorDiagram(plan, door)).svg);
  });
});

describe('sheetPdf', () => {
  it('puts a drawing on one sheet, and the caution about local code under it', async () => {
    const drawing = await doorDiagram(plan, plan.doors['D02']!);
    const pdf = await sheetPdf(drawing, 'D02 Reading room');
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
    expect(pdf.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(1);
    expect(LAW).toContain('permit');
  });
});
