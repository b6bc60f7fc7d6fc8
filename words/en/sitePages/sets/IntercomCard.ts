import { messages } from '../../../messages';

export const say = messages({
  setNoSupplyAdd: 'The set has no supply: add an intercom supply to one of its doors.',
  setOneSupplyOne: (devices: string) => `A set has one supply; this one has ${devices}. Take one out.`,
  nobodyAnswersAddAnswering: 'Nobody answers: add an answering station.',
  nobodyCallsAddDoor: 'Nobody calls: add a door station to a door.',
  bothChannelTheyWould: (devices: string, channel: number) =>
    `${devices} are both on channel ${channel}: they would speak at once, and one key would open both doors.`,
  channelAnsweringStations: (label: string, channel: number, most: number) =>
    `${label} is on channel ${channel}; the answering stations have ${most}.`,
  set: (label: string) => `set ${label}`,
  intercomSet: (set: string) => `Intercom set ${set}`,
  noSupply: 'no supply',
  noAnsweringStation: 'no answering station',
  feeds: (supplies: string, answering: string) => `${supplies} feeds ${answering}.`,
  channelsOfSet: (set: string) => `Channels of set ${set}`,
  doorStation: 'Door station',
  cores: 'Cores',
  itsKeyWorks: 'Its key works',
  onChannel: (label: string, one: number) => `${label} on channel ${one}`,
  coresOf: (label: string) => `Cores of ${label}`,
  twoJumperIn: 'two, jumper in',
  threeJumperOut: 'three, jumper out',
  noRelayAtItsDoor: 'no relay at its door',
  wireIntercomSet: (set: string) => `wire intercom set ${set}`,
  wireTheSet: 'Wire the set',
  wiresLie: (wired: number) => `${wired} wires lie. `,
  laysWiresAnsweringStations: (count: number) =>
    `Adds ${count} wires: answering stations in parallel, calls crossed, release wires in a cable of their own.`,
  nothingIsMissing: 'Nothing is missing.',
  keyNothingRelease: (withoutRelay: string) => ` ${withoutRelay}: the key has nothing to release.`,
  theSetCannotBeWired: 'The set cannot be wired',
});
