import { figure, type Words } from '../text';

export const batterySound: Words = {
  title: (v) => `Battery lasts ${figure(v, 'measured', 1)} h; ${v['limit']} h required`,
  reason: (v) => `${v['tag']}, with a battery at the end of its life and the door at rest.`,
};
