import { useState } from 'react';
import { cableBetween, lengthBetween } from '#core/door/index';
import {
  type TerminalId,
  deviceOf,
  nextWireNumber,
  terminalLabel,
  type Conductor,
  type DoorId,
  type WireLine,
} from '#core/plan/index';
import { metres } from '#core/units/index';
import { say } from '#words/parts/useWiring';
import { useStore } from '../store/context';

export interface Wiring {
  /** Wire chosen for a closer look, and the first terminal of a wire being laid. */
  readonly chosenWire: string | null;
  readonly chosenTerminal: TerminalId | null;
  readonly draft: string;
  chooseWire(id: string | null): void;
  chooseTerminal(id: TerminalId): void;
  setDraft(text: string): void;
  /** Lays a wire and gives its id; null where it was refused. */
  lay(line: WireLine): string | null;
  remove(id: string): void;
}

/** Laying and taking away wires at a door, by pointing or by typing. */
export function useWiring(door: DoorId): Wiring {
  const store = useStore();
  const [chosenWire, chooseWire] = useState<string | null>(null);
  const [chosenTerminal, setTerminal] = useState<TerminalId | null>(null);
  const [draft, setDraft] = useState('');

  const chooseTerminal = (id: TerminalId) => {
    const { plan } = store.getState();
    const name = (terminal: TerminalId) => terminalLabel(plan, terminal, door);
    if (chosenTerminal === null || chosenTerminal === id) {
      setTerminal(chosenTerminal === id ? null : id);
      setDraft(chosenTerminal === id ? '' : `${name(id)} `);
      return;
    }
    setTerminal(null);
    setDraft('');
    void join(chosenTerminal, id, `${name(chosenTerminal)} ${name(id)}`);
  };

  /** Two terminals make a wire: it is laid at once with a length from where the devices stand, and chosen for changes. */
  const join = async (one: TerminalId, other: TerminalId, line: string) => {
    // What reads a typed wire is fetched when somebody first lays one.
    const { parseWireLine } = await import('#core/plan/wireLine');
    const { plan } = store.getState();
    const parsed = parseWireLine(plan, door, line);
    if (!parsed.ok) return;
    const [from, to] = [plan.devices[deviceOf(one)], plan.devices[deviceOf(other)]];
    chooseWire(lay({ ...parsed.line, length: lengthBetween(from, to, metres(12)) }));
  };

  const lay = (line: WireLine): string | null => {
    const { plan } = store.getState();
    const number = nextWireNumber(plan, door);
    let id = `${door}/${number}`;
    while (plan.conductors[id]) id += "'";
    const cable = cableBetween(plan.devices[deviceOf(line.from)], plan.devices[deviceOf(line.to)]);
    const conductor: Conductor = { id, door, number, ...line, cable, origin: 'hand' };
    return store.dispatch({ kind: 'connect', conductor }, say.lay(number)) ? id : null;
  };

  const remove = (id: string) => {
    const wire = store.getState().plan.conductors[id];
    if (!wire) return;
    chooseWire(null);
    store.dispatch({ kind: 'disconnect', id }, say.remove(wire.number));
  };

  return { chosenWire, chosenTerminal, draft, chooseWire, chooseTerminal, setDraft, lay, remove };
}
