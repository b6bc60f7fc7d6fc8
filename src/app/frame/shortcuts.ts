import { useEffect, useRef } from 'react';
import { STATIONS } from '#core/checks/stations';
import { say } from '#words/app/frame/shortcuts';

/** Keys and what they do, in the order the sheet lists them. */
export const SHORTCUTS = [
  { keys: '/', name: say.findDoorDeviceWire },
  { keys: '[ ]', name: say.previousNextDoor },
  { keys: `1 – ${STATIONS.length}`, name: say.station },
  { keys: 'w', name: say.newWire },
  { keys: 'f', name: say.nextFinding },
  { keys: 'b', name: say.showOrHideTheBench },
  { keys: say.ctrlZ, name: say.undo },
  { keys: say.ctrlZ2, name: say.redo },
  { keys: 'Delete', name: say.removeTheChosenWire },
  { keys: '?', name: say.thisList },
] as const;

export type ShortcutHandlers = Readonly<Record<string, () => void>>;

const inField = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    /^(textarea|select)$/i.test(target.tagName) ||
    (target instanceof HTMLInputElement && !['radio', 'checkbox', 'file'].includes(target.type)));

const nameOf = (event: KeyboardEvent): string => {
  const command = event.ctrlKey || event.metaKey;
  if (!command) return event.key;
  const key = event.key.toLowerCase();
  if (key === 'y') return 'redo';
  return key === 'z' ? (event.shiftKey ? 'redo' : 'undo') : '';
};

/** Listens on the whole page; keys typed into a field or a dialog are left alone. */
export function useShortcuts(handlers: ShortcutHandlers): void {
  const latest = useRef(handlers);
  latest.current = handlers;
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.altKey || inField(event.target)) return;
      if (document.querySelector('[role="dialog"], [role="menu"]')) return;
      const run = latest.current[nameOf(event)];
      if (!run) return;
      event.preventDefault();
      run();
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}
