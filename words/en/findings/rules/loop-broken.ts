import { loopName, type Words } from '../text';

export const loopBroken: Words = {
  title: (v) => `The ${loopName(String(v['kind']))} loop of ${v['tag']} is open`,
  reason: (v) => `Nothing joins ${v['from']} and ${v['to']}.`,
  remedy: () => 'Add the missing wire',
};
