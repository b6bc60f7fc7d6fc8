import { messages } from '../../../messages';

export const say = messages({
  whatWasFoundIn: (tag: string) => `What was found in ${tag}`,
  lineSlotNumberThen:
    'A line a slot: its number, then a code, a card as it is printed, or both; a dash for an empty one, a question mark for one that is in use by nobody knows what. Slots that no line names stay as they are recorded.',
  codeCardLineAdded: 'A code or a card a line. It is added to what is recorded.',
  asFound: 'As found',
  line: (line: number) => `Line ${line},`,
  everyLookedNoLine: (isSlots: boolean) =>
    `Every ${isSlots ? 'slot' : 'entry'} was looked at: what no line names is not there`,
  record: 'Record',
  record2: (taken: number) => `Record ${taken === 1 ? 'one line' : `${taken} lines`}`,
});
