import type { LeftOut, NewDoorFault } from '#core/door/index';
import type { DoorRowFault } from '#core/formats/table/doorRows';
import { refusalWords } from './problems';
import { quantityFaultWords } from './quantities';
import { spoken } from '../messages';

/** What stands against a door that is to be made, as a sentence. */
export const newDoorFaultWords = spoken(function newDoorFaultWords(
  fault: NewDoorFault | DoorRowFault,
): string {
  switch (fault.code) {
    case 'number-taken':
      return `There is a door ${fault.word} already.`;
    case 'no-such-door':
      return `There is no door “${fault.word}” to be like.`;
    case 'bad-number':
      return `“${fault.word}” cannot be a door’s number: letters, digits, spaces, _ and -.`;
    case 'bad-people':
      return `“${fault.word}” is neither yes nor no.`;
    case 'bad-length':
      return `“${fault.word}”: ${quantityFaultWords(fault.fault, 'm')}`;
    case 'refused':
      return refusalWords(fault.refusal);
  }
});

/** What a copy could not take over, as sentences. */
export const leftOutWords = spoken(function leftOutWords(left: readonly LeftOut[]): string[] {
  const addresses = left.flatMap((one) => (one.kind === 'address' ? [`${one.tag} ${one.setting}`] : []));
  const shared = left.flatMap((one) => (one.kind === 'shared' ? [`${one.number} at ${one.at}`] : []));
  return [
    ...(addresses.length > 0
      ? [`Addresses are each device’s own and are left out: ${addresses.join(', ')}.`]
      : []),
    ...(shared.length > 0
      ? [
          `Wires to another door end at the same terminals again: ${shared.join(', ')}. See whether there is room.`,
        ]
      : []),
  ];
});
