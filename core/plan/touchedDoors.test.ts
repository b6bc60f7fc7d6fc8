import { terminalOf } from '../specimens/terminalOf';
import { describe, expect, it } from 'vitest';
import type { Edit } from './index';
import { quillhaven } from '#demo/quillhaven';
import { mustApply } from '../specimens/doors';
import { staleDoors } from './touchedDoors';

describe('staleDoors', () => {
  const plan = quillhaven();
  const stale = (...edits: Edit[]) => staleDoors(plan, mustApply(plan, ...edits)).sort();
  it('are none where nothing changed', () => {
    expect(staleDoors(plan, plan)).toEqual([]);
    expect(stale({ kind: 'setSite', patch: { notes: 'x' } })).toEqual([]);
  });
  it('are all where the region or the units are others: what is asked of a door follows from them', () => {
    const all = Object.keys(plan.doors).sort();
    expect(stale({ kind: 'setSite', patch: { region: 'north-america' } })).toEqual(all);
    expect(stale({ kind: 'setSite', patch: { units: 'american' } })).toEqual(all);
  });
  it('are the door of a wire, a device, a reading', () => {
    expect(stale({ kind: 'disconnect', id: 'D02/W01' })).toEqual(['D02']);
    expect(stale({ kind: 'setSetting', device: 'D05/K1', setting: 'ch1.unlock', value: 9 })).toEqual(['D05']);
    expect(stale({ kind: 'removeDoor', id: 'D03' })).not.toContain('D03');
  });
  it('are all doors of a person', () => {
    expect(stale({ kind: 'setPerson', id: 'P04', patch: { code: '111222' } })).toEqual(['D02', 'D05', 'D06']);
  });
  it('include a door that hangs on the same supply', () => {
    const wire = {
      ...plan.conductors['D02/W07']!,
      id: 'D02/W99',
      number: 'W99',
      from: terminalOf('D03/PS1.+V'),
    };
    const joined = mustApply(plan, { kind: 'connect', conductor: wire });
    const after = mustApply(joined, { kind: 'setSetting', device: 'D03/PS1', setting: 'hours', value: 8 });
    expect(staleDoors(joined, after).sort()).toEqual(['D02', 'D03']);
  });
});
