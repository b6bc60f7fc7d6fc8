import { messages } from '../../messages';

export const say = messages({
  allDoors: 'All doors',
  supplies: 'Supplies',
  release: 'Release',
  intercomAndBuses: 'Intercom and buses',
  people: 'People',
  types: 'Types',
  log: 'Log',
  pack: 'Pack',
});
