import { messages } from '../../../messages';

export const say = messages({
  versionOf: (tag: string, version: number, newer: string) => `${tag}: version ${version} of ${newer}`,
  nothingThatTheCircuitSees: 'Nothing that the circuit sees',
  backNewVersionDelivered: (lost: string, count: number) =>
    `${lost} ${count === 1 ? 'goes' : 'go'} back to what the new version is delivered with: it does not take the value set here.`,
  moveFirstNothingWasChanged: (hanging: string) => `Move ${hanging} first; nothing was changed.`,
  update: (tag: string) => `update ${tag}`,
  update2: (tag: string) => `Update ${tag}`,
});
