import { messages } from '../../../messages';

export const say = messages({
  nothing: 'nothing',
  leaveSlackEveryDevice: (small: string, small2: string) =>
    `Leave ${small} of slack at every device, take ${small2} of sheath off, tug every conductor. Cap unused conductors each on its own.`,
  printTheCards: 'Print the cards',
  terminalsOf: (tag: string) => `Terminals of ${tag}`,
  landsOrderTerminals: (tag: string) => `What lands on ${tag}, in the order of its terminals`,
  terminal: 'Terminal',
  wire: 'Wire',
  goesTo: 'Goes to',
  prepare: 'Prepare',
  itStandsAt: (door: string) => `It stands at ${door}.`,
  lead: (lead: string) => `${lead} lead`,
  capItOnItsOwn: 'cap it on its own',
  link: 'link',
  mm: (mm: number) => `${mm} mm`,
  ferrule: (small: string, twin: boolean, formatGauge: string) =>
    `${small}, ${twin ? 'twin ' : ''}ferrule ${formatGauge}`,
  bare: (small: string) => `${small} bare`,
});
