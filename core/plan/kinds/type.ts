import { asDeviceType, deviceTypeSchema, findType, typeProblems } from '../../devices/index';
import { describe } from './kind';

/** A device type made at this site, by id with version: `bench-reader@2`. */
export const typeSchema = deviceTypeSchema.transform(asDeviceType);

export const TYPES = describe('types', {
  list: 'types',
  as: 'type',
  word: 'device type',
  key: 'id',
  schema: typeSchema,
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
