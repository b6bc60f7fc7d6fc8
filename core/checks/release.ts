import { lockDeadState } from '../door/index';
import { recommendDeadState } from '../brief/index';
import { settingValue, type DeviceType } from '../devices/index';
import { terminalId, type Device } from '../plan/index';
import type { RoundLoop } from '../loops/index';
import { leverOpens } from '../simulate/index';
import { fireReleases, type Cell, type Missing } from '../prove/index';
import { finder, type Check, type CheckContext } from './context';
import type { Finding } from './finding';

const brief = finder('R', 'brief');
const find = finder('R', 'prove');
const doorSubject = ({ door }: CheckContext) => [{ kind: 'door', id: door.id } as const];

/** The brief, the dead state chosen, and whether it may be built at all. */
export const deadState: Check = (context) => {
  const { door, parts, plan } = context;
  const at = doorSubject(context);
  const advice = recommendDeadState(door.brief);
  const findings: Finding[] = [];
  if (!advice.ok) {
    findings.push(
      brief('brief-open', 'caution', 'practice', at, {
        count: advice.missing.length,
        questions: advice.missing.join(','),
      }),
    );
  }
  if (!door.deadState) {
    if (advice.ok) {
      const remedy = {
        kind: 'setDoor',
        id: door.id,
        patch: { deadState: { state: advice.recommended, overrideReason: null, by: '' } },
      } as const;
      findings.push(
        brief('dead-state-open', 'caution', 'practice', at, { state: advice.recommended }, { remedy }),
      );
    }
  } else if (advice.ok && door.deadState.state !== advice.recommended) {
    const values = {
      state: door.deadState.state,
      reason: door.deadState.overrideReason ?? '',
      by: door.deadState.by,
    };
    findings.push(brief('dead-state-overridden', 'note', 'practice', at, values));
  }
  for (const lock of parts.locks) {
    const real = lockDeadState(plan, lock);
    if (!real || !door.deadState || real === door.deadState.state) continue;
    const spec = lock.type.lock;
    const remedy =
      spec?.kind === 'strike' && spec.mode.by === 'setting'
        ? {
            remedy: {
              kind: 'setSetting',
              device: lock.device.id,
              setting: spec.mode.setting,
              value: door.deadState.state,
            } as const,
          }
        : {};
    const subject = [{ kind: 'device', id: lock.device.id } as const];
    findings.push(
      find(
        'dead-state-differs',
        'stop',
        'physics',
        subject,
        { tag: lock.device.tag, real, wanted: door.deadState.state },
        remedy,
      ),
    );
  }
  return findings;
};

/** Fail-secure, an escape route, and no lever: people are trapped. Never a warning. */
export const trapped: Check = (context) => {
  const { door, parts, world, plan } = context;
  const secure =
    parts.locks.some((lock) => lockDeadState(plan, lock) === 'fail-secure') ||
    door.deadState?.state === 'fail-secure';
  if (!secure || door.brief.mechanicalEgress !== false || leverOpens(world)) return [];
  const severity = door.brief.escapeRoute === false ? 'fix' : 'stop';
  return [brief('traps-people', severity, 'local-code', doorSubject(context))];
};

/** The emergency break: there, in the lock's own power, in both legs. */
export const breakGlass: Check = (context) => {
  const { parts, loops, plan } = context;
  const magnets = parts.locks.filter((lock) => lockDeadState(plan, lock) === 'fail-safe');
  if (magnets.length === 0 || leverOpens(context.world)) return [];
  if (parts.breakGlasses.length === 0)
    return [find('no-break-glass', 'stop', 'local-code', doorSubject(context))];
  // A double magnet has a loop for each winding; they are broken together or not at all.
  const seen = new Set<string>();
  return loops.flatMap((loop): Finding[] => {
    if (loop.shape !== 'round' || loop.kind !== 'lock-power' || !loop.complete) return [];
    if (seen.has(loop.load.device)) return [];
    seen.add(loop.load.device);
    const legs = [loop.supply, loop.back].map((leg) => glassesIn(leg, context));
    const tags = [...new Set(legs.flat())].map((id) => plan.devices[id]?.tag ?? id).join(', ');
    const subject = [{ kind: 'device', id: loop.load.device } as const];
    const lock = plan.devices[loop.load.device]?.tag ?? '';
    if (legs.every((leg) => leg.length === 0)) {
      const glass = parts.breakGlasses[0]?.device;
      return [
        find('break-not-in-lock-power', 'stop', 'local-code', [{ kind: 'device', id: glass?.id ?? '' }], {
          tag: glass?.tag ?? '',
          lock,
        }),
      ];
    }
    if (legs.some((leg) => leg.length === 0))
      return [find('break-in-one-leg', 'note', 'practice', subject, { tag: tags, lock })];
    return [find('break-both-legs', 'sound', 'physics', subject, { tag: tags, lock })];
  });
};

function glassesIn(leg: RoundLoop['supply'], { parts }: CheckContext): string[] {
  const glasses = new Set(parts.breakGlasses.map(({ device }) => device.id));
  return leg.complete
    ? leg.steps.flatMap((step) => (step.kind === 'through' && glasses.has(step.device) ? [step.device] : []))
    : [];
}

/** The fire release: there where the door opens by losing power, and latched. */
export const fireRelease: Check = (context) => {
  const { parts, loops, plan, world } = context;
  const safe = parts.locks.some((lock) => lockDeadState(plan, lock) === 'fail-safe');
  if (!safe) return [];
  if (fireReleases(world).length === 0)
    return [find('no-fire-release', 'caution', 'local-code', doorSubject(context))];
  return parts.fireRelays.flatMap(({ device, type }): Finding[] => {
    const spec = type.behaviour;
    if (spec.kind !== 'fireRelay') return [];
    if (isLatching(device.settings, type) || latchesAtSupply(context, device.id, type)) return [];
    const loop = loops.find((one): one is RoundLoop => one.shape === 'round' && one.kind === 'lock-power');
    const first = loop?.supply.complete ? loop.supply.steps.find((step) => step.kind === 'wire') : undefined;
    const wire = first?.kind === 'wire' ? (plan.conductors[first.conductor]?.number ?? '') : '';
    const lock = parts.locks[0]?.device.tag ?? '';
    const remedy = {
      kind: 'setSetting',
      device: device.id,
      setting: spec.latchSetting,
      value: 'latching',
    } as const;
    return [
      find(
        'fire-not-latched',
        'stop',
        'local-code',
        [{ kind: 'device', id: device.id }],
        { tag: device.tag, wire, lock },
        { remedy },
      ),
    ];
  });
};

const isLatching = (settings: Device['settings'], type: DeviceType): boolean =>
  type.behaviour.kind !== 'fireRelay' ||
  settingValue(type, settings, type.behaviour.latchSetting) === 'latching';

/** The relay works the fire input of a supply, and that input latches. */
function latchesAtSupply({ parts, groupOf }: CheckContext, relay: string, type: DeviceType): boolean {
  // Either throw may work the input: the one that opens on alarm, or the one that closes.
  const poles = (type.roles.breakers ?? []).flatMap(({ com }) =>
    type.parts
      .filter((part) => part.kind === 'contact' && part.a === com)
      .flatMap((part) => [part.a, part.b].map((pin) => groupOf(terminalId(relay, pin)))),
  );
  return parts.supplies.some((supply) => {
    const { behaviour, roles } = supply.type;
    if (behaviour.kind !== 'fireInput' || !roles.fireInput) return false;
    const latching = settingValue(supply.type, supply.device.settings, behaviour.latchSetting) === 'latching';
    return latching && poles.includes(groupOf(terminalId(supply.device.id, roles.fireInput.input)));
  });
}

/** A fire input whose contact closes on alarm: a cut wire goes unnoticed until the fire. */
export const fireTrigger: Check = ({ parts, door, wiresAt }) =>
  parts.supplies.flatMap(({ device, type }): Finding[] => {
    const { behaviour, roles } = type;
    if (device.door !== door.id || behaviour.kind !== 'fireInput' || !roles.fireInput) return [];
    const setting = behaviour.triggerSetting;
    const closes = setting !== undefined && settingValue(type, device.settings, setting) === 'NO';
    if (!closes || wiresAt(terminalId(device.id, roles.fireInput.input)).length === 0) return [];
    return [
      find('fire-unwatched', 'caution', 'practice', [{ kind: 'device', id: device.id }], { tag: device.tag }),
    ];
  });

/** What the proof found: people locked in, out, or not kept out; and what it could not prove. */
export const proven: Check = (context) => {
  const { proof, parts } = context;
  if (parts.locks.length === 0) return [];
  const at = doorSubject(context);
  // A fire relay that does not latch is a finding of its own, with its remedy.
  const latched = parts.fireRelays.every(
    ({ device, type }) => isLatching(device.settings, type) || latchesAtSupply(context, device.id, type),
  );
  const rows = proof.rows.filter((row) => latched || row.situation !== 'fire-burnt');
  const fails = (side: 'outside' | 'inside', wanted: (cell: Cell) => boolean) =>
    rows
      .filter(({ cells }) => cells[side].verdict === 'fail' && wanted(cells[side]))
      .map((row) => row.situation);
  const groups = [
    ['locked-in', 'stop', fails('inside', (cell) => cell.works.length === 0)],
    ['not-released', 'stop', fails('inside', (cell) => cell.works.length > 0)],
    ['not-kept-out', 'fix', fails('outside', (cell) => cell.expectation === 'must-not')],
    ['locked-out', 'fix', fails('outside', (cell) => cell.expectation !== 'must-not')],
  ] as const;
  const findings = groups.flatMap(([code, severity, situations]): Finding[] =>
    situations.length > 0
      ? [find(code, severity, 'physics', at, { situations: situations.join(','), count: situations.length })]
      : [],
  );
  const unsure = proof.rows.flatMap((row) =>
    [row.cells.outside, row.cells.inside].flatMap((cell) =>
      cell.verdict === 'not-proven' ? cell.missing : [],
    ),
  );
  const reasons = [...new Set(unsure.filter((one) => !saidElsewhere(one)).map((one) => one.kind))];
  if (reasons.length > 0)
    findings.push(find('not-proven', 'caution', 'physics', at, { reasons: reasons.join(',') }));
  const dead = proof.rows.find((row) => row.situation === 'dead');
  const all = [dead?.cells.outside, dead?.cells.inside].every((cell) => cell?.verdict === 'pass');
  if (dead && all) {
    const free = dead.locks.every((lock) => lock.hold === 'free');
    const tags = dead.locks.map((lock) => lock.tag).join(', ');
    findings.push(
      find(free ? 'opens-when-dead' : 'stays-shut-when-dead', 'sound', 'physics', at, { tag: tags }),
    );
  }
  return findings;
};

/** Gaps that another finding already names with its remedy. */
const saidElsewhere = (missing: Missing): boolean =>
  ['no-fire-release', 'brief', 'no-lock', 'no-dead-state', 'restless'].includes(missing.kind);

export const releaseChecks: readonly Check[] = [
  deadState,
  trapped,
  breakGlass,
  fireRelease,
  fireTrigger,
  proven,
];
