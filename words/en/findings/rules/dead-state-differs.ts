import { stateSentence, stateVerb, type Words } from '../text';

export const deadStateDiffers: Words = {
  title: (v) => `${v['tag']} is ${v['real']}; this door should be ${v['wanted']}`,
  reason: (v) =>
    `Chosen for this door: ${stateSentence(String(v['wanted']))}. ${v['tag']} ${stateVerb(String(v['real']))}.`,
  remedy: (v) => `Set ${v['tag']}`,
};
