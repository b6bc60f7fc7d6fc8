import { messages } from '../../../messages';

export const say = messages({
  aLanguageThatIsWritten: (tried: number) => `a language that is written ${tried}`,
  card12: 'Card 12',
  finger: (number: number) => `Finger ${number}`,
  holdsNobody: (hasProgrammingCode: boolean, programmingCode: string) =>
    `Holds nobody${hasProgrammingCode ? `; programming code ${programmingCode}` : ''}.`,
  holds: (held: string) => `Holds ${held}.`,
  asFromTheFactory: 'As from the factory',
});
