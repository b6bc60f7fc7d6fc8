import { figure, type Words } from '../text';

export const batteryShort: Words = {
  title: (v) => `The battery of ${v['tag']} lasts ${figure(v, 'measured', 1)} h; ${v['limit']} h required`,
  reason: () =>
    'At the end of its life, with the door at rest. After that the door has no power: fit a larger battery, or require fewer hours.',
};
