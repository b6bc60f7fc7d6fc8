import type { DeviceType } from '#core/devices/index';

/** What every part of the editor of a type is given. */
export interface TypePart {
  readonly draft: DeviceType;
  set(patch: Partial<DeviceType>): void;
  onChange(type: DeviceType): void;
}

/** The board of a type, which its functions belong to; empty where it has none. */
export const boardOf = (type: DeviceType): string =>
  type.parts.find(({ kind }) => kind === 'electronic')?.id ?? '';
