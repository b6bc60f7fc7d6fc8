import type { DeviceType, SettingValue } from './deviceType';
import { settingValue } from './param';

/** How a lock answers to power as it is set and wired: which coil works it, and what it does when dead. */
export interface ResolvedLock {
  /** Null where nothing in the plan decides: no terminal of a lock that chooses by terminal is wired, or both. */
  readonly dead: 'fail-safe' | 'fail-secure' | null;
  /** Windings or the coil that are looked at. */
  readonly parts: readonly string[];
}

/** Resolves a lock. `landed` says whether a terminal of the device has a conductor. Null for what is no lock. */
export function resolveLock(
  type: DeviceType,
  settings: Readonly<Record<string, SettingValue>>,
  landed: (terminal: string) => boolean,
): ResolvedLock | null {
  const { lock } = type;
  if (!lock) return null;
  if (lock.kind === 'magnet') return { dead: 'fail-safe', parts: lock.parts };
  const { mode } = lock;
  switch (mode.by) {
    case 'build':
      return { dead: mode.state, parts: [mode.coil] };
    case 'setting': {
      const safe = settingValue(type, settings, mode.setting) === 'fail-safe';
      return { dead: safe ? 'fail-safe' : 'fail-secure', parts: [mode.coil] };
    }
    case 'terminal': {
      const [safe, secure] = [landed(mode.safe.terminal), landed(mode.secure.terminal)];
      if (safe === secure) return { dead: null, parts: [mode.safe.coil] };
      return safe
        ? { dead: 'fail-safe', parts: [mode.safe.coil] }
        : { dead: 'fail-secure', parts: [mode.secure.coil] };
    }
  }
}
