import { volts, gaugeHint, type Words, size } from '../text';

export const lockUnderVoltage: Words = {
  title: (v) => `${v['tag']} gets too little voltage`,
  reason: (v) => `Lowest ${volts(v, 'measured')}; it needs ${volts(v, 'limit')}.${gaugeHint(v)}`,
  remedy: (v) => (v['setting'] ? `Set it for ${v['setting']} V` : `Use ${size(v)}`),
};
