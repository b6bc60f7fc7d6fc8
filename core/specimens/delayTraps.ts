import type { Plan } from '../plan/index';
import { autowire } from '../autowire/index';
import { newDevice } from '../brief/index';
import { metres } from '../units/index';
import { MAGNET_BRIEF, mustApply, wiredDoor } from './doors';
import { brief, drop, move, set, wire } from './ruleEdits';
import { across, FROM_D01, HELD, off, OPEN, stand, trap, type Trap, type Where } from './trap';

/** A door whose way out may be delayed by 15 s. */
export const delayedDoor = (): Plan => wiredDoor('magnet-delayed', { ...MAGNET_BRIEF, delayedEgress: 15 });

/** The same by a board beside a plain magnet, with a push bar. */
const boardDoor = (): Plan => {
  const plan = wiredDoor('magnet-controller', { ...MAGNET_BRIEF, delayedEgress: 15 });
  const bare = mustApply(plan, { kind: 'removeDevice', id: 'D01/X1' });
  const fitted = ['delayed-egress-board', 'exit-button'].reduce(
    (now, type) => mustApply(now, { kind: 'addDevice', device: newDevice(now, 'D01', type) }),
    bare,
  );
  return mustApply(fitted, autowire(fitted, 'D01', metres(12)).edit);
};

/** The same with a door beside it that has a supply of its own; their 0 V are joined. */
const boardAndNext = (): Plan =>
  mustApply(
    wiredDoor('magnet-controller', MAGNET_BRIEF, boardDoor(), 'D02'),
    across('W80', 'D01/DE1.V-', 'D02/X1.V-'),
  );

const LATE: Where = {
  door: 'D01',
  situation: 'exit',
  side: 'inside',
  verdict: 'fail',
  says: 'not-released',
};

/** Doors with a delayed egress that are right but for one thing. */
export const delay: readonly Trap[] = [
  trap('delay', 'twice the delay that is allowed', delayedDoor, LATE, () => [set('L1', 'delay', 30)]),
  trap('delay', 'no delay is allowed', delayedDoor, LATE, (plan) => [brief(plan, { delayedEgress: 0 })]),
  trap(
    'delay',
    'nobody has said whether a delay is allowed',
    delayedDoor,
    { ...LATE, verdict: 'not-proven', says: 'not-proven' },
    (plan) => [brief(plan, { delayedEgress: null })],
  ),
  trap('delay', 'a button on its push input outside, leant on longer than a bump', boardDoor, OPEN, () => [
    stand('X1', 'outside'),
  ]),
  trap('delay', 'its push is felt outside', delayedDoor, OPEN, () => [stand('L1', 'outside')]),
  trap('delay', 'a bridge on its fire input past the fire relay', delayedDoor, HELD, () => [
    wire('L1.FA', 'L1.FA-'),
  ]),
  trap('delay', 'its fire input on the contact that closes in a fire', delayedDoor, OPEN, (plan) => [
    move(plan, 'F1.NC', 'L1.FA-', 'from', 'F1.NO'),
  ]),
  trap('delay', 'its fire input left empty', delayedDoor, OPEN, (plan) => [
    drop(plan, 'L1.FA', 'F1.C'),
    drop(plan, 'F1.NC', 'L1.FA-'),
  ]),
  trap('delay', 'its bypass on the contact that is closed at rest', delayedDoor, OPEN, (plan) => [
    move(plan, 'L1.BY', 'K1.NO1', 'to', 'K1.NC1'),
  ]),
  trap(
    'delay',
    'the next door’s magnet behind its contact: a push here opens there',
    boardAndNext,
    FROM_D01,
    (plan) => [off(plan, 'D02/PS1.+V', 'D02/F1.C'), across('W90', 'D01/DE1.LN', 'D02/F1.C')],
  ),
  trap('delay', 'the glass past its feed', delayedDoor, { ...HELD, situation: 'break-glass' }, (plan) => [
    move(plan, 'EB1.1NC', 'L1.+', 'from', 'PS1.+V'),
    move(plan, 'L1.-', 'EB1.2NC', 'to', 'PS1.0V'),
  ]),
];
