import '../devices/library/index';
export { backToday, editToday } from './asToday';
export { admit, parseEdit, type Admitted } from './admit';
export { renewed } from './older';
export { DEEPEST_BATCH, MOST_EDITS, patchOf } from './editSchema';
export { issuesOf, pathText, type Issue } from './issueText';
export { SCHEMAS, siteSchema } from '../plan/schemas/index';
