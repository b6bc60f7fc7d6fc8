import { inSiteOrder, typeIn, wasTheirs, type Device, type Person, type Plan } from '../plan/index';
import { compareMemory, type SlotComparison } from './compareMemory';
import { factoryMemory, type KeypadLanguage, type Memory } from './language';
import { languageOf } from './leaflets';
import { lastKnown } from './knownSince';
import { targetOf, type Target, type TargetProblem } from './target';

/** One keypad of the site: what is known of it, and what of the list is not in it yet, or still. */
export interface OpenSheet {
  readonly device: Device;
  readonly language: KeypadLanguage;
  /** Null where nobody has recorded anything: it is taken to be as it left the factory. */
  readonly recorded: Memory | null;
  readonly target: Target;
  readonly problems: readonly TargetProblem[];
  /** Slots that are not as they shall be. */
  readonly open: readonly SlotComparison[];
  /** People whose code or card still stands in it, and who do not open its door any more. */
  readonly leavers: readonly Person[];
  /** The latest day on which somebody keyed, read or found anything in it. */
  readonly known: string | null;
}

/**
 * Every keypad of a site that is programmed at its own keys, in the order of its doors. `unlockOf` gives the unlock time of a door,
 * seconds.
 */
export function openSheets(plan: Plan, unlockOf: (door: string) => number): OpenSheet[] {
  const people = Object.values(plan.people);
  return inSiteOrder(plan, Object.keys(plan.devices)).flatMap((device): OpenSheet[] => {
    const language = languageOf(plan, typeIn(plan, device).language);
    if (!language || device.door === null) return [];
    const recorded = plan.memories[device.id] ?? null;
    const memory = recorded ?? factoryMemory(language);
    const { target, problems } = targetOf(
      plan,
      device.id,
      language,
      memory.programmingCode,
      unlockOf(device.door),
    );
    const open = compareMemory(language, memory, target).filter(({ state }) => state !== 'same');
    const gone = open.flatMap(({ held, wanted }) => (held && !wanted ? [held] : []));
    const leavers = people.filter((person) => gone.some((held) => wasTheirs(person, held)));
    return [
      { device, language, recorded, target, problems, open, leavers, known: recorded && lastKnown(recorded) },
    ];
  });
}
