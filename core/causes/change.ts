import type { Finding } from '../checks/index';
import type { Conductor, ConductorId, DeviceId, Edit, TerminalId } from '../plan/index';
import type { SettingValue } from '../devices/index';

/** One end of a wire, and where it stands. */
export interface WireEnd {
  readonly wire: ConductorId;
  readonly end: 'from' | 'to';
  readonly at: TerminalId;
}

/** One thing that people get wrong, told as what would put it right. */
export type Change =
  /** A wire's end stands on `from` and belongs on `to`. */
  | {
      readonly kind: 'move';
      readonly wire: ConductorId;
      readonly end: 'from' | 'to';
      readonly from: TerminalId;
      readonly to: TerminalId;
    }
  /** Two wires stand on each other's terminals of one device. */
  | {
      readonly kind: 'exchange';
      readonly device: DeviceId;
      readonly one: WireEnd;
      readonly two: WireEnd;
    }
  | { readonly kind: 'lay'; readonly conductor: Conductor }
  | { readonly kind: 'take-out'; readonly wire: ConductorId }
  | {
      readonly kind: 'set';
      readonly device: DeviceId;
      readonly setting: string;
      readonly value: SettingValue | null;
    }
  /** A connector is plugged in the wrong way round: its leads belong on the pins that mirror theirs. */
  | {
      readonly kind: 'turn';
      readonly device: DeviceId;
      readonly leads: readonly {
        readonly wire: ConductorId;
        readonly end: 'from' | 'to';
        readonly to: TerminalId;
      }[];
    }
  /** A small part is of the wrong value: one with the same leads belongs in its place. */
  | { readonly kind: 'exchange-part'; readonly device: DeviceId; readonly type: string }
  /** Small parts are missing, each by its type; `edit` adds and wires them. */
  | { readonly kind: 'add-parts'; readonly types: readonly string[]; readonly edit: Edit }
  /** What the rule that found it proposes. */
  | { readonly kind: 'remedy'; readonly finding: Finding; readonly edit: Edit };

/** Changes that may be the repair of a door, with how much they touch and how unlikely the mistake is among people. */
export interface Candidate {
  readonly changes: readonly Change[];
  readonly cost: number;
  /** Takes two doors apart that a mixed-up cable joins: what protects the other one need not reach this one any more. */
  readonly apart?: true;
}

/** The edits of a change. */
export function editsOf(change: Change): Edit[] {
  switch (change.kind) {
    case 'move':
      return [{ kind: 'setConductor', id: change.wire, patch: { [change.end]: change.to } }];
    case 'exchange':
      return [
        { kind: 'setConductor', id: change.one.wire, patch: { [change.one.end]: change.two.at } },
        { kind: 'setConductor', id: change.two.wire, patch: { [change.two.end]: change.one.at } },
      ];
    case 'lay':
      return [{ kind: 'connect', conductor: change.conductor }];
    case 'take-out':
      return [{ kind: 'disconnect', id: change.wire }];
    case 'set':
      return [{ kind: 'setSetting', device: change.device, setting: change.setting, value: change.value }];
    case 'turn':
      return change.leads.map(({ wire, end, to }): Edit => ({
        kind: 'setConductor',
        id: wire,
        patch: { [end]: to },
      }));
    case 'exchange-part':
      return [{ kind: 'setDevice', id: change.device, patch: { type: change.type } }];
    case 'add-parts':
    case 'remedy':
      return [change.edit];
  }
}

/** All changes of a candidate as one edit, and so as one undo. */
export function editOf({ changes }: Pick<Candidate, 'changes'>, label: string): Edit {
  const edits = changes.flatMap(editsOf);
  return edits.length === 1 ? edits[0]! : { kind: 'batch', label, edits };
}
