import { random } from '../core/specimens/random';
import { HARDWARE_SETS } from '#core/brief/index';
import { BOUNDS, searchCauses, type Change } from '#core/causes/index';
import { applyEdit, type DoorId, type Edit, type Plan, type Schools } from '#core/plan/index';
import { quillhaven } from '#demo/quillhaven';
import { DOORS } from '#demo/doors';
import { singleMistakes } from '../core/specimens/mistakes';
import {
  missingDevices,
  settingMistakes,
  swapsAcross,
  wiresAtOtherDoor,
} from '../core/specimens/otherMistakes';
import { siteOf } from '../core/specimens/site';
import { door } from '../core/specimens/ruleEdits';
import { weighCause } from '../core/specimens/weighCause';

/**
 * `npm run causes`: makes mistakes of wires, settings, missing devices and doors mixed up, and random pairs of wires, at every
 * hardware set and demo door, and prints how
 * often the search names what is wrong and puts it right, and how long it takes. Figures, not a test.
 *
 *   --every N   each Nth single mistake (1: every one)
 *   --pairs N   random pairs (500)
 *   --misses    lists what was not named or not restored
 *   --no-hint   without looking where the wiring differs from the one Aldaba would lay
 *   --most N    bound of the work, in trials at an ordinary door (400)
 *   --only T    the kinds whose title has T in it
 *   --sets      the hardware sets alone, without the demo doors
 */
const option = (name: string, otherwise: number): number => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : Number(process.argv[at + 1]);
};
const has = (name: string) => process.argv.includes(`--${name}`);

interface Spot {
  readonly name: string;
  readonly plan: Plan;
  readonly door: DoorId;
}

interface Case {
  readonly spot: Spot;
  readonly text: string;
  readonly edit: Edit;
  /** The single mistakes of several. */
  readonly parts?: readonly Edit[];
}

const site = quillhaven({ mistakes: false });
const SPOTS: readonly Spot[] = [
  ...HARDWARE_SETS.map(({ id }) => ({ name: id, plan: door(id), door: 'D01' })),
  ...(has('sets')
    ? []
    : DOORS.filter(({ set }) => set !== null).map(({ id }) => ({
        name: `demo ${id}`,
        plan: site,
        door: id,
      }))),
];

const say = (change: Change): string => {
  switch (change.kind) {
    case 'move':
      return `${change.wire} ${change.from} -> ${change.to}`;
    case 'exchange':
      return `exchange ${change.one.wire} and ${change.two.wire} at ${change.device}`;
    case 'lay':
      return `lay ${change.conductor.from} – ${change.conductor.to}`;
    case 'take-out':
      return `take out ${change.wire}`;
    case 'set':
      return `${change.device} ${change.setting} = ${String(change.value)}`;
    case 'turn':
      return `turn the connector of ${change.device}`;
    case 'exchange-part':
      return `${change.device} becomes ${change.type}`;
    case 'add-parts':
      return `add ${change.types.join(' + ')}`;
    case 'remedy':
      return `remedy of ${change.finding.code}`;
  }
};

function weighAll(title: string, cases: Iterable<Case>): void {
  const count = { made: 0, felt: 0, named: 0, restored: 0, restoredByAll: 0, told: 0, harmful: 0 };
  const times: number[] = [];
  const misses: string[] = [];
  let slowest: { readonly took: number; readonly text: string; readonly tried: number }[] = [];
  for (const { spot, text, edit, parts } of cases) {
    let took = 0;
    const timed: typeof searchCauses = (...asked) => {
      const start = performance.now();
      const report = searchCauses(...asked);
      took = performance.now() - start;
      return report;
    };
    const weighed = weighCause(
      spot.plan,
      spot.door,
      edit,
      { ...BOUNDS, hint: !has('no-hint'), most: option('most', BOUNDS.most) },
      parts,
      timed,
    );
    if (!weighed) continue;
    count.made += 1;
    if (count.made % 500 === 0) console.error(`${count.made} of the ${title}…`);
    if (!weighed.felt) continue;
    times.push(took);
    slowest = [...slowest, { took, text: `${spot.name}: ${text}`, tried: weighed.report?.tried ?? 0 }]
      .sort((a, b) => b.took - a.took)
      .slice(0, 3);
    count.felt += 1;
    for (const key of ['named', 'restored', 'restoredByAll'] as const) if (weighed[key]) count[key] += 1;
    count.told += weighed.told;
    count.harmful += weighed.harmful;
    if (
      !weighed.named ||
      !weighed.restored ||
      weighed.harmful > 0 ||
      (has('slow') && (weighed.report?.tried ?? 0) > 60)
    ) {
      const { causes = [], unexplained = [], tried = 0 } = weighed.report ?? {};
      const told = causes.map(({ repair }) => repair.changes.map(say).join(' + ')).join(' | ') || 'nothing';
      misses.push(
        `${spot.name}: ${text}\n    ${weighed.named ? 'named' : 'NOT NAMED'}, ${weighed.restored ? 'restored' : 'NOT RESTORED'}${weighed.harmful > 0 ? ', HARMFUL' : ''}; told: ${told}; tried ${tried}; left: ${unexplained.slice(0, 4).join(', ')}`,
      );
    }
  }
  times.sort((a, b) => a - b);
  const share = (n: number) => `${n} (${((100 * n) / Math.max(1, count.felt)).toFixed(1)} %)`;
  const at = (quantile: number) => (times[Math.floor(quantile * (times.length - 1))] ?? 0).toFixed(0);
  console.log(`\n${title}: ${count.made} made, ${count.felt} felt`);
  console.log(`  cause names what is wrong     ${share(count.named)}`);
  console.log(`  first repair restores         ${share(count.restored)}`);
  console.log(`  all repairs restore           ${share(count.restoredByAll)}`);
  console.log(`  repairs told, harmful         ${count.told}, ${count.harmful}`);
  console.log(
    `  search                        median ${at(0.5)} ms, p95 ${at(0.95)} ms, longest ${at(1)} ms`,
  );
  for (const { took, text, tried } of slowest)
    console.log(`    ${took.toFixed(0)} ms, ${tried.toFixed(0)} tried: ${text}`);
  if (has('misses')) for (const line of misses) console.log(`  - ${line}`);
}

function* singles(): Iterable<Case> {
  const every = option('every', 1);
  for (const spot of SPOTS)
    for (const [index, { text, edit }] of singleMistakes(spot.plan, spot.door).entries())
      if (index % every === 3 % every) yield { spot, text, edit };
}

function* pairs(): Iterable<Case> {
  const next = random(20_261_126);
  for (let n = 0; n < option('pairs', 500); n += 1) {
    const spot = SPOTS[Math.floor(next() * SPOTS.length)]!;
    const all = singleMistakes(spot.plan, spot.door);
    const [one, two] = [0, 1].map(() => all[Math.floor(next() * all.length)]!);
    if (!one || !two) continue;
    const edit: Edit = { kind: 'batch', label: '', edits: [one.edit, two.edit] };
    yield { spot, text: `${one.text}; ${two.text}`, edit, parts: [one.edit, two.edit] };
  }
}

/** Mistakes that are not of one wire at one door: of settings, of a device forgotten, of the door beside. */
function* others(of: (spot: Spot) => readonly { readonly text: string; readonly edit: Edit }[], every = 1) {
  let n = 0;
  for (const spot of SPOTS)
    for (const { text, edit } of of(spot)) if ((n += 1) % every === 0) yield { spot, text, edit };
}

/** Two doors of each set side by side, the second with the same hardware. */
const beside = (spot: Spot, from: typeof wiresAtOtherDoor) => {
  const plan = siteOf({ doors: 2, sets: [spot.name] });
  return from(plan, 'D001', 'D002').map((one) => ({ ...one, plan }));
};

function* besides(from: typeof wiresAtOtherDoor, every: number): Iterable<Case> {
  let n = 0;
  for (const spot of SPOTS.filter(({ name }) => HARDWARE_SETS.some(({ id }) => id === name)))
    for (const { text, edit, plan } of beside(spot, from))
      if ((n += 1) % every === 0) yield { spot: { name: spot.name, plan, door: 'D001' }, text, edit };
}

/** Ways of wiring that a door may have been wired by before somebody marked it with another. */
const ASTRAY: Partial<Schools> = { release: 'wet-output', readerFeed: 'shared', fireReach: 'home-run' };

/** Doors that were wired in another way than the one they are marked with: the hint leads astray. */
function* otherMethods(every: number): Iterable<Case> {
  for (const spot of SPOTS) {
    const own = spot.plan.doors[spot.door]!.schools;
    for (const [school, value] of Object.entries(ASTRAY)) {
      const schools = { ...own, [school]: value };
      const marked = applyEdit(spot.plan, { kind: 'setDoor', id: spot.door, patch: { schools } });
      if (!marked.ok || JSON.stringify(schools) === JSON.stringify(own)) continue;
      for (const [index, { text, edit }] of singleMistakes(spot.plan, spot.door).entries())
        if (index % every === 5 % every)
          yield { spot: { ...spot, plan: marked.plan }, text: `${school} ${value}: ${text}`, edit };
    }
  }
}

const every = option('every', 1);
const kinds: readonly (readonly [string, Iterable<Case>])[] = [
  ['single mistakes', singles()],
  ['settings', others(({ plan, door: id }) => settingMistakes(plan, id), every)],
  ['parts missing', others(({ plan, door: id }) => missingDevices(plan, id))],
  ['wires on the door beside', besides(wiresAtOtherDoor, every)],
  ['wires swapped across doors', besides(swapsAcross, every)],
  ['doors wired by another method', otherMethods(every * 4)],
];
const only = process.argv.indexOf('--only');
for (const [title, cases] of kinds)
  if (only < 0 || title.includes(process.argv[only + 1] ?? '')) weighAll(title, cases);
if ((only < 0 || 'pairs'.includes(process.argv[only + 1] ?? '')) && option('pairs', 500) > 0)
  weighAll('pairs of mistakes', pairs());
