import { channelsOf, functionsOf, settingValue, type Followed, type FunctionOf } from '../../devices/index';
import type { Inhabitant } from '../inhabitant';
import { NOTHING, type Alarm, type Memory, type Reaction, type Signal } from '../signal';
import { OFFLINE_KEY } from '../link/offline';
import { endOf, isEndOf } from '../pulse';

/** A lamp or a beep that answers a card lasts so long, ms. */
const ANSWER_MS = 1000;

/** Alarms that an output stands for. */
const ALARMS: Readonly<Partial<Record<Followed, readonly Alarm[]>>> = {
  held: ['held-open'],
  forced: ['forced'],
  tamper: ['tamper'],
  alarm: ['forced', 'held-open', 'tamper'],
};
const ANSWERS: Readonly<Partial<Record<Followed, Reaction['answer']>>> = {
  granted: 'accepted',
  refused: 'refused',
};

const followedBy = ({ type, device }: Inhabitant, { follows }: FunctionOf<'output'>): string =>
  typeof follows === 'string' ? follows : String(settingValue(type, device.settings, follows.setting));

/** What a device remembers of itself for its outputs: its relays that are pulled in, its alarms that stand. */
function remembered(self: Inhabitant, memory: Memory, signal: Signal, sum: Reaction): Memory {
  const now: Record<string, boolean | number | string> = { ...memory, ...sum.memory };
  for (const { relay } of channelsOf(self.type)) {
    const on = sum.set?.[relay];
    if (on !== undefined) now[`is.${relay}`] = on;
  }
  for (const [alarm, on] of Object.entries(sum.alarms ?? {})) now[`is.${alarm}`] = on;
  // A board that stops has let go of everything.
  if (signal.kind === 'power' && !signal.on)
    for (const key of Object.keys(now)) if (key.startsWith('is.')) now[key] = false;
  return now;
}

/** Outputs of a device after what its other functions did about a signal. */
export function follow(self: Inhabitant, memory: Memory, signal: Signal, sum: Reaction): Reaction {
  const after = remembered(self, memory, signal, sum);
  const set: Record<string, boolean> = {};
  const timers: { name: string; after: number }[] = [];
  const stops = signal.kind === 'power' && !signal.on;
  for (const output of functionsOf(self.type, 'output')) {
    const { state } = output;
    const followed = followedBy(self, output) as Followed;
    const alarms = ALARMS[followed];
    if (followed === 'link') set[state] = !stops && after[OFFLINE_KEY] === true;
    else if (followed === 'unlocked')
      set[state] = channelsOf(self.type).some(({ relay }) => after[`is.${relay}`] === true);
    else if (alarms) set[state] = alarms.some((alarm) => after[`is.${alarm}`] === true);
    else if (ANSWERS[followed] !== undefined && ANSWERS[followed] === sum.answer) {
      set[state] = true;
      timers.push({ name: endOf(state), after: ANSWER_MS });
    } else if (stops || isEndOf(state, signal)) set[state] = false;
  }
  if (sum === NOTHING && Object.keys(set).length === 0) return NOTHING;
  return { set, timers, cancel: timers.map(({ name }) => name), memory: after };
}
