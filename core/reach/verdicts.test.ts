import { describe, expect, it } from 'vitest';
import { autowire } from '../autowire/index';
import { doorsInOrder, emptyPlan, type Plan, type Schools, type Space } from '../plan/index';
import { magnetDoor, MAGNET_BRIEF, mustApply, STRIKE_BRIEF, wiredDoor } from '../specimens/doors';
import { openedSite, picturesOf } from '../specimens/openedSite';
import { metres } from '../units/index';
import { quillhaven } from '#demo/quillhaven';
import { graphOf, releaseTree, situationsShown, siteVerdicts, trapsOf, type SiteVerdicts } from './index';

function verdicts(plan: Plan): SiteVerdicts {
  const graph = graphOf(plan);
  const openings = openedSite(plan);
  return siteVerdicts(plan, graph, openings, trapsOf(graph, picturesOf(plan, openings)), releaseTree(plan));
}
const addSpace = (id: string, kind: Space['kind']) => ({
  kind: 'addSpace' as const,
  space: { id, name: id, kind, protected: false, order: 0 },
});
/** Three lobby doors on the fire relay of the first. */
function lobbies(wish: Partial<Schools>): Plan {
  const ids = ['D01', 'D02', 'D03'];
  let plan = ids.reduce<Plan>(
    (site, id) => wiredDoor('lobby-pull', MAGNET_BRIEF, site, id),
    emptyPlan('s', 's'),
  );
  for (const { id, schools } of doorsInOrder(plan)) {
    if (id !== 'D01') plan = mustApply(plan, { kind: 'removeDevice', id: `${id}/F1` });
    plan = mustApply(plan, { kind: 'setDoor', id, patch: { schools: { ...schools, ...wish } } });
  }
  return ids.reduce((site, id) => mustApply(site, autowire(site, id, metres(8)).edit), plan);
}

describe('what stands against a site', () => {
  it('is one break that keeps several doors shut, where the line closes in an alarm; not where it opens', () => {
    const closing = verdicts(lobbies({ fireReach: 'daisy-chain', fireTrigger: 'NO' }));
    expect(closing.chains).toEqual([{ relay: 'D01/F1', doors: ['D02', 'D03'], failsOpen: false }]);
    const opening = verdicts(lobbies({ fireReach: 'daisy-chain', fireTrigger: 'NC' }));
    expect(opening.chains).toEqual([{ relay: 'D01/F1', doors: ['D02', 'D03'], failsOpen: true }]);
    expect(closing.toSettle).toBe(opening.toSettle + 1);
    expect(verdicts(lobbies({ fireReach: 'home-run', fireTrigger: 'NC' })).chains).toEqual([]);
  });

  it('is a door that lets people go into a room that nobody leaves', () => {
    const plan = mustApply(magnetDoor(), addSpace('hall', 'room'), addSpace('yard', 'room'), {
      kind: 'setSides',
      id: 'D01',
      sides: { id: 'D01', outside: 'yard', inside: 'hall' },
    });
    const found = verdicts(plan);
    expect(found.nowhere).toEqual([{ door: 'D01', space: 'yard' }]);
    expect(found).toMatchObject({ rooms: 2, left: 0 });
    const safe = mustApply(plan, { kind: 'setSpace', id: 'yard', patch: { kind: 'outside' } });
    expect(verdicts(safe)).toMatchObject({ nowhere: [], rooms: 1, left: 1, toSettle: 0 });
  });

  it('is a site of which every door unlocks without power, and not one with a door that stays shut', () => {
    const magnets = lobbies({});
    expect(verdicts(magnets).allFailSafe).toBe(true);
    expect(verdicts(wiredDoor('strike-keypad', STRIKE_BRIEF, magnets, 'D04')).allFailSafe).toBe(false);
    expect(verdicts(magnetDoor()).allFailSafe).toBe(false);
  });

  it('counts every room once: left, trapped or not proven', () => {
    const plan = quillhaven();
    const found = verdicts(plan);
    const trapped = new Set(found.traps.map(({ space }) => space));
    const unproven = found.unproven.filter((id) => !trapped.has(id));
    expect(found.left + trapped.size + unproven.length).toBe(found.rooms);
    expect(found.toSettle).toBe(2);
  });

  it('leaves out situations that change nothing here', () => {
    const plan = magnetDoor();
    const shown = situationsShown(plan, openedSite(plan));
    expect(shown).not.toContain('network-lost');
    expect(shown).not.toContain('partner-open');
    expect(shown).toContain('fire');
    expect(situationsShown(plan, null)).toContain('network-lost');
  });
});
