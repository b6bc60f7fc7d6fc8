import type { Candidate, Cause, CauseReport, Change } from '#core/causes/index';
import {
  deviceOf,
  findIn,
  pinOf,
  terminalLabel,
  typeIn,
  type DoorId,
  type Plan,
  type TerminalId,
} from '#core/plan/index';
import { findingTitle, remedyName } from './findings/index';
import { spoken } from '../messages';

/** Words of a cause: what is wrong, and what its button does. */
export interface CauseWords {
  readonly title: string;
  readonly act: string;
}

/** Reads a plan as the door that is looked at writes it. */
function reader(plan: Plan, door: DoorId) {
  const wire = (id: string) => findIn(plan.conductors, id);
  return {
    wire,
    number: (id: string) => {
      const found = wire(id);
      if (!found) return id;
      return found.door === door ? found.number : `${found.door} ${found.number}`;
    },
    spot: (terminal: TerminalId) => terminalLabel(plan, terminal, door),
    tag: (device: string) => findIn(plan.devices, device)?.tag ?? device,
  };
}

/** One change in words. `plan` is the one that it is to be made in. */
export const changeWords = spoken(function changeWords(plan: Plan, door: DoorId, change: Change): CauseWords {
  const { wire, number, spot, tag } = reader(plan, door);
  switch (change.kind) {
    case 'move': {
      const name = number(change.wire);
      const same = deviceOf(change.from) === deviceOf(change.to);
      const to = same ? pinOf(change.to) : spot(change.to);
      return {
        title: `${name} is on ${spot(change.from)}. It belongs on ${to}.`,
        act: `Move ${name} to ${to}`,
      };
    }
    case 'exchange': {
      const [one, two] = [change.one.wire, change.two.wire];
      const devices = (id: string) =>
        [wire(id)?.from, wire(id)?.to]
          .map((end) => end && deviceOf(end))
          .sort()
          .join();
      const names = `${number(one)} and ${number(two)}`;
      const doorOf = (end: TerminalId) => findIn(plan.devices, deviceOf(end))?.door;
      if (doorOf(change.one.at) !== doorOf(change.two.at))
        return {
          title: `Cables of two doors are mixed up: ${number(one)} is on ${spot(change.one.at)}, and ${number(two)} on ${spot(change.two.at)}.`,
          act: `Exchange ${names}`,
        };
      return {
        title:
          devices(one) === devices(two)
            ? `The pair ${names} is reversed at ${tag(change.device)}.`
            : `${names} are on each other’s terminals at ${tag(change.device)}.`,
        act: `Exchange ${names}`,
      };
    }
    case 'lay': {
      const { from, to } = change.conductor;
      return { title: `A wire is missing from ${spot(from)} to ${spot(to)}.`, act: 'Add it' };
    }
    case 'take-out': {
      const gone = wire(change.wire);
      const way = gone ? `: ${spot(gone.from)} to ${spot(gone.to)}` : '';
      return {
        title: `${number(change.wire)} should not be there${way}.`,
        act: `Remove ${number(change.wire)}`,
      };
    }
    case 'set':
      return settingWords(plan, change);
    case 'turn':
      return {
        title: `The connector of ${tag(change.device)} is plugged in the wrong way around.`,
        act: 'Turn it around',
      };
    case 'exchange-part': {
      const device = findIn(plan.devices, change.device);
      const now = device ? typeIn(plan, device).name : change.device;
      const other = typeIn(plan, { type: change.type }).name;
      return {
        title: `${tag(change.device)} has the wrong value: ${now}. It should be: ${other}.`,
        act: `Exchange ${tag(change.device)}`,
      };
    }
    case 'add-parts': {
      const names = [...new Set(change.types)].map((type) => {
        const count = change.types.filter((one) => one === type).length;
        return `${count > 1 ? `${count} × ` : ''}${typeIn(plan, { type }).name}`;
      });
      return {
        title: `Missing here: ${names.join(', ')}.`,
        act: change.types.length > 1 ? 'Add and wire them' : 'Add and wire it',
      };
    }
    case 'remedy':
      return { title: `${findingTitle(change.finding)}.`, act: remedyName(change.finding) };
  }
});

function settingWords(plan: Plan, change: Extract<Change, { kind: 'set' }>): CauseWords {
  const device = findIn(plan.devices, change.device);
  const setting = device && typeIn(plan, device).settings.find(({ id }) => id === change.setting);
  const label = setting?.label ?? change.setting;
  const options = setting?.kind === 'choice' ? setting.options : [];
  const value =
    options.find((one) => one.value === change.value)?.label ?? String(change.value ?? 'as delivered');
  return {
    title: `${device?.tag ?? change.device}: ${label} must be “${value}”.`,
    act: `Set it to “${value}”`,
  };
}

/** A repair in words: each change with the plan as it is when its turn comes, and one name for the button. */
export const repairWords = spoken(function repairWords(
  plan: Plan,
  door: DoorId,
  { changes }: Candidate,
): CauseWords {
  const words = changes.map((change) => changeWords(plan, door, change));
  const [only, ...more] = words;
  if (only && more.length === 0) return only;
  return {
    title: words.map(({ title }) => title).join(' '),
    act: words.length === 2 ? 'Fix both' : `Fix all ${words.length}`,
  };
});

/** What was proven of a repair before it is offered. */
export const triedWords = spoken(({ cells: { pass, of }, clears }: Cause, all: number): string => {
  const cells =
    pass === of ? `all ${of} cells of the proof pass` : `${pass} of ${of} cells of the proof pass`;
  return clears.length >= all
    ? `Tried on a copy: ${cells}, no new problems.`
    : `Tried on a copy: ${clears.length} of ${all} go with it, ${cells}, no new problems.`;
});

/** What is said where something stands against a door that no repair was found for; empty where none is left. */
export const unexplainedWords = spoken(function unexplainedWords({
  causes,
  unexplained,
  tried,
  exhausted,
}: CauseReport): string {
  if (unexplained.length === 0) return '';
  const start = `${causes.length > 0 ? 'For the rest no' : 'No'} small change was found that fixes it`;
  if (tried === 0) return `${start}: nothing here is wired otherwise than Aldaba would.`;
  return `${start}; ${tried} were tried${exhausted ? '' : ', and the search ended there'}.`;
});
