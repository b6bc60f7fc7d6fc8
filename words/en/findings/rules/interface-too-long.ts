import { INTERFACE_NAMES, num, type Words } from '../text';

export const interfaceTooLong: Words = {
  title: (v) => `${v['tag']} is too far away`,
  reason: (v) =>
    `${Math.round(num(v, 'measured'))} m of cable; ${INTERFACE_NAMES[String(v['kind'])] ?? 'this interface'} carries about ${v['limit']} m. The manufacturer’s figure decides.`,
};
