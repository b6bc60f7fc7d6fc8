/** Interfaces with the longest cable each is made for. Source: usual device ratings; the maker's figure decides. */
export const INTERFACES = {
  wiegand: { metres: 150, screened: true },
  rs485: { metres: 1200, screened: true },
  serial: { metres: 15, screened: true },
  'dry-input': { metres: 300, screened: false },
  'supervised-input': { metres: 600, screened: false },
  audio: { metres: 150, screened: true },
  ethernet: { metres: 100, screened: false },
} as const satisfies Record<string, { metres: number; screened: boolean }>;

export type InterfaceId = keyof typeof INTERFACES;
/** Unit loads that one RS-485 segment carries. Source: TIA-485-A, 32 unit loads. */
export const BUS_UNIT_LOADS = 32;
