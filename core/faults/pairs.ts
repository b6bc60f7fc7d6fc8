import { fireReleases, sameTrials, toldOf } from '../prove/index';
import { advance, atRest, type World } from '../simulate/index';
import { breakNow, brokenWorld, defectOf } from './brokenWorld';
import { faultsOf, type Fault } from './fault';
import { groupOf, isWorseGroup, type FaultGroup } from './groups';
import { UNTIL_QUIET_MS, type FaultResult } from './result';
import { sweep } from './sweep';

/** Two faults, one after the other, that come to more together than either alone. */
export interface PairResult {
  readonly first: Fault;
  readonly second: Fault;
  readonly group: FaultGroup;
}

/** How far a search for pairs is. */
export interface PairStep {
  /** Faults that were tried as the first of two, of all. */
  readonly done: number;
  readonly of: number;
  readonly found: readonly PairResult[];
}

/**
 * Pairs of faults at one door: whatever breaks first goes unnoticed until something else does. A first fault that raises an alarm
 * is mended before; it is left out. One step a first fault; a caller may stop at any, and go on later behind so many.
 */
export function* pairsOf(world: World, sound: readonly FaultResult[], skip = 0): Generator<PairStep> {
  const rest = atRest(world);
  const before = toldOf(world, rest);
  const faults = faultsOf(world);
  const single = new Map(sound.map((result) => [JSON.stringify(result.fault), groupOf(result, before)]));
  const groupFor = (fault: Fault): FaultGroup => single.get(JSON.stringify(fault)) ?? 'harmless';
  fireReleases(world, rest);
  for (const [index, first] of faults.entries()) {
    if (index < skip) continue;
    const found: PairResult[] = [];
    // What nobody sees stays: the second fault meets it.
    if (groupFor(first) === 'harmless' || groupFor(first) === 'open-unnoticed') {
      const broken = brokenWorld(world, defectOf(world.netlist, first));
      sameTrials(world, broken);
      const begins = breakNow(broken, rest, first);
      const quiet = advance(broken, begins, begins.now + UNTIL_QUIET_MS).state;
      for (const result of sweep(broken, { ...quiet, queue: [] }, faults.slice(index + 1))) {
        const group = groupOf(result, before);
        if (isWorseGroup(group, groupFor(first)) && isWorseGroup(group, groupFor(result.fault)))
          found.push({ first, second: result.fault, group });
      }
    }
    yield { done: index + 1, of: faults.length, found };
  }
}
