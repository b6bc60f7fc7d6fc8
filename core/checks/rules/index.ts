import { noLock } from './no-lock';
import { noSupply } from './no-supply';
import { noDecider } from './no-decider';
import { linkMissing } from './link-missing';
import { wrongPort } from './wrong-port';
import { portShared } from './port-shared';
import { readersSwapped } from './readers-swapped';
import { modeCoresBoth } from './mode-cores-both';
import { supplyIdle } from './supply-idle';
import { leavingForced } from './leaving-forced';
import { dipForbidden } from './dip-forbidden';
import { interlockTraps } from './interlock-traps';
import { switchTraps } from './switch-traps';
import { lockdownIdle } from './lockdown-idle';
import { fireDoorUnlatched } from './fire-door-unlatched';
import { lowEnergyByMotion } from './low-energy-by-motion';
import { lowEnergyTooFast } from './low-energy-too-fast';
import { presenceOneSide } from './presence-one-side';
import { dutyExceeded } from './duty-exceeded';
import { leafMisread } from './leaf-misread';
import { operatorInFire } from './operator-in-fire';
import { operatorUnminded } from './operator-unminded';
import { cardUnseen } from './card-unseen';
import { codeWeak } from './code-weak';
import { menuOpen } from './menu-open';
import { nobodyAdministers } from './nobody-administers';
import { allAdminister } from './all-administer';
import { keypadUnknown } from './keypad-unknown';
import { leaverOpens } from './leaver-opens';
import { lostCardOpens } from './lost-card-opens';
import { codeOfNobody } from './code-of-nobody';
import { languageUnknown } from './language-unknown';
import { operatorStands } from './operator-stands';
import { hoursNotKept } from './hours-not-kept';
import { passageUnset } from './passage-unset';
import { passbackOneSide } from './passback-one-side';
import { passbackFollows } from './passback-follows';
import { leafUnwatched } from './leaf-unwatched';
import { leafWithoutLock } from './leaf-without-lock';
import { batteryHolds } from './battery-holds';
import { relockUnseen } from './relock-unseen';
import { switchIdle } from './switch-idle';
import { interlockBlind } from './interlock-blind';
import { heldWithoutContact } from './held-without-contact';
import { notWired } from './not-wired';
import { loopBroken } from './loop-broken';
import { loopReversed } from './loop-reversed';
import { wrongInput } from './wrong-input';
import { wrongThrow } from './wrong-throw';
import { spareWire } from './spare-wire';
import { terminalFull } from './terminal-full';
import { shortCircuit } from './short-circuit';
import { linkSuperfluous } from './link-superfluous';
import { sourcesJoined } from './sources-joined';
import { switchBypassed } from './switch-bypassed';
import { partBridged } from './part-bridged';
import { sizeOutsideTerminal } from './size-outside-terminal';
import { wireTwice } from './wire-twice';
import { spareLegsTied } from './spare-legs-tied';
import { circuitsCrossed } from './circuits-crossed';
import { connectorReversed } from './connector-reversed';
import { pigtailsLoose } from './pigtails-loose';
import { drivenInput } from './driven-input';
import { reversedDevice } from './reversed-device';
import { overVoltage } from './over-voltage';
import { contactOverload } from './contact-overload';
import { wrongCurrent } from './wrong-current';
import { drivenOutput } from './driven-output';
import { supplyOverload } from './supply-overload';
import { restless } from './restless';
import { sensorWithoutSupply } from './sensor-without-supply';
import { deviceUnfed } from './device-unfed';
import { exitDead } from './exit-dead';
import { contactUnseen } from './contact-unseen';
import { contactInverted } from './contact-inverted';
import { eolOpen } from './eol-open';
import { eolMissing } from './eol-missing';
import { eolWrongValue } from './eol-wrong-value';
import { eolOnPlainInput } from './eol-on-plain-input';
import { eolAroundPart } from './eol-around-part';
import { eolWrongEnd } from './eol-wrong-end';
import { eolIdle } from './eol-idle';
import { exitHeld } from './exit-held';
import { leverUnheard } from './lever-unheard';
import { leverUnlocks } from './lever-unlocks';
import { pullUnheard } from './pull-unheard';
import { statusUnused } from './status-unused';
import { statusUnread } from './status-unread';
import { fireThroughController } from './fire-through-controller';
import { noSuppression } from './no-suppression';
import { diodeReversed } from './diode-reversed';
import { varistorBelowSupply } from './varistor-below-supply';
import { suppressionTooHigh } from './suppression-too-high';
import { suppressionIdle } from './suppression-idle';
import { bellSilent } from './bell-silent';
import { secondOutputIdle } from './second-output-idle';
import { operatorUnasked } from './operator-unasked';
import { operatorBlocked } from './operator-blocked';
import { operatorTooSoon } from './operator-too-soon';
import { contactInrush } from './contact-inrush';
import { notWeatherproof } from './not-weatherproof';
import { throwsBeforeShut } from './throws-before-shut';
import { capacityExceeded } from './capacity-exceeded';
import { channelClash } from './channel-clash';
import { channelBeyond } from './channel-beyond';
import { intercomSecondSupply } from './intercom-second-supply';
import { intercomNoSupply } from './intercom-no-supply';
import { intercomNoAnswer } from './intercom-no-answer';
import { jumperWithThreeCores } from './jumper-with-three-cores';
import { jumperMissing } from './jumper-missing';
import { stationNotParallel } from './station-not-parallel';
import { channelLineDiffers } from './channel-line-differs';
import { keyReleasesNothing } from './key-releases-nothing';
import { callNotCrossed } from './call-not-crossed';
import { lockVoltageSound } from './lock-voltage-sound';
import { lockUnderVoltage } from './lock-under-voltage';
import { deviceUnderVoltage } from './device-under-voltage';
import { fuseBlows } from './fuse-blows';
import { fuseOverload } from './fuse-overload';
import { inputUnset } from './input-unset';
import { inputTwice } from './input-twice';
import { offlineLetsAllIn } from './offline-lets-all-in';
import { phoneRange } from './phone-range';
import { releaseKills } from './release-kills';
import { headroom } from './headroom';
import { noBattery } from './no-battery';
import { batteryShort } from './battery-short';
import { batterySound } from './battery-sound';
import { briefOpen } from './brief-open';
import { briefAssumed } from './brief-assumed';
import { wiresAssumed } from './wires-assumed';
import { deadStateOpen } from './dead-state-open';
import { deadStateOverridden } from './dead-state-overridden';
import { deadStateDiffers } from './dead-state-differs';
import { trapsPeople } from './traps-people';
import { noBreakGlass } from './no-break-glass';
import { noManualRelease } from './no-manual-release';
import { sensorLossHolds } from './sensor-loss-holds';
import { twoMotions } from './two-motions';
import { fireLineSilent } from './fire-line-silent';
import { delayBeyondRegion } from './delay-beyond-region';
import { breakNotInLockPower } from './break-not-in-lock-power';
import { breakInOneLeg } from './break-in-one-leg';
import { breakBothLegs } from './break-both-legs';
import { noFireRelease } from './no-fire-release';
import { heldInFire } from './held-in-fire';
import { fireInputAlarm } from './fire-input-alarm';
import { fireInputDeaf } from './fire-input-deaf';
import { fireNotLatched } from './fire-not-latched';
import { fireUnwatched } from './fire-unwatched';
import { notProven } from './not-proven';
import { opensWhenDead } from './opens-when-dead';
import { staysShutWhenDead } from './stays-shut-when-dead';
import { lockedIn } from './locked-in';
import { notReleased } from './not-released';
import { notKeptOut } from './not-kept-out';
import { lockedOut } from './locked-out';
import { cardArrives } from './card-arrives';
import { readerDead } from './reader-dead';
import { commonMissing } from './common-missing';
import { cardLost } from './card-lost';
import { cardLineMissing } from './card-line-missing';
import { cardLinesSwapped } from './card-lines-swapped';
import { busForked } from './bus-forked';
import { busUnterminated } from './bus-unterminated';
import { busTerminatedMidway } from './bus-terminated-midway';
import { busTooLong } from './bus-too-long';
import { busOverloaded } from './bus-overloaded';
import { addressClash } from './address-clash';
import { addressOfOtherDoor } from './address-of-other-door';
import { readerKind } from './reader-kind';
import { networkAddressOpen } from './network-address-open';
import { networkAddressClash } from './network-address-clash';
import { cableOverfull } from './cable-overfull';
import { cableSizeDiffers } from './cable-size-differs';
import { screenMissing } from './screen-missing';
import { screenBothEnds } from './screen-both-ends';
import { screenUnearthed } from './screen-unearthed';
import { releaseBesideAudio } from './release-beside-audio';
import { interfaceTooLong } from './interface-too-long';
import { unlockBelowLeast } from './unlock-below-least';
import { unlockTooShort } from './unlock-too-short';
import { scenarioDiffers } from './scenario-differs';
import { relockWithoutContact } from './relock-without-contact';
import { nobodyOnList } from './nobody-on-list';
import { codeShared } from './code-shared';
import { factoryCode } from './factory-code';
import { slotMissing } from './slot-missing';
import { codeRefused } from './code-refused';

/** Every rule, in the order findings of one severity are told. Each is one file, named after its code. */
export const RULES = [
  noLock,
  noSupply,
  noDecider,
  linkMissing,
  notWired,
  loopBroken,
  loopReversed,
  wrongThrow,
  spareWire,
  terminalFull,
  shortCircuit,
  linkSuperfluous,
  sourcesJoined,
  switchBypassed,
  partBridged,
  sizeOutsideTerminal,
  wireTwice,
  spareLegsTied,
  circuitsCrossed,
  connectorReversed,
  pigtailsLoose,
  drivenInput,
  reversedDevice,
  overVoltage,
  contactOverload,
  wrongCurrent,
  drivenOutput,
  supplyOverload,
  restless,
  sensorWithoutSupply,
  deviceUnfed,
  exitDead,
  contactUnseen,
  contactInverted,
  eolOpen,
  eolMissing,
  eolWrongValue,
  eolOnPlainInput,
  eolAroundPart,
  eolWrongEnd,
  eolIdle,
  exitHeld,
  wrongInput,
  leverUnheard,
  leverUnlocks,
  leavingForced,
  dipForbidden,
  interlockTraps,
  switchTraps,
  lockdownIdle,
  fireDoorUnlatched,
  lowEnergyByMotion,
  lowEnergyTooFast,
  presenceOneSide,
  dutyExceeded,
  leafMisread,
  operatorInFire,
  operatorUnminded,
  operatorStands,
  languageUnknown,
  codeOfNobody,
  keypadUnknown,
  leaverOpens,
  lostCardOpens,
  allAdminister,
  menuOpen,
  nobodyAdministers,
  cardUnseen,
  codeWeak,
  hoursNotKept,
  passageUnset,
  passbackOneSide,
  passbackFollows,
  leafUnwatched,
  leafWithoutLock,
  batteryHolds,
  relockUnseen,
  switchIdle,
  interlockBlind,
  modeCoresBoth,
  pullUnheard,
  statusUnused,
  statusUnread,
  fireThroughController,
  noSuppression,
  diodeReversed,
  varistorBelowSupply,
  suppressionTooHigh,
  suppressionIdle,
  bellSilent,
  secondOutputIdle,
  operatorUnasked,
  operatorBlocked,
  operatorTooSoon,
  contactInrush,
  notWeatherproof,
  throwsBeforeShut,
  capacityExceeded,
  channelClash,
  channelBeyond,
  intercomSecondSupply,
  intercomNoSupply,
  intercomNoAnswer,
  jumperWithThreeCores,
  jumperMissing,
  channelLineDiffers,
  stationNotParallel,
  keyReleasesNothing,
  callNotCrossed,
  lockVoltageSound,
  lockUnderVoltage,
  deviceUnderVoltage,
  fuseBlows,
  fuseOverload,
  inputUnset,
  inputTwice,
  offlineLetsAllIn,
  phoneRange,
  releaseKills,
  headroom,
  supplyIdle,
  noBattery,
  batteryShort,
  batterySound,
  briefOpen,
  briefAssumed,
  wiresAssumed,
  deadStateOpen,
  deadStateOverridden,
  deadStateDiffers,
  trapsPeople,
  noBreakGlass,
  noManualRelease,
  sensorLossHolds,
  twoMotions,
  fireLineSilent,
  delayBeyondRegion,
  breakNotInLockPower,
  breakInOneLeg,
  breakBothLegs,
  noFireRelease,
  heldInFire,
  fireInputAlarm,
  fireInputDeaf,
  fireNotLatched,
  fireUnwatched,
  notProven,
  opensWhenDead,
  staysShutWhenDead,
  lockedIn,
  notReleased,
  notKeptOut,
  lockedOut,
  cardArrives,
  readerDead,
  commonMissing,
  cardLost,
  cardLineMissing,
  cardLinesSwapped,
  busForked,
  busUnterminated,
  busTerminatedMidway,
  busTooLong,
  busOverloaded,
  addressClash,
  addressOfOtherDoor,
  readerKind,
  wrongPort,
  portShared,
  readersSwapped,
  networkAddressOpen,
  networkAddressClash,
  cableOverfull,
  cableSizeDiffers,
  screenMissing,
  screenBothEnds,
  screenUnearthed,
  releaseBesideAudio,
  interfaceTooLong,
  unlockBelowLeast,
  unlockTooShort,
  scenarioDiffers,
  relockWithoutContact,
  heldWithoutContact,
  nobodyOnList,
  codeShared,
  factoryCode,
  slotMissing,
  codeRefused,
] as const;

export type FindingCode = (typeof RULES)[number]['code'];

/** Every kind of finding. Each has words, a test that it fires and one that it stays quiet. */
export const FINDING_CODES: readonly FindingCode[] = RULES.map(({ code }) => code);
