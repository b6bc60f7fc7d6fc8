import { describe, expect, it } from 'vitest';
import type { FindingCode } from '../checks/index';
import type { CheckTask } from '../commission/index';
import type { Edit, Plan } from '../plan/index';
import type { Installation } from '../specimens/installation';
import { tried } from './tried';

/** What is expected of an installation. */
export interface Told {
  /** Cells that the plan does not say enough for. */
  readonly unproven?: readonly string[];
  /** How long a card or code opens it, seconds; null where nothing times a lock. */
  readonly seconds: number | null;
  /** What its check sheet must try. */
  readonly tasks: readonly CheckTask[];
  /** Usual mistakes, and what each is found as. */
  readonly mistakes: readonly (readonly [string, (plan: Plan) => Edit[], FindingCode])[];
}

/** One installation: wired by Aldaba alone, sound, as far proven as the plan says, timed, tried, its mistakes found. */
export function holds(installation: Installation, { unproven = [], seconds, tasks, mistakes }: Told): void {
  describe(installation.name, () => {
    const door = tried(installation);
    it('is wired by Aldaba alone, sound and proven', () => {
      expect(door.byHand).toBe(0);
      expect(door.wrong).toEqual([]);
      expect(door.unproven).toEqual(unproven);
    });
    it('is timed, and its check sheet tries what it has', () => {
      expect(door.seconds).toBe(seconds);
      for (const task of tasks) expect(door.tasks).toContain(task);
    });
    it.each(mistakes)('finds: %s', (_, edits, code) => expect(door.mistake(edits)).toContain(code));
  });
}
