/**
 * What still decides while the network is lost: its own list, as it was sent last; whoever has a card of the site, known or
 * not (facility); nobody's card or code, while exits still work; nothing at all, exits neither.
 */
export const OFFLINE = ['keeps', 'facility', 'refuses', 'nothing'] as const;
export type Offline = (typeof OFFLINE)[number];
