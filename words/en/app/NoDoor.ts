import { messages } from '../../messages';

export const say = messages({
  thereIsNoDoor: (missing: string) => `There is no door ${missing}`,
  mayBeenRemovedChoose: 'It may have been removed. Choose another from the list of doors.',
  hasNoDoorsYet: (site: string) => `${site} has no doors yet`,
  planTheFirstDoor: 'Plan the first door',
  briefDoorChooseHardware:
    'Brief a door, choose its hardware, and Aldaba wires it, proves what it does in every situation, and prints the pack to hand over.',
});
