import type { RowFault } from '#core/formats/table/wireRows';
import type { LineFault } from '#core/plan/index';
import { formatGauge } from '#core/units/index';
import { quantityFaultWords } from './quantities';
import { spoken } from '../messages';

/** What a typed wire lacks, as a sentence. */
export const lineFaultWords = spoken(function lineFaultWords(fault: LineFault): string {
  switch (fault.code) {
    case 'empty':
      return 'Write two terminals, then colour, size and length: PS1.+V K1.COM1 RD 1.0 14m';
    case 'no-second':
      return 'A wire needs a second terminal.';
    case 'unknown-device':
    case 'no-terminal':
    case 'unknown-terminal':
      return endWords({ ...fault, code: fault.code });
    case 'same-terminal':
      return 'Both ends are at the same terminal.';
    case 'unknown-word':
      return `Cannot read “${fault.word}”. Give a colour (RD, BK, BU...), a size (1.0 or 18AWG) or a length (14m).`;
    case 'twice':
      return `“${fault.word}” says a second time what is already said.`;
  }
});

/** Why a row of a table is left out, as a sentence. */
export const rowFaultWords = spoken(function rowFaultWords(fault: RowFault): string {
  switch (fault.code) {
    case 'unknown-door':
      return `There is no door “${fault.word}” here.`;
    case 'no-wire':
      return `A wire needs two terminals: “${fault.word}” stands alone.`;
    case 'unknown-type':
      return `“${fault.word}” is not a device type.`;
    case 'tag-taken':
      return `The tag “${fault.word}” is taken at this door.`;
    case 'refused':
      return `“${fault.word}” cannot be laid: its number or a terminal is taken.`;
    case 'joined-already':
      return `${fault.word} joins these two already. Give the row that number to change it, or a free one to lay a second wire.`;
    case 'same-terminal':
      return 'Both ends are at the same terminal.';
    case 'unknown-device':
    case 'no-terminal':
    case 'unknown-terminal':
      return endWords({ ...fault, code: fault.code });
    case 'unknown-colour':
      return `“${fault.word}” is not a colour: write RD, red or rot.`;
    case 'unknown-size':
      return `“${fault.word}” is not a size of wire: write 0.75 mm² or 18 AWG.`;
    case 'which-size':
      return `Is “${fault.word}” ${fault.either.map(formatGauge).join(' or ')}? Write the unit.`;
    case 'bad-length':
      return `Length “${fault.word}”: ${quantityFaultWords(fault.fault, 'm')}`;
  }
});

/** Why a word names no terminal. */
function endWords({ code, word, choices }: EndFault): string {
  switch (code) {
    case 'unknown-device':
      return `No device “${word}” here. There are ${some(choices, 8)}.`;
    case 'no-terminal':
      return `Which terminal of ${word}? It has ${some(choices, 12)}.`;
    case 'unknown-terminal':
      return `“${word}” is not a terminal. There are ${some(choices, 12)}.`;
  }
}
interface EndFault {
  readonly code: 'unknown-device' | 'no-terminal' | 'unknown-terminal';
  readonly word: string;
  readonly choices: readonly string[];
}

/** The first few of a list, and how many more there are. */
const some = (choices: readonly string[], most: number): string =>
  choices.length <= most
    ? choices.join(', ')
    : `${choices.slice(0, most).join(', ')} and ${choices.length - most} more`;
