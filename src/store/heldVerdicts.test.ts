import { expect, test } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { judge, type Judgement } from '#core/verdict/index';
import { taken, type Held } from './heldVerdicts';

const plan = quillhaven();
const of = (door: string): Judgement => judge(plan, door);
const START: Held = { judgement: of('D02'), version: 3, summaries: {} };
const doorIn = ({ judgement }: Held) => judgement?.ok === true && judgement.verdict.door;

test('an answer about the open door is shown, and its summary is kept', () => {
  const after = taken(START, { kind: 'door', version: 3, judgement: of('D03') }, 'D03');
  expect(doorIn(after)).toBe('D03');
  expect(Object.keys(after.summaries)).toEqual(['D03']);
});

test('an answer about a door that was left meanwhile takes nothing from the one that is shown', () => {
  const after = taken(START, { kind: 'door', version: 3, judgement: of('D04') }, 'D02');
  expect(after).toBe(START);
});

test('an answer about an older state of the plan does nothing', () => {
  expect(taken(START, { kind: 'door', version: 2, judgement: of('D02') }, 'D02')).toBe(START);
});

test('a door that could not be judged is said, and the summaries stand', () => {
  const failed: Judgement = { ok: false, door: 'D02', reason: 'why' };
  const after = taken(START, { kind: 'door', version: 4, judgement: failed }, 'D02');
  expect(after).toMatchObject({ judgement: failed, version: 4, summaries: START.summaries });
});
