import { messages } from '../../../messages';

export const say = messages({
  latching: 'latching',
  notLatched: 'not latched',
  zone: (count: number) => `Zone ${count}`,
  addAFireZone: 'add a fire zone',
  sayWhatDoesTo: (zone: string, door: string) => `say what ${zone} does to ${door}`,
  sayWhichRelaysTrips: (zone: string) => `say which relays ${zone} trips`,
  whatTheFirePanelReleases: (site: string) => `${site}: what the fire panel releases`,
  noFireZonesYet: 'No fire zones yet',
  zoneFirePanelTells:
    'A zone is what the fire panel tells of by itself: which relays it trips, which doors must be free then.',
  zonesAgainstDoors: 'Zones against doors',
  eachFireZoneDoes: 'What each fire zone does to each door',
  releasedBy: 'Released by',
  nothingAsked: 'nothing asked',
  mustBeFree: 'must be free',
  mustStayShut: 'must stay locked',
  pressCellAskDoor:
    'Press a cell to ask that the door be free in that zone, that it stay locked, or nothing. What it does is proven, not entered.',
  trips: 'trips',
  noRelay: 'no relay',
  noDoor: 'no door',
  tripsReleases: (relays: string, releases: string, count: number, keeps: string) =>
    `Trips ${relays}; releases ${releases}${count > 0 ? `; keeps ${keeps} locked` : ''}.`,
  takeOutAFireZone: 'remove a fire zone',
  remove: (zone: string) => `Remove ${zone}`,
  fireZone: 'Fire zone',
  printForTheFireOfficer: 'Print for the fire officer',
});
