import { AT_DOOR, type KeypadLanguage, type Stroke } from '#core/keypads/index';
import { cardsInUse, fingersOf, type Device, type Person } from '#core/plan/index';
import { say } from '#words/stations/program/KeypadProgramming';
import type { Bench } from '../../parts/bench/useBench';
import { KeypadPanel } from '../../parts/keypad/KeypadPanel';
import type { useKeypad } from '../../parts/keypad/useKeypad';

interface Props {
  readonly keypad: Device;
  readonly language: KeypadLanguage;
  readonly live: ReturnType<typeof useKeypad>;
  readonly people: readonly Person[];
  readonly bench: Bench;
}

/** The simulated keypad with the cards and fingers of its people; what it opens or refuses at the door is seen on the bench. */
export function SimulatedKeypad({ keypad, language, live, people, bench }: Props) {
  const cards = people.flatMap((person) => cardsInUse(person).map((card) => ({ name: person.name, card })));
  const fingers = people.flatMap((person) =>
    fingersOf(person).map((finger, index) => ({
      name: person.fingers > 1 ? say.finger(person.name, index + 1) : person.name,
      finger,
    })),
  );
  const strike = (stroke: Stroke) => {
    const { reply, keypad: after } = live.strike(stroke);
    if (reply === 'opened') bench.act({ kind: 'credential', valid: true, device: keypad.id });
    if (reply === 'refused' && after.mode === AT_DOOR)
      bench.act({ kind: 'credential', valid: false, device: keypad.id });
  };
  return (
    <KeypadPanel
      language={language}
      live={live}
      cards={cards}
      onKey={(key) => strike({ key })}
      onCard={(card) => strike({ card })}
      onMaster={(master) => strike({ master })}
      fingers={fingers}
      onFinger={(finger) => strike({ finger })}
    />
  );
}
