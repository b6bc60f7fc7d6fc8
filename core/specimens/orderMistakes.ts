import type { PromiseId } from '../orders/index';
import { terminalId, type Edit, type Plan } from '../plan/index';
import { magnetDoor } from './doors';
import { menu, menuDoor } from './menuDoor';
import { add, brief, drop, gate, lobby, move, operator, set, wire } from './ruleEdits';
import { vestibule } from './vestibule';

/** A mistake that shows only when things happen in a certain order: its promise, and the fewest events that break it. */
export interface OrderMistake {
  readonly name: string;
  readonly make: () => Plan;
  readonly edits: (plan: Plan) => readonly Edit[];
  readonly promise: PromiseId;
  readonly events: number;
}

const noGlass: Edit = { kind: 'removeDevice', id: 'D01/EB1' };
const withoutGlass = () => menuDoor('controller-1-menu', noGlass);
/** Both poles of a break glass bridged. */
const bridgedGlass = [
  wire('EB1.1C', 'EB1.1NC', { number: 'W91' }),
  wire('EB1.2C', 'EB1.2NC', { number: 'W92' }),
];
/** The fire relay taken out of the lock's power, its contact on an input. */
const fireOnInput = (plan: Plan, contact: 'NC' | 'NO', input: string, common: string): Edit[] => [
  move(plan, 'PS1.+V', 'F1.C', 'to', 'K1.COM1'),
  drop(plan, 'F1.NC', 'K1.COM1'),
  wire('F1.C', common, { number: 'W91' }),
  wire(`F1.${contact}`, input, { number: 'W92' }),
];
export const ORDER_MISTAKES: readonly OrderMistake[] = [
  {
    name: 'fire contact on the exit input: the exit time ends, and the fire goes on',
    make: magnetDoor,
    edits: (plan) => fireOnInput(plan, 'NO', 'K1.EX1', 'K1.G1'),
    promise: 'fire-outlives',
    events: 2,
  },
  {
    name: 'fire by a menu input: a controller that hangs first hears of no fire',
    make: () => menuDoor('controller-1-menu', ...menu(['in3', 'fire'])),
    edits: (plan) => fireOnInput(plan, 'NO', 'K1.IN3', 'K1.G'),
    promise: 'fire-outlives',
    events: 2,
  },
  {
    name: 'fire relay without a latch: the lock holds again when the line burns through',
    make: magnetDoor,
    edits: () => [set('F1', 'latch', 'following')],
    promise: 'fire-outlives',
    events: 2,
  },
  {
    name: 'fire contact bridged',
    make: magnetDoor,
    edits: () => [wire('F1.C', 'F1.NC', { number: 'W91' })],
    promise: 'fire-outlives',
    events: 1,
  },
  {
    name: 'supply’s fire input follows the panel instead of latching',
    make: lobby,
    edits: () => [set('F1', 'latch', 'following'), set('PS1', 'latch', 'following')],
    promise: 'fire-outlives',
    events: 2,
  },
  {
    name: 'break glass bridged at both poles',
    make: magnetDoor,
    edits: () => bridgedGlass,
    promise: 'glass-outlives',
    events: 1,
  },
  {
    name: 'break glass on the exit input: it releases for the exit time',
    make: magnetDoor,
    edits: (plan) => [
      move(plan, 'K1.NC1', 'EB1.1C', 'to', 'L1.+'),
      drop(plan, 'EB1.1NC', 'L1.+'),
      move(plan, 'L1.-', 'EB1.2NC', 'to', 'PS1.0V'),
      drop(plan, 'EB1.2C', 'PS1.0V'),
      wire('K1.EX1', 'EB1.1NO', { number: 'W91' }),
      wire('EB1.1C', 'K1.G1', { number: 'W92' }),
    ],
    promise: 'glass-outlives',
    events: 2,
  },
  {
    name: 'exit by the controller alone, no glass: it hangs',
    make: withoutGlass,
    edits: () => [],
    promise: 'way-out',
    events: 1,
  },
  {
    name: 'exits decided over the network, no glass: it is lost',
    make: withoutGlass,
    edits: () => [set('K1', 'offline', 'nothing')],
    promise: 'way-out',
    events: 1,
  },
  {
    name: 'exit set to report on a magnet, no glass',
    make: withoutGlass,
    edits: () => [set('K1', 'ch1.rex', 'reports')],
    promise: 'way-out',
    events: 0,
  },
  {
    name: 'lock that stays locked without power, a button for an exit, no lever: the keypad hangs',
    make: gate,
    edits: (plan) => [brief(plan, { mechanicalEgress: false })],
    promise: 'way-out',
    events: 1,
  },
  {
    name: 'interlock that makes exits wait, both glasses bridged: the other door stands open',
    make: vestibule,
    edits: () => [{ kind: 'setSetting', device: 'K1', setting: 'exits', value: 'wait' }, ...bridgedGlass],
    promise: 'way-out',
    events: 1,
  },
  {
    name: 'every card of the site opens while the network is lost',
    make: () => menuDoor('controller-1-menu'),
    edits: () => [set('K1', 'offline', 'facility')],
    promise: 'no-cause',
    events: 2,
  },
  {
    name: 'the bell at the street wired to the exit input',
    make: gate,
    edits: (plan) => [
      move(plan, 'PS1.+V', 'B1.a', 'from', 'K1.PUSH'),
      move(plan, 'B1.b', 'B2.+', 'to', 'K1.G'),
    ],
    promise: 'no-cause',
    events: 1,
  },
  {
    name: 'magnet on the throw that closes with the card',
    make: magnetDoor,
    edits: (plan) => [move(plan, 'K1.NC1', 'EB1.1C', 'from', 'K1.NO1')],
    promise: 'locks-again',
    events: 0,
  },
  {
    name: 'a relay behind the controller’s that holds itself: released once, released for good',
    make: magnetDoor,
    edits: (plan) => [
      add(plan, 'relay-double-12v', 'Q9'),
      wire('K1.NO1', 'Q9.A1', { number: 'W91' }),
      wire('Q9.A2', 'PS1.0V', { number: 'W92' }),
      wire('Q9.1C', 'PS1.+V', { number: 'W93' }),
      wire('Q9.1NO', 'Q9.A1', { number: 'W94' }),
      move(plan, 'EB1.1NC', 'L1.+', 'to', 'Q9.2C'),
      wire('Q9.2NC', 'L1.+', { number: 'W95' }),
    ],
    promise: 'locks-again',
    events: 2,
  },
  {
    name: 'exit button across a fused positive: pressed once, the fuse is gone',
    make: () => menuDoor('controller-1-menu'),
    edits: (plan) => [
      add(plan, 'fuse-inline', 'FU9'),
      set('FU9', 'fuse', '0.5'),
      move(plan, 'PS1.+V', 'F1.C', 'from', 'FU9.2'),
      wire('PS1.+V', 'FU9.1', { number: 'W91' }),
      drop(plan, 'K1.IN1', 'X1.C'),
      drop(plan, 'X1.NO', 'K1.G'),
      wire('FU9.2', 'X1.C', { number: 'W92' }),
      wire('X1.NO', 'PS1.0V', { number: 'W93' }),
    ],
    promise: 'locks-again',
    events: 2,
  },
  {
    name: 'door contact on the exit input: letting the door close unlocks it',
    make: magnetDoor,
    edits: (plan) => [move(plan, 'K1.DC1', 'C1.a', 'from', 'K1.EX1'), drop(plan, 'K1.EX1', 'X1.COM')],
    promise: 'no-cause',
    events: 2,
  },
  {
    name: 'door contact bridged: forced open, with no alarm',
    make: magnetDoor,
    edits: () => [wire('C1.a', 'C1.b', { number: 'W91' })],
    promise: 'alarm',
    events: 1,
  },
  {
    name: 'a bridge past the controller’s relay: a valid card lets nobody in',
    make: magnetDoor,
    edits: () => [wire('K1.COM1', 'K1.NC1')],
    promise: 'lets-in',
    events: 1,
  },
  {
    name: 'door contact off: forced open, with no alarm',
    make: magnetDoor,
    edits: (plan) => [drop(plan, 'K1.DC1', 'C1.a')],
    promise: 'alarm',
    events: 1,
  },
  {
    name: 'operator that does not work the lock: it pushes against it',
    make: operator,
    edits: (plan) => [move(plan, 'F1.NC', 'O1.LC', 'to', 'EB1.1C'), drop(plan, 'O1.LNC', 'EB1.1C')],
    promise: 'operator-waits',
    events: 2,
  },
  {
    name: 'contact of the other mantrap door bridged: it stands open, and this one is released',
    make: vestibule,
    edits: (plan) => [
      {
        kind: 'connect',
        conductor: {
          ...plan.conductors['D02/W01']!,
          id: 'D02/W91',
          number: 'W91',
          from: terminalId('D02/C1', 'a'),
          to: terminalId('D02/C1', 'b'),
        },
      },
    ],
    promise: 'one-at-a-time',
    events: 4,
  },
  {
    name: 'contact of this mantrap door bridged: it stands open, and a card releases the other',
    make: vestibule,
    edits: (plan) => [
      {
        kind: 'connect',
        conductor: {
          ...plan.conductors['D01/W01']!,
          id: 'D01/W91',
          number: 'W91',
          from: terminalId('D01/C1', 'a'),
          to: terminalId('D01/C1', 'b'),
        },
      },
    ],
    promise: 'one-at-a-time',
    events: 2,
  },
];
