import type { Edit } from '../../plan/index';

/** The remedy that gives a device this setting; none where there is no such setting. */
export const setSetting = (
  device: string,
  setting: string | null | undefined,
  value: string | number,
): { remedy?: Edit } => (setting ? { remedy: { kind: 'setSetting', device, setting, value } } : {});
