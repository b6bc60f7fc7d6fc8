/** What of a wire Aldaba assumes where nobody says it. */
export const ASSUMABLE = ['length', 'colour', 'gauge'] as const;
export type Assumable = (typeof ASSUMABLE)[number];

/** Answers of a brief that stand at something before anybody has answered. */
export const ASSUMED_ANSWERS = ['outdoors', 'slowWalkers', 'readerDistance'] as const;
export type AssumedAnswer = (typeof ASSUMED_ANSWERS)[number];
