import type { EditRefusal, LineFault } from '#core/plan/index';

/** Why an edit was refused, as a sentence. */
export function refusalWords(refusal: EditRefusal): string {
  switch (refusal.reason) {
    case 'missing':
      return `There is no ${refusal.what} “${refusal.id}” any more.`;
    case 'exists':
      return `There is already a ${refusal.what} “${refusal.id}”.`;
    case 'unknown-type':
      return `“${refusal.id}” is not a device type.`;
    case 'unknown-terminal':
      return `There is no terminal “${refusal.id}”.`;
    case 'same-terminal':
      return 'Both ends are at the same terminal.';
    case 'tag-taken':
      return `The tag “${refusal.id}” is taken at this door.`;
    case 'number-taken':
      return `The wire number “${refusal.id}” is taken at this door.`;
    case 'in-use':
      return `“${refusal.id}” is still in use.`;
    case 'bad-type':
      return `The device type is not whole: ${refusal.id}.`;
    case 'bad-setting':
      return `“${refusal.id}” is not a value this device takes.`;
    case 'id-differs':
      return `“${refusal.id}” is not the id that belongs to it.`;
    case 'too-many':
      return `A site has at most ${refusal.most} of these: ${refusal.what}.`;
    case 'invalid':
      return `${refusal.id ? `At ${refusal.id}: ` : ''}${refusal.message}.`;
  }
}

/** What a typed wire lacks, as a sentence. */
export function lineFaultWords(fault: LineFault): string {
  const some = (n: number) => fault.choices.slice(0, n).join(', ');
  switch (fault.code) {
    case 'empty':
      return 'Write two terminals, then colour, size and length: PS1.+V K1.COM1 RD 1.0 14m';
    case 'no-second':
      return 'A wire needs a second terminal.';
    case 'unknown-device':
      return `No device “${fault.word}” here. There are ${some(8)}.`;
    case 'no-terminal':
      return `Which terminal of ${fault.word}? It has ${some(12)}.`;
    case 'unknown-terminal':
      return `“${fault.word}” is not a terminal. There are ${some(12)}.`;
    case 'same-terminal':
      return 'Both ends are at the same terminal.';
    case 'unknown-word':
      return `Cannot read “${fault.word}”. Give a colour (RD, BK, BU...), a size (1.0 or 18AWG) or a length (14m).`;
    case 'twice':
      return `“${fault.word}” says a second time what is already said.`;
  }
}
