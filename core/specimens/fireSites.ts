import { newDevice } from '../brief/index';
import { emptyPlan, type Edit, type Plan, type TerminalId } from '../plan/index';
import { metres, mm2 } from '../units/index';
import { lobbyDoor, MAGNET_BRIEF, magnetDoor, mustApply, wiredDoor } from './doors';
import { spotted, type SpottedMistake } from './spotted';
import { drop, lobby, move, set, wire } from './ruleEdits';
import { terminalOf } from './terminalOf';

/** Two doors and more whose fire release is a matter of the site: one relay, one supply, one line for several. */

const lay = (door: string, number: string, from: string, to: string): Edit => ({
  kind: 'connect',
  conductor: {
    id: `${door}/${number}`,
    door,
    number,
    from: terminalOf(from),
    to: terminalOf(to),
    colour: 'RD',
    gauge: mm2(0.75),
    length: metres(6),
    cable: '',
    origin: 'hand',
    assumed: [],
  },
});
const between = (plan: Plan, one: TerminalId, two: TerminalId): string => {
  const found = Object.values(plan.conductors).find(
    ({ from, to }) => [from, to].includes(one) && [from, to].includes(two),
  );
  if (!found) throw new Error(`no wire ${one} – ${two}`);
  return found.id;
};
const land = (plan: Plan, from: string, to: string, end: 'from' | 'to', at: string): Edit => ({
  kind: 'setConductor',
  id: between(plan, terminalOf(from), terminalOf(to)),
  patch: { [end]: terminalOf(at) },
});

/** Two magnet doors, each with its own supply, dropped by the two poles of one relay that stands at no door. */
export function siteRelay(): Plan {
  let plan = wiredDoor('magnet-controller', MAGNET_BRIEF, emptyPlan('s', 'Two doors, one relay'));
  plan = wiredDoor('magnet-controller', MAGNET_BRIEF, plan, 'D02');
  plan = mustApply(plan, { kind: 'addDevice', device: newDevice(plan, null, 'fire-relay-double') });
  for (const [door, pole] of [
    ['D01', 1],
    ['D02', 2],
  ] as const)
    plan = mustApply(
      plan,
      { kind: 'removeDevice', id: `${door}/F1` },
      lay(door, 'W01', `${door}/PS1.+V`, `F1.${pole}C`),
      lay(door, 'W02', `F1.${pole}NC`, `${door}/K1.COM1`),
    );
  return plan;
}

/** A magnet door that hangs on the dropped output of the lobby's supply and has no supply of its own. */
export function sharedFireSupply(): Plan {
  let plan = wiredDoor('magnet-controller', MAGNET_BRIEF, lobbyDoor(), 'D02');
  // Spread so that no terminal takes more than it holds.
  const goes: Readonly<Record<string, string>> = {
    'D02/K1.+12': 'D01/K1.+12',
    'D02/R1.V+': 'D02/K1.+12',
    'D02/X1.V+': 'D02/R1.V+',
    'D02/EB1.2C': 'D01/PS1.L-',
    'D02/K1.0V': 'D01/PS1.L-',
    'D02/X1.V-': 'D01/PS1.L-',
    'D02/R1.V-': 'D02/K1.0V',
  };
  const edits = Object.values(plan.conductors).flatMap((one): Edit[] =>
    (['from', 'to'] as const).flatMap((end) => {
      const to = one[end].startsWith('D02/PS1.') ? goes[end === 'from' ? one.to : one.from] : undefined;
      return to ? [{ kind: 'setConductor', id: one.id, patch: { [end]: terminalOf(to) } } as const] : [];
    }),
  );
  plan = mustApply(
    plan,
    ...edits,
    { kind: 'removeDevice', id: 'D02/F1' },
    { kind: 'removeDevice', id: 'D02/PS1' },
  );
  const joined = mustApply(plan, lay('D02', 'W01', 'D01/PS1.L+', 'D02/K1.COM1'));
  // One supply for two doors: short runs and the largest battery.
  return mustApply(
    joined,
    ...Object.keys(joined.conductors).map((id): Edit => ({
      kind: 'setConductor',
      id,
      patch: { length: metres(2), gauge: mm2(1) },
    })),
    { kind: 'setSetting', device: 'D01/PS1', setting: 'battery', value: '17' },
    { kind: 'setSetting', device: 'D01/PS1', setting: 'hours', value: 2 },
  );
}

export const FIRES: readonly SpottedMistake[] = [
  spotted('held-in-fire', 'stop', 'W01', 'the magnet on the output that stays', lobby, (plan) => [
    move(plan, 'PS1.L+', 'K1.COM1', 'from', 'PS1.+V'),
  ]),
  spotted('held-in-fire', 'stop', 'W90', 'the fire relay bridged', magnetDoor, () => [
    wire('PS1.+V', 'K1.COM1'),
  ]),
  spotted(
    'held-in-fire',
    'stop',
    'D02/W01',
    'a second door on the output of the fire supply that stays',
    sharedFireSupply,
    (plan) => [land(plan, 'D01/PS1.L+', 'D02/K1.COM1', 'from', 'D01/PS1.+V')],
    'D02',
  ),
  spotted(
    'held-in-fire',
    'stop',
    'D02/W01',
    'the second door past its pole of the site’s relay',
    siteRelay,
    (plan) => [land(plan, 'D02/PS1.+V', 'F1.2C', 'to', 'F1.2NC')],
    'D02',
  ),
  spotted(
    'fire-not-latched',
    'stop',
    'F1',
    'a site’s relay that follows the panel, seen from the second door',
    siteRelay,
    () => [{ kind: 'setSetting', device: 'F1', setting: 'latch', value: 'following' }],
    'D02',
  ),
  spotted('fire-input-alarm', 'fix', 'PS1.FI', 'one wire of the fire line off', lobby, (plan) => [
    drop(plan, 'PS1.FI', 'F1.C'),
  ]),
  spotted('fire-input-alarm', 'fix', 'PS1.FI', 'the fire relay’s NO on a monitored input', lobby, (plan) => [
    move(plan, 'F1.NC', 'PS1.FC', 'from', 'F1.NO'),
  ]),
  spotted('fire-input-alarm', 'fix', 'PS1.FI', 'the trigger set to closing', lobby, () => [
    set('PS1', 'trigger', 'NO'),
  ]),
  spotted('fire-input-deaf', 'stop', 'W90', 'the fire input bridged', lobby, () => [
    wire('PS1.FI', 'PS1.FC'),
  ]),
  spotted(
    'fire-input-deaf',
    'stop',
    'PS1.FI',
    'the line off and the trigger set to closing',
    lobby,
    (plan) => [drop(plan, 'F1.NC', 'PS1.FC'), set('PS1', 'trigger', 'NO')],
  ),
];

/** Sites whose release reaches every door: nothing may be found at them. */
export const FIRE_SITES: readonly {
  readonly what: string;
  readonly make: () => Plan;
  readonly doors: readonly string[];
}[] = [
  { what: 'two doors on one relay of the site', make: siteRelay, doors: ['D01', 'D02'] },
  { what: 'two doors on one fire supply', make: sharedFireSupply, doors: ['D01', 'D02'] },
];
