import { describe, expect, it } from 'vitest';
import { checkSheet } from '../commission/index';
import { faultsOf, sweep } from '../faults/index';
import { conductorsOf, type Plan } from '../plan/index';
import { lobbyDoor, magnetDoor, mustApply } from '../specimens/doors';
import { atRest, buildWorld, stimulate, type Stimulus } from '../simulate/index';
import { lineReading, panelLines, prove, toldOf } from './index';

const readsAfter = (plan: Plan, ...acts: Stimulus[]): string[] => {
  const world = buildWorld(plan, 'D01');
  const state = acts.reduce((now, act) => stimulate(world, now, act).state, atRest(world));
  return panelLines(world).map((line) => lineReading(line, state));
};
const lobby = lobbyDoor();
const [line] = panelLines(buildWorld(lobby, 'D01'));
const station = Object.values(lobby.devices).find(({ type }) => type === 'pull-station')!;
const onLine = conductorsOf(lobby, 'D01').filter(({ from, to }) =>
  [from, to].some((end) => end.startsWith(`${line!.device}.L`)),
);

describe('an alarm line as its panel sees it', () => {
  it('is normal at rest, an alarm when the station is pulled, normal again when it is pushed back', () => {
    const pull: Stimulus = { kind: 'breakGlass', device: station.id };
    expect(readsAfter(lobby)).toEqual(['normal']);
    expect(readsAfter(lobby, pull)).toEqual(['alarm']);
    expect(readsAfter(lobby, pull, { kind: 'resetGlass', device: station.id })).toEqual(['normal']);
    expect(panelLines(buildWorld(magnetDoor(), 'D01'))).toEqual([]);
  });
  it('is trouble with any one of its wires off, pulled or not, and told as such', () => {
    expect(onLine.length).toBeGreaterThan(1);
    for (const { id } of onLine) {
      const off = mustApply(lobby, { kind: 'disconnect', id });
      expect(readsAfter(off)).toEqual(['trouble']);
      const world = buildWorld(off, 'D01');
      expect(toldOf(world, atRest(world))).toContain(`line:${line!.tag}:trouble`);
    }
  });
  it('is dead where the module has no supply', () => {
    expect(readsAfter(lobby, { kind: 'dead', on: true })).toEqual(['dead']);
  });
  it('stands in every row of the proof, and in the sheet in its three states', () => {
    const world = buildWorld(lobby, 'D01');
    const rows = prove(lobby, world, atRest(world)).rows;
    const reads = (id: string) =>
      rows.find(({ situation }) => situation === id)!.lines.map((one) => one.reads);
    expect([reads('rest'), reads('break-glass'), reads('dead')]).toEqual([['normal'], ['alarm'], ['dead']]);
    const tasks = checkSheet(lobby, 'D01').map(({ task }) => task);
    expect(tasks).toEqual(expect.arrayContaining(['line-normal', 'line-alarm', 'line-trouble']));
    expect(checkSheet(magnetDoor(), 'D01').map(({ task }) => task)).not.toContain('line-normal');
  });
  it('tells of its own wires: a fault there is noticed', () => {
    const world = buildWorld(lobby, 'D01');
    const rest = atRest(world);
    const faults = faultsOf(world).filter(
      (fault) =>
        JSON.stringify(fault).includes('wire') &&
        onLine.some(({ id }) => JSON.stringify(fault).includes(`"${id}"`)),
    );
    const results = [...sweep(world, rest, faults)];
    expect(results.length).toBeGreaterThan(1);
    for (const { alarms } of results) expect(alarms.join()).toMatch(/line:/);
  });
});
