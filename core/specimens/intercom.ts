import { autowire } from '../autowire/index';
import { newDevice } from '../brief/index';
import { intercomSets, wireIntercom } from '../intercom/index';
import { metres } from '../units/index';
import type { Plan } from '../plan/index';
import { mustApply, STRIKE_BRIEF, wiredDoor } from './doors';

/** Two strike doors with a door station each, two answering stations, one supply, wired as a set. */
export function intercomPlan(): Plan {
  let plan = wiredDoor('strike-keypad', STRIKE_BRIEF);
  plan = wiredDoor('strike-keypad', STRIKE_BRIEF, plan, 'D02');
  for (const [index, door] of ['D01', 'D02'].entries()) {
    for (const type of ['intercom-door-station', 'intercom-answering-station', 'relay-interposing'])
      plan = mustApply(plan, { kind: 'addDevice', device: newDevice(plan, door, type) });
    plan = mustApply(plan, {
      kind: 'setSetting',
      device: `${door}/DS1`,
      setting: 'channel',
      value: index + 1,
    });
  }
  plan = mustApply(plan, { kind: 'addDevice', device: newDevice(plan, 'D01', 'intercom-supply') });
  for (const door of ['D01', 'D02']) plan = mustApply(plan, autowire(plan, door, metres(12)).edit);
  const wiring = wireIntercom(plan, intercomSets(plan)[0]!);
  if (!wiring.ok) throw new Error(JSON.stringify(wiring.conflicts));
  return mustApply(plan, wiring.edit);
}
