import { useCallback, useEffect, useRef, useState } from 'react';
import {
  passTime,
  press,
  switchOn,
  type Answer,
  type Keypad,
  type KeypadLanguage,
  type Memory,
  type ReplyId,
  type Stroke,
} from '#core/keypads/index';

export interface LiveKeypad {
  readonly keypad: Keypad;
  readonly reply: ReplyId | null;
  /** Counts answers, so that the same answer twice still blinks. */
  readonly answers: number;
  strike(stroke: Stroke): Answer;
  /** Switches it on anew with this memory. */
  load(memory: Memory): void;
}

/** What simulated keypads hold, by device id, for as long as this tab is open. */
const kept = new Map<string, Keypad>();

/** A simulated keypad that runs on the real clock: too slow, and it drops out of programming. */
export function useKeypad(device: string, language: KeypadLanguage, memory: Memory): LiveKeypad {
  const [state, setState] = useState<{ keypad: Keypad; reply: ReplyId | null; answers: number }>(() => ({
    keypad: kept.get(device) ?? switchOn(memory),
    reply: null,
    answers: 0,
  }));
  const latest = useRef(state);
  latest.current = state;

  const show = useCallback(
    ({ keypad, reply }: Answer) => {
      kept.set(device, keypad);
      latest.current = { keypad, reply: reply === 'key' ? null : reply, answers: latest.current.answers + 1 };
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
      latest.current = { keypad: switchOn(next), reply: null, answers: latest.current.answers + 1 };
      setState(latest.current);
    },
    [device],
  );

  const { keypad } = state;
  useEffect(() => {
    if (keypad.mode === 'door' && keypad.strokes.length === 0) return;
    const wait = Math.max(0, keypad.lastAt + language.timeoutMs - Date.now());
    const timer = setTimeout(() => {
      const answer = passTime(language, latest.current.keypad, Date.now());
      if (answer) show(answer);
    }, wait + 5);
    return () => clearTimeout(timer);
  }, [keypad, language, show]);

  return { ...state, strike, load };
}
