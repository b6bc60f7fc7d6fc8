import type { DeviceType } from './deviceType';

/**
 * Device types that are known by id. Whoever imports the library knows all of it; a page that has just come knows those that
 * its plan uses, and the library a moment later. A type is never taken back or changed: what is known stays so.
 */
const known = new Map<string, DeviceType>();

export function know(types: readonly DeviceType[]): void {
  for (const type of types) if (!known.has(type.id)) known.set(type.id, type);
}

/** The type with this id, or undefined: the caller says what an unknown type means where it stands. */
export const findType = (id: string): DeviceType | undefined => known.get(id);
