import { describe, expect, it } from 'vitest';
import { newDevice } from '../brief/index';
import { checkContext, runChecks, toPutRight } from '../checks/index';
import { allConductors, emptyPlan, type Edit, type Plan } from '../plan/index';
import { MAGNET_BRIEF, mustApply, STRIKE_BRIEF, wiredDoor } from '../specimens/doors';
import { metres } from '../units/index';
import { autowire } from './index';

const added = (plan: Plan, door: string | null, type: string): Plan =>
  mustApply(plan, { kind: 'addDevice', device: newDevice(plan, door, type) });

const bareDoor = (id: string, order: number): Edit => ({
  kind: 'addDoor',
  door: {
    id,
    order,
    name: `Door ${id}`,
    brief: MAGNET_BRIEF,
    deadState: { state: 'fail-safe', overrideReason: null, by: 'test' },
    schools: { fire: 'supply-input' },
    freePassage: null,
    openingHours: null,
    expectations: [],
    notes: '',
    lastWire: 0,
  },
});

/** Two magnet doors on one supply with a fire input and one controller, both of the site; the fire relay stands at a door, or nowhere. */
function shared(relayAt: string | null): Plan {
  let plan = mustApply(emptyPlan('s', 'Shared'), bareDoor('D01', 1), bareDoor('D02', 2));
  for (const type of ['supply-12v-fire', 'controller-2-bus']) plan = added(plan, null, type);
  for (const door of ['D01', 'D02'])
    for (const type of ['magnet-lock', 'exit-button', 'break-glass-double']) plan = added(plan, door, type);
  return added(plan, relayAt, 'fire-relay');
}

const wired = (plan: Plan, ...doors: string[]): Plan =>
  doors.reduce((now, door) => mustApply(now, autowire(now, door, metres(12)).edit), plan);
const stops = (plan: Plan, door: string) =>
  runChecks(checkContext(plan, door))
    .filter(toPutRight)
    .map(({ code }) => code);
const fire = (plan: Plan, door: string) =>
  checkContext(plan, door).proof.rows.find(({ situation }) => situation === 'fire')?.cells.inside.verdict;
const onInput = (plan: Plan) =>
  allConductors(plan).filter(({ from, to }) => [from, to].some((end) => end === 'PS1.FI'));

describe('the fire input of a supply that doors share', () => {
  it.each([['D01'], [null]])('releases both, with the relay at %s', (relayAt) => {
    const plan = wired(shared(relayAt), 'D01', 'D02');
    for (const door of ['D01', 'D02'])
      expect([door, stops(plan, door), fire(plan, door)]).toEqual([door, [], 'pass']);
    expect(onInput(plan)).toHaveLength(1);
  });
  it('is wired once, in whatever order the doors are, and stays when a door is wired again', () => {
    const plan = wired(shared(null), 'D02', 'D01', 'D02', 'D01');
    for (const door of ['D01', 'D02'])
      expect([door, stops(plan, door), fire(plan, door)]).toEqual([door, [], 'pass']);
    expect(onInput(plan)).toHaveLength(1);
  });
});

describe('the feed of a device', () => {
  it('is laid thick enough for what the device needs to start', () => {
    const bare = added(wiredDoor('strike-keypad', STRIKE_BRIEF), 'D01', 'door-station-relay');
    const plan = wired(bare, 'D01');
    expect(stops(plan, 'D01').filter((code) => code.includes('voltage'))).toEqual([]);
    const feed = allConductors(plan).find(({ to }) => to === 'D01/DS1.V+');
    expect(feed?.gauge).toBe('1.5mm2');
  });
});
