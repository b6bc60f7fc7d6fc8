import { readInput, settle } from '../circuit/index';
import type { CardOutcome, SimState } from './simState';
import { conditionsOf } from './settleState';
import type { Inhabitant, World } from './world';

export interface CardRead {
  readonly outcome: CardOutcome;
  /** Who saw both lines move: the controller and its channel. */
  readonly controller: string | null;
  readonly channel: number;
}

/**
 * Sends a card's bits through the circuit: the reader pulls D0 low, then D1, and each time the inputs of
 * every controller are read. A missing common, an unpowered board or crossed lines show by themselves.
 */
export function readCard(world: World, state: SimState, reader: Inhabitant): CardRead {
  const spec = reader.type.behaviour;
  const id = reader.device.id;
  const lost = (outcome: CardOutcome): CardRead => ({ outcome, controller: null, channel: 0 });
  if (spec.kind !== 'reader' || state.boards.get(`${id}:${spec.board}`) !== true) return lost('reader-dead');
  const moved = (pull: string): Set<string> => {
    const conditions = { ...conditionsOf(state), states: new Set([...state.states, `${id}:${pull}`]) };
    const point = settle(world.netlist, conditions, state.point.on);
    return new Set(
      [...state.readings].flatMap(([input, before]) =>
        before === 'open' && readInput(world.netlist, point, input) === 'closed' ? [input] : [],
      ),
    );
  };
  const [zero, one] = [moved(spec.d0), moved(spec.d1)];
  for (const { device, type } of world.inhabitants) {
    if (type.behaviour.kind !== 'controller') continue;
    for (const [channel, { d0Input, d1Input }] of type.behaviour.channels.entries()) {
      const [d0, d1] = [`${device.id}:${d0Input}`, `${device.id}:${d1Input}`];
      const at = { controller: device.id, channel };
      if (zero.has(d0) && one.has(d1)) return { outcome: 'read', ...at };
      if (zero.has(d1) && one.has(d0)) return { outcome: 'lines-swapped', ...at };
      if (zero.has(d0) || one.has(d1)) return { outcome: 'one-line-missing', ...at };
    }
  }
  return lost('nothing-arrives');
}
