import { outerPin, type DeviceType } from '../../devices/index';
import type { ColourRole, TerminalId } from '../../plan/index';
import type { Placed } from '../../door/index';
import type { Ledger } from '../capacity';
import type { Run } from '../run';
import { pin, run } from './template';

/** A contact between two terminals of a device. */
export interface ContactAt {
  readonly at: Placed;
  readonly ends: { readonly a: string; readonly b: string };
}

/** Colours of the pair to an input. */
export interface PairColours {
  readonly live: ColourRole;
  readonly common: ColourRole;
}
export const EXIT: PairColours = { live: 'exit', common: 'exit-common' };
export const CONTACT: PairColours = { live: 'contact', common: 'contact-common' };

/** Several contacts in parallel across an input: any of them closes it. */
export function inParallel(
  contacts: readonly ContactAt[],
  input: TerminalId,
  common: TerminalId,
  colours: PairColours,
  ledger: Ledger,
): Run[] {
  const live: [TerminalId, ...TerminalId[]] = [input];
  const back: [TerminalId, ...TerminalId[]] = [common];
  return contacts.flatMap(({ at, ends }) => {
    const runs = [
      run(ledger.takeAny(live), ledger.take(pin(at, ends.a)), colours.live, 'signal'),
      run(ledger.take(pin(at, ends.b)), ledger.takeAny(back), colours.common, 'signal'),
    ];
    live.push(pin(at, ends.a));
    back.push(pin(at, ends.b));
    return runs;
  });
}

/** Several contacts in series: each must be closed. */
export function inSeries(
  contacts: readonly ContactAt[],
  input: TerminalId,
  common: TerminalId,
  colours: PairColours,
  ledger: Ledger,
): Run[] {
  const chain = [input, ...contacts.flatMap(({ at, ends }) => [pin(at, ends.a), pin(at, ends.b)]), common];
  const runs: Run[] = [];
  for (let i = 0; i + 1 < chain.length; i += 2) {
    const role = i + 2 >= chain.length ? colours.common : colours.live;
    runs.push(run(ledger.take(chain[i]!), ledger.take(chain[i + 1]!), role, 'signal'));
  }
  return runs;
}

export const contactsOf = (
  devices: readonly Placed[],
  role:
    | 'exitContact'
    | 'doorContact'
    | 'statusContact'
    | 'bellContact'
    | 'alarmContact'
    | 'lidContact'
    | 'safetyContact'
    | 'stopContact',
): ContactAt[] => devices.flatMap((at) => (at.type.roles[role] ? [{ at, ends: at.type.roles[role] }] : []));

/** Form of the contact between a device's two terminals, also where a resistor of its own lies between. */
export const formOf = ({ at, ends }: ContactAt): 'NO' | 'NC' => {
  const { type } = at;
  const part = type.parts.find((one) => {
    const outer = [one.a, one.b].map((end) => outerPin(type, end));
    return one.kind === 'contact' && outer.includes(ends.a) && outer.includes(ends.b);
  });
  if (part?.kind !== 'contact') return 'NO';
  const turned = isPulledAtRest(type, part.state);
  return turned ? (part.form === 'NO' ? 'NC' : 'NO') : part.form;
};

/** True of a relay inside that is pulled in as long as the device is fed and nothing is seen: its contacts rest as they are not marked. */
const isPulledAtRest = (type: DeviceType, state: string): boolean => {
  const coil = type.parts.find(({ kind, id }) => kind === 'coil' && id === state);
  const inner = [coil?.a, coil?.b].find((end) => end?.startsWith('~'));
  return type.parts.some(
    (one) => one.kind === 'contact' && one.form === 'NC' && (one.a === inner || one.b === inner),
  );
};
