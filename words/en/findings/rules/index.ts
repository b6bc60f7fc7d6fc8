import type { FindingCode } from '#core/checks/index';
import type { Words } from '../text';
import { noLock } from './no-lock';
import { noSupply } from './no-supply';
import { noDecider } from './no-decider';
import { scenarioDiffers } from './scenario-differs';
import { wrongPort } from './wrong-port';
import { portShared } from './port-shared';
import { readersSwapped } from './readers-swapped';
import { modeCoresBoth } from './mode-cores-both';
import { supplyIdle } from './supply-idle';
import { leavingForced } from './leaving-forced';
import { dipForbidden } from './dip-forbidden';
import { interlockTraps } from './interlock-traps';
import { switchTraps } from './switch-traps';
import { hoursNotKept } from './hours-not-kept';
import { passageUnset } from './passage-unset';
import { passbackOneSide } from './passback-one-side';
import { passbackFollows } from './passback-follows';
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
import { leafUnwatched } from './leaf-unwatched';
import { leafWithoutLock } from './leaf-without-lock';
import { batteryHolds } from './battery-holds';
import { relockUnseen } from './relock-unseen';
import { switchIdle } from './switch-idle';
import { interlockBlind } from './interlock-blind';
import { heldWithoutContact } from './held-without-contact';
import { notWired } from './not-wired';
import { loopBroken } from './loop-broken';
import { linkMissing } from './link-missing';
import { loopReversed } from './loop-reversed';
import { wrongInput } from './wrong-input';
import { wrongThrow } from './wrong-throw';
import { deadStateDiffers } from './dead-state-differs';
import { drivenInput } from './driven-input';
import { reversedDevice } from './reversed-device';
import { overVoltage } from './over-voltage';
import { contactOverload } from './contact-overload';
import { supplyOverload } from './supply-overload';
import { terminalFull } from './terminal-full';
import { deviceUnfed } from './device-unfed';
import { restless } from './restless';
import { exitDead } from './exit-dead';
import { contactUnseen } from './contact-unseen';
import { contactInverted } from './contact-inverted';
import { noSuppression } from './no-suppression';
import { spareWire } from './spare-wire';
import { lockUnderVoltage } from './lock-under-voltage';
import { deviceUnderVoltage } from './device-under-voltage';
import { lockVoltageSound } from './lock-voltage-sound';
import { fuseBlows } from './fuse-blows';
import { fuseOverload } from './fuse-overload';
import { inputUnset } from './input-unset';
import { inputTwice } from './input-twice';
import { offlineLetsAllIn } from './offline-lets-all-in';
import { phoneRange } from './phone-range';
import { releaseKills } from './release-kills';
import { headroom } from './headroom';
import { batteryShort } from './battery-short';
import { batterySound } from './battery-sound';
import { noBattery } from './no-battery';
import { briefOpen } from './brief-open';
import { briefAssumed } from './brief-assumed';
import { wiresAssumed } from './wires-assumed';
import { deadStateOpen } from './dead-state-open';
import { trapsPeople } from './traps-people';
import { deadStateOverridden } from './dead-state-overridden';
import { noBreakGlass } from './no-break-glass';
import { noManualRelease } from './no-manual-release';
import { sensorLossHolds } from './sensor-loss-holds';
import { twoMotions } from './two-motions';
import { fireLineSilent } from './fire-line-silent';
import { delayBeyondRegion } from './delay-beyond-region';
import { breakInOneLeg } from './break-in-one-leg';
import { breakNotInLockPower } from './break-not-in-lock-power';
import { breakBothLegs } from './break-both-legs';
import { fireUnwatched } from './fire-unwatched';
import { heldInFire } from './held-in-fire';
import { fireInputAlarm } from './fire-input-alarm';
import { fireInputDeaf } from './fire-input-deaf';
import { fireNotLatched } from './fire-not-latched';
import { noFireRelease } from './no-fire-release';
import { opensWhenDead } from './opens-when-dead';
import { staysShutWhenDead } from './stays-shut-when-dead';
import { lockedIn } from './locked-in';
import { notReleased } from './not-released';
import { lockedOut } from './locked-out';
import { notKeptOut } from './not-kept-out';
import { notProven } from './not-proven';
import { cardLost } from './card-lost';
import { cardLinesSwapped } from './card-lines-swapped';
import { cardLineMissing } from './card-line-missing';
import { readerDead } from './reader-dead';
import { cardArrives } from './card-arrives';
import { unlockTooShort } from './unlock-too-short';
import { unlockBelowLeast } from './unlock-below-least';
import { relockWithoutContact } from './relock-without-contact';
import { nobodyOnList } from './nobody-on-list';
import { factoryCode } from './factory-code';
import { codeRefused } from './code-refused';
import { slotMissing } from './slot-missing';
import { codeShared } from './code-shared';
import { shortCircuit } from './short-circuit';
import { sourcesJoined } from './sources-joined';
import { linkSuperfluous } from './link-superfluous';
import { switchBypassed } from './switch-bypassed';
import { partBridged } from './part-bridged';
import { sizeOutsideTerminal } from './size-outside-terminal';
import { wireTwice } from './wire-twice';
import { spareLegsTied } from './spare-legs-tied';
import { circuitsCrossed } from './circuits-crossed';
import { connectorReversed } from './connector-reversed';
import { pigtailsLoose } from './pigtails-loose';
import { diodeReversed } from './diode-reversed';
import { varistorBelowSupply } from './varistor-below-supply';
import { suppressionTooHigh } from './suppression-too-high';
import { eolIdle } from './eol-idle';
import { eolWrongEnd } from './eol-wrong-end';
import { suppressionIdle } from './suppression-idle';
import { eolMissing } from './eol-missing';
import { eolOpen } from './eol-open';
import { eolWrongValue } from './eol-wrong-value';
import { eolOnPlainInput } from './eol-on-plain-input';
import { eolAroundPart } from './eol-around-part';
import { exitHeld } from './exit-held';
import { leverUnheard } from './lever-unheard';
import { leverUnlocks } from './lever-unlocks';
import { statusUnused } from './status-unused';
import { statusUnread } from './status-unread';
import { pullUnheard } from './pull-unheard';
import { cableOverfull } from './cable-overfull';
import { cableSizeDiffers } from './cable-size-differs';
import { releaseBesideAudio } from './release-beside-audio';
import { screenMissing } from './screen-missing';
import { screenBothEnds } from './screen-both-ends';
import { screenUnearthed } from './screen-unearthed';
import { interfaceTooLong } from './interface-too-long';
import { wrongCurrent } from './wrong-current';
import { drivenOutput } from './driven-output';
import { sensorWithoutSupply } from './sensor-without-supply';
import { commonMissing } from './common-missing';
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
import { channelClash } from './channel-clash';
import { channelBeyond } from './channel-beyond';
import { stationNotParallel } from './station-not-parallel';
import { channelLineDiffers } from './channel-line-differs';
import { intercomSecondSupply } from './intercom-second-supply';
import { intercomNoSupply } from './intercom-no-supply';
import { intercomNoAnswer } from './intercom-no-answer';
import { jumperWithThreeCores } from './jumper-with-three-cores';
import { jumperMissing } from './jumper-missing';
import { keyReleasesNothing } from './key-releases-nothing';
import { callNotCrossed } from './call-not-crossed';
import { bellSilent } from './bell-silent';
import { secondOutputIdle } from './second-output-idle';
import { operatorUnasked } from './operator-unasked';
import { operatorBlocked } from './operator-blocked';
import { operatorTooSoon } from './operator-too-soon';
import { contactInrush } from './contact-inrush';
import { notWeatherproof } from './not-weatherproof';
import { throwsBeforeShut } from './throws-before-shut';
import { capacityExceeded } from './capacity-exceeded';
import { fireThroughController } from './fire-through-controller';

/** The words of every rule, each in a file named like the rule's own. A rule without words does not compile. */
export const FINDINGS: Record<FindingCode, Words> = {
  'no-lock': noLock,
  'no-supply': noSupply,
  'no-decider': noDecider,
  'not-wired': notWired,
  'loop-broken': loopBroken,
  'link-missing': linkMissing,
  'loop-reversed': loopReversed,
  'wrong-throw': wrongThrow,
  'dead-state-differs': deadStateDiffers,
  'driven-input': drivenInput,
  'reversed-device': reversedDevice,
  'over-voltage': overVoltage,
  'contact-overload': contactOverload,
  'supply-overload': supplyOverload,
  'terminal-full': terminalFull,
  'device-unfed': deviceUnfed,
  restless: restless,
  'exit-dead': exitDead,
  'contact-unseen': contactUnseen,
  'contact-inverted': contactInverted,
  'no-suppression': noSuppression,
  'spare-wire': spareWire,
  'lock-under-voltage': lockUnderVoltage,
  'device-under-voltage': deviceUnderVoltage,
  'lock-voltage-sound': lockVoltageSound,
  'fuse-blows': fuseBlows,
  'fuse-overload': fuseOverload,
  'input-unset': inputUnset,
  'input-twice': inputTwice,
  'offline-lets-all-in': offlineLetsAllIn,
  'phone-range': phoneRange,
  'release-kills': releaseKills,
  headroom: headroom,
  'battery-short': batteryShort,
  'battery-sound': batterySound,
  'no-battery': noBattery,
  'brief-open': briefOpen,
  'brief-assumed': briefAssumed,
  'wires-assumed': wiresAssumed,
  'dead-state-open': deadStateOpen,
  'traps-people': trapsPeople,
  'dead-state-overridden': deadStateOverridden,
  'no-break-glass': noBreakGlass,
  'no-manual-release': noManualRelease,
  'sensor-loss-holds': sensorLossHolds,
  'two-motions': twoMotions,
  'fire-line-silent': fireLineSilent,
  'delay-beyond-region': delayBeyondRegion,
  'break-in-one-leg': breakInOneLeg,
  'break-not-in-lock-power': breakNotInLockPower,
  'break-both-legs': breakBothLegs,
  'fire-unwatched': fireUnwatched,
  'held-in-fire': heldInFire,
  'fire-input-alarm': fireInputAlarm,
  'fire-input-deaf': fireInputDeaf,
  'fire-not-latched': fireNotLatched,
  'no-fire-release': noFireRelease,
  'opens-when-dead': opensWhenDead,
  'stays-shut-when-dead': staysShutWhenDead,
  'locked-in': lockedIn,
  'not-released': notReleased,
  'locked-out': lockedOut,
  'not-kept-out': notKeptOut,
  'not-proven': notProven,
  'card-lost': cardLost,
  'card-lines-swapped': cardLinesSwapped,
  'card-line-missing': cardLineMissing,
  'reader-dead': readerDead,
  'card-arrives': cardArrives,
  'unlock-too-short': unlockTooShort,
  'unlock-below-least': unlockBelowLeast,
  'relock-without-contact': relockWithoutContact,
  'nobody-on-list': nobodyOnList,
  'factory-code': factoryCode,
  'code-refused': codeRefused,
  'slot-missing': slotMissing,
  'code-shared': codeShared,
  'short-circuit': shortCircuit,
  'sources-joined': sourcesJoined,
  'link-superfluous': linkSuperfluous,
  'switch-bypassed': switchBypassed,
  'part-bridged': partBridged,
  'size-outside-terminal': sizeOutsideTerminal,
  'wire-twice': wireTwice,
  'spare-legs-tied': spareLegsTied,
  'circuits-crossed': circuitsCrossed,
  'connector-reversed': connectorReversed,
  'pigtails-loose': pigtailsLoose,
  'diode-reversed': diodeReversed,
  'varistor-below-supply': varistorBelowSupply,
  'suppression-too-high': suppressionTooHigh,
  'eol-idle': eolIdle,
  'eol-wrong-end': eolWrongEnd,
  'suppression-idle': suppressionIdle,
  'eol-missing': eolMissing,
  'eol-open': eolOpen,
  'eol-wrong-value': eolWrongValue,
  'eol-on-plain-input': eolOnPlainInput,
  'eol-around-part': eolAroundPart,
  'exit-held': exitHeld,
  'wrong-input': wrongInput,
  'lever-unheard': leverUnheard,
  'lever-unlocks': leverUnlocks,
  'status-unused': statusUnused,
  'status-unread': statusUnread,
  'pull-unheard': pullUnheard,
  'cable-overfull': cableOverfull,
  'cable-size-differs': cableSizeDiffers,
  'release-beside-audio': releaseBesideAudio,
  'screen-missing': screenMissing,
  'screen-both-ends': screenBothEnds,
  'screen-unearthed': screenUnearthed,
  'interface-too-long': interfaceTooLong,
  'wrong-current': wrongCurrent,
  'driven-output': drivenOutput,
  'sensor-without-supply': sensorWithoutSupply,
  'common-missing': commonMissing,
  'bus-forked': busForked,
  'bus-unterminated': busUnterminated,
  'bus-terminated-midway': busTerminatedMidway,
  'bus-too-long': busTooLong,
  'bus-overloaded': busOverloaded,
  'address-clash': addressClash,
  'address-of-other-door': addressOfOtherDoor,
  'reader-kind': readerKind,
  'scenario-differs': scenarioDiffers,
  'wrong-port': wrongPort,
  'port-shared': portShared,
  'readers-swapped': readersSwapped,
  'mode-cores-both': modeCoresBoth,
  'supply-idle': supplyIdle,
  'leaving-forced': leavingForced,
  'dip-forbidden': dipForbidden,
  'interlock-traps': interlockTraps,
  'switch-traps': switchTraps,
  'hours-not-kept': hoursNotKept,
  'passage-unset': passageUnset,
  'passback-one-side': passbackOneSide,
  'passback-follows': passbackFollows,
  'lockdown-idle': lockdownIdle,
  'fire-door-unlatched': fireDoorUnlatched,
  'low-energy-by-motion': lowEnergyByMotion,
  'low-energy-too-fast': lowEnergyTooFast,
  'presence-one-side': presenceOneSide,
  'duty-exceeded': dutyExceeded,
  'leaf-misread': leafMisread,
  'operator-in-fire': operatorInFire,
  'operator-unminded': operatorUnminded,
  'operator-stands': operatorStands,
  'language-unknown': languageUnknown,
  'code-of-nobody': codeOfNobody,
  'keypad-unknown': keypadUnknown,
  'leaver-opens': leaverOpens,
  'lost-card-opens': lostCardOpens,
  'all-administer': allAdminister,
  'menu-open': menuOpen,
  'nobody-administers': nobodyAdministers,
  'card-unseen': cardUnseen,
  'code-weak': codeWeak,
  'leaf-unwatched': leafUnwatched,
  'leaf-without-lock': leafWithoutLock,
  'battery-holds': batteryHolds,
  'relock-unseen': relockUnseen,
  'switch-idle': switchIdle,
  'interlock-blind': interlockBlind,
  'held-without-contact': heldWithoutContact,
  'network-address-open': networkAddressOpen,
  'network-address-clash': networkAddressClash,
  'channel-clash': channelClash,
  'channel-beyond': channelBeyond,
  'channel-line-differs': channelLineDiffers,
  'station-not-parallel': stationNotParallel,
  'intercom-second-supply': intercomSecondSupply,
  'intercom-no-supply': intercomNoSupply,
  'intercom-no-answer': intercomNoAnswer,
  'jumper-with-three-cores': jumperWithThreeCores,
  'jumper-missing': jumperMissing,
  'key-releases-nothing': keyReleasesNothing,
  'call-not-crossed': callNotCrossed,
  'bell-silent': bellSilent,
  'second-output-idle': secondOutputIdle,
  'operator-unasked': operatorUnasked,
  'operator-blocked': operatorBlocked,
  'operator-too-soon': operatorTooSoon,
  'contact-inrush': contactInrush,
  'not-weatherproof': notWeatherproof,
  'throws-before-shut': throwsBeforeShut,
  'capacity-exceeded': capacityExceeded,
  'fire-through-controller': fireThroughController,
};
