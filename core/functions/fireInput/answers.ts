import { settingValue } from '../../devices/index';
import type { Reacts } from '../answer';
import { factsUnder } from '../facts';
import { NOTHING } from '../signal';

/** Whether its input was as it must be when it last read it; and that somebody has turned the key and waits for that. */
const heard = factsUnder<{ readonly ok: boolean; readonly asked: boolean }>('fire');

/** Drops its outputs while the fire alarm asks it to; where it latches, until somebody resets it and the alarm is gone. */
export const fireInput: Reacts<'fireInput'> = (spec, { type, device }, memory, signal) => {
  const set = (id: string | undefined) =>
    id === undefined ? undefined : settingValue(type, device.settings, id);
  if (signal.kind === 'input' && signal.input === spec.input) {
    if (signal.reading === 'dead') return NOTHING;
    // A monitored contact is closed while all is well; a short of a plain one, like its alarm, closes it.
    const closes = set(spec.triggerSetting) === 'NO';
    const ok = (signal.reading === 'closed') !== closes;
    if (!ok) return { memory: heard.remember(memory, { ok, asked: false }), set: { [spec.state]: true } };
    const following = set(spec.latchSetting) === 'following';
    const fed = following || heard.recall(memory, 'asked') === true || signal.before === 'dead';
    return {
      memory: heard.remember(memory, { ok, asked: false }),
      ...(fed ? { set: { [spec.state]: false } } : {}),
    };
  }
  if (signal.kind !== 'fireReset') return NOTHING;
  // The key is turned while the panel is being reset: it counts as soon as the input is closed again.
  return heard.recall(memory, 'ok') === true
    ? { set: { [spec.state]: false } }
    : { memory: heard.remember(memory, { asked: true }) };
};
