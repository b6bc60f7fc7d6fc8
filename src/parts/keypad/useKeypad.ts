import { useCallback, useEffect, useRef, useState } from 'react';
import {
  AT_DOOR,
  passTime,
  press,
  switchOn,
  type Answer,
  type Keypad,
  type KeypadLanguage,
  type Memory,
  type Reply,
  type ReplyId,
  type Stroke,
} from '#core/keypads/index';

export interface LiveKeypad {
  readonly keypad: Keypad;
  readonly reply: ReplyId | null;
  /** What it shows and sounds with that. */
  readonly shows: Reply | null;
  /** Counts answers, so that the same answer twice still blinks. */
  readonly answers: number;
  strike(stroke: Stroke): Answer;
  /** Switches it on anew with this memory. */
  load(memory: Memory): void;
}

/** What simulated keypads hold, by device id, for as long as this tab is open. */
const kept = new Map<string, Keypad>();

/** What a simulated keypad holds; null where it has not been touched. */
export const heldBy = (device: string): Memory | null => kept.get(device)?.memory ?? null;

/** A simulated keypad that runs on the real clock: too slow, and it drops out of programming. */
export function useKeypad(device: string, language: KeypadLanguage, memory: Memory): LiveKeypad {
  const [state, setState] = useState<Omit<LiveKeypad, 'strike' | 'load'>>(() => ({
    keypad: kept.get(device) ?? switchOn(memory),
    reply: null,
    shows: null,
    answers: 0,
  }));
  const latest = useRef(state);
  latest.current = state;

  const show = useCallback(
    ({ keypad, reply, shows }: Answer) => {
      kept.set(device, keypad);
      const silent = reply === 'key';
      latest.current = {
        keypad,
        reply: silent ? null : reply,
        shows: silent ? null : shows,
        answers: latest.current.answers + 1,
      };
      setState(latest.current);
    },
    [device],
  );

  const strike = useCallback(
    (stroke: Stroke) => {
      const answer = press(language, latest.current.keypad, stroke, Date.now());
      show(answer);
      return answer;
    },
    [language, show],
  );

  const load = useCallback(
    (next: Memory) => {
      kept.delete(device);
      latest.current = {
        keypad: switchOn(next),
        reply: null,
        shows: null,
        answers: latest.current.answers + 1,
      };
      setState(latest.current);
    },
    [device],
  );

  const { keypad } = state;
  useEffect(() => {
    if (keypad.mode === AT_DOOR && keypad.strokes.length === 0) return;
    const wait = Math.max(0, keypad.lastAt + language.timeoutMs - Date.now());
    const timer = setTimeout(() => {
      const answer = passTime(language, latest.current.keypad, Date.now());
      if (answer) show(answer);
    }, wait + 5);
    return () => clearTimeout(timer);
  }, [keypad, language, show]);

  return { ...state, strike, load };
}
