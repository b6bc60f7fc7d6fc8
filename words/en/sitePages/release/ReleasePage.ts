import { messages } from '../../../messages';

export const say = messages({
  rooms: 'Rooms',
  fireZones: 'Fire zones',
  faults: 'Faults',
  doors: 'Doors',
  noDoorsYet: 'No doors yet',
  releasesStandsHereOnce: 'What releases what stands here once there are doors.',
  releaseSeenAs: 'Release, seen as',
  noRoomsYet: 'No rooms yet',
  sayWhichRoomsBetween:
    'Say which rooms there are and between which of them each door stands: then Aldaba tells from which of them people get out, in every situation.',
  situation: 'Situation',
  verdictsOnTheSite: 'Verdicts on the site',
  lookingRoomsStumbledChange: 'Looking at the rooms stumbled. Change anything, or load the page anew.',
  oneMoment: 'One moment…',
  verdictsToSettle: (toSettle: number) => `Verdicts: ${toSettle} to settle`,
  letsPeopleGoInto: (door: string, spaceName: string) => `${door} lets people go into ${spaceName}`,
  fireNobodyGetsWay: 'In a fire nobody gets on from there: a way out ends behind this door.',
  everybodyGetsOut: 'Everybody gets out',
  everybodyElseGetsOut: 'Everybody else gets out',
  roomsEverySituationLooked: (left: number, rooms: number) =>
    `${left} of ${rooms} rooms, in every situation that is looked at.`,
  notProven: (unproven: string) => `Not proven: ${unproven}`,
  doorWayNotWhole: 'A door on the way is not whole yet, or its plan does not say enough.',
  nobodySaidBetweenWhich: (unsaid: string) => `${unsaid}: nobody has said between which rooms`,
  theyCountWallsUntil: 'They count as walls until then.',
  canBeEnteredFromOutside: (spaceName: string) => `${spaceName} can be entered from outside`,
  everyDoorWayStands: (situations: string) => `${situations}: every door on the way stands open then.`,
  everyDoorOpensWhenDead: 'Every door opens when dead',
  whoeverTakesPowerAway:
    'Whoever takes the power away walks through the whole site: ask which door must stay shut then.',
  opensAndMustNot: 'opens, and must not',
  isNotHeldReleased: 'is not held released',
  isNotReleased: 'is not released',
  relayZoneTripsLets: 'A relay that this zone trips lets it go.',
  whenLineFirePanel: 'When the line of the fire panel burns through the lock holds again.',
  noneRelaysZoneTrips:
    'None of the relays that this zone trips frees it, or it asks for an act all the same.',
  nobodyLeaves: (spaceName: string) => `Nobody leaves: ${spaceName}`,
  wouldHelpBeingTried: 'What would help is being tried…',
  noSingleChangeTried: 'No single change that was tried helps: it takes another door, or another lock.',
});
