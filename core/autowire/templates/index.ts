import { readerBus, readerData } from './data';
import { devicePower } from './devicePower';
import { alarmedDrives, driveLoops } from './drives';
import { egress } from './egress';
import { alarmSounder, bell, indicator, lockdown, interposing, suppression } from './extras';
import { alarmLine, doorContact, exitRequest, fireInput, lockStatus, tamperLoop, trigger } from './inputs';
import { lockPower } from './lockPower';
import type { Template } from './template';

/** All templates in the order a door is wired. */
export const TEMPLATES: readonly Template[] = [
  lockPower,
  devicePower,
  exitRequest,
  egress,
  trigger,
  doorContact,
  lockStatus,
  tamperLoop,
  driveLoops,
  alarmedDrives,
  readerData,
  readerBus,
  fireInput,
  alarmLine,
  interposing,
  bell,
  alarmSounder,
  lockdown,
  indicator,
  suppression,
];

export type { Template } from './template';
export { portAt } from './data';
export { suits, supplyFor } from './suits';
export { stateFor } from './lockPower';
