import { terminalAt, type BranchOf } from '../../circuit/index';
import { conductorsOf, deviceOf, terminalLabel, type Conductor, type Edit } from '../../plan/index';
import { atRest, buildWorld } from '../../simulate/index';
import { onDevice, onTerminal, onWire, type CheckContext } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';
import { planAfter } from '../analyses/otherThrow';
import { isJumper, watchedRuns } from '../analyses/watchedLine';

/** What a watched pair reads as long as nothing is wrong with it. */
const SOUND: ReadonlySet<string> = new Set(['closed', 'open']);

/** True where the input reads after the fault what it reads on the sound pair. */
function isBlind({ plan, door, rest }: CheckContext, { id }: BranchOf<'input'>, fault: Edit): boolean {
  const broken = planAfter(plan, fault);
  return broken !== null && atRest(buildWorld(broken, door.id)).readings.get(id) === rest.readings.get(id);
}

/** Cores that lie side by side: of one cable, or, where no cable is named, both long. */
const isPair = (one: Conductor, two: Conductor): boolean => one.id < two.id && one.cable === two.cable;

const bridgeBetween = (one: Conductor, two: Conductor): Edit => ({
  kind: 'connect',
  conductor: { ...one, id: `${one.id}~pinched`, number: `${one.number}~`, from: one.from, to: two.from },
});

/** A cut core or a pinched pair that the input does not notice. */
function unnoticed(context: CheckContext, input: BranchOf<'input'>) {
  const runs = watchedRuns(context.world, context.plan, input);
  const cut = runs.find(({ id }) => isBlind(context, input, { kind: 'disconnect', id }));
  if (cut) return { fault: 'cut', cores: [cut], runs } as const;
  const pairs = runs.flatMap((one) => runs.flatMap((two) => (isPair(one, two) ? [[one, two] as const] : [])));
  const pinched = pairs.find(([one, two]) => isBlind(context, input, bridgeBetween(one, two)));
  return pinched ? ({ fault: 'pinched', cores: [...pinched], runs } as const) : null;
}

/** Resistors with one lead in the box and one on a run: what the leads are is changed over. */
function otherEnd({ plan, door, parts }: CheckContext, runs: readonly Conductor[]) {
  for (const { device } of parts.resistors) {
    const leads = conductorsOf(plan, door.id).filter((wire) =>
      [wire.from, wire.to].some((end) => deviceOf(end) === device.id),
    );
    const run = leads.find(({ id }) => runs.some((one) => one.id === id));
    const jumper = leads.find(isJumper);
    if (!run || !jumper || leads.length !== 2) continue;
    const as = ({ length, cable, colour, gauge }: Conductor) => ({ length, cable, colour, gauge });
    const edit: Edit = {
      kind: 'batch',
      label: 'put the resistor at the far end',
      edits: [
        { kind: 'setConductor', id: run.id, patch: as(jumper) },
        { kind: 'setConductor', id: jumper.id, patch: as(run) },
      ],
    };
    return { device, edit };
  }
  return null;
}

/** A resistor that stands across the pair in the box of the input itself. */
function atTheInput({ plan, door, parts }: CheckContext, input: BranchOf<'input'>) {
  const isHere = (id: string) =>
    conductorsOf(plan, door.id).some((wire) => {
      const ends = [deviceOf(wire.from), deviceOf(wire.to)];
      return isJumper(wire) && ends.includes(id) && ends.includes(input.device);
    });
  const found = parts.resistors.find(({ device }) => isHere(device.id));
  return found ? { device: found.device, edit: null } : null;
}

/** Supervised pairs whose resistor stands at the near end: a cut or a pinched cable reads like a sound one. */
const wrongEnd: Analysis = (context) =>
  context.world.netlist.branches.flatMap((input): Violation[] => {
    if (input.kind !== 'input' || !input.supervised) return [];
    if (!SOUND.has(context.rest.readings.get(input.id) ?? '')) return [];
    const found = unnoticed(context, input);
    if (!found) return [];
    const terminal = terminalAt(context.world.netlist, input.a);
    const resistor = otherEnd(context, found.runs) ?? atTheInput(context, input);
    const values = {
      terminal: terminalLabel(context.plan, terminal, context.door.id),
      tag: resistor?.device.tag ?? '',
      wire: found.cores.map(({ number }) => number).join(', '),
      fault: found.fault,
    };
    const at = [
      ...(resistor ? [onDevice(resistor.device.id)] : []),
      onTerminal(terminal),
      ...found.cores.map(({ id }) => onWire(id)),
    ];
    return [violation('eol-wrong-end', at, values, resistor?.edit ? { remedy: resistor.edit } : {})];
  });

export const eolWrongEnd = rule({
  code: 'eol-wrong-end',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: wrongEnd,
});
