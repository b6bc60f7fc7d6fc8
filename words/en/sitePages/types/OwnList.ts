import { messages } from '../../../messages';

export const say = messages({
  version: (version: number) => `version ${version}`,
  notInUse: 'not in use',
  inUse: (used: string) => `in use: ${used}`,
  change: 'Change',
  duplicate: 'Duplicate',
  json: 'JSON',
  itIsInUse: 'It is in use',
  remove: 'Remove',
  fileNotTakenNothing: 'That file was not imported; nothing was changed.',
  isNotJson: (file: string, message: string) => `${file} is not JSON: ${message}`,
});
