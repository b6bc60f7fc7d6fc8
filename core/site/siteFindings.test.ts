import { describe, expect, it } from 'vitest';
import { emptyPlan } from '../plan/index';
import { MAGNET_BRIEF, magnetDoor, STRIKE_BRIEF, wiredDoor } from '../specimens/doors';
import { siteFindings } from './index';

const second = (set: string, brief = MAGNET_BRIEF) => wiredDoor(set, brief, magnetDoor(), 'D02');

describe('a site as a whole', () => {
  it('is found where every door with a lock unlocks without power', () => {
    expect(siteFindings(second('strike-keypad-safe'))).toEqual([
      { code: 'every-door-opens', severity: 'caution', doors: ['D01', 'D02'] },
    ]);
  });
  it('is mixed as soon as one door stays locked', () => {
    expect(siteFindings(second('strike-keypad', STRIKE_BRIEF))).toEqual([]);
  });
  it('counts what was chosen for a door that has no lock yet', () => {
    const plan = second('strike-keypad', STRIKE_BRIEF);
    const { 'D02/L1': _lock, ...devices } = plan.devices;
    const chosen = (state: 'fail-safe' | 'fail-secure') => ({
      ...plan,
      devices,
      doors: {
        ...plan.doors,
        D02: { ...plan.doors['D02']!, deadState: { state, overrideReason: null, by: '' } },
      },
    });
    expect(siteFindings(chosen('fail-secure'))).toEqual([]);
    expect(siteFindings(chosen('fail-safe')).map(({ doors }) => doors)).toEqual([['D01', 'D02']]);
  });
  it('needs more than one door, and counts none without a lock', () => {
    expect(siteFindings(emptyPlan('s', 'Nothing'))).toEqual([]);
    expect(siteFindings(magnetDoor())).toEqual([]);
    const plan = second('strike-keypad', STRIKE_BRIEF);
    const { 'D02/L1': _lock, ...devices } = plan.devices;
    const open = { ...plan.doors, D02: { ...plan.doors['D02']!, deadState: null } };
    expect(siteFindings({ ...plan, devices, doors: open })).toEqual([]);
  });
});
