import { findType, typeProblems } from '../../devices/index';
import { describe } from './kind';

export const TYPES = describe('types', {
  list: 'types',
  as: 'type',
  word: 'device type',
  key: 'id',
  verbs: { add: 'addType', remove: 'removeType' },
  fixed: ['id'],
  most: 1000,
  refs: [],
  problem(_plan, type) {
    if (findType(type.id)) return { reason: 'exists', what: 'device type', id: type.id, at: 'id' };
    const [problem] = typeProblems(type);
    return problem ? { reason: 'bad-type', id: `${type.id}: ${problem.path}`, at: problem.path } : null;
  },
  secrets: {},
  doors: () => [],
});
