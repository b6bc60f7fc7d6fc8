import { functionsOf, roleValue, settingFor, type FunctionOf } from '../../devices/index';
import type { Placed } from '../../door/index';
import { stimulate, type SimState, type Stimulus } from '../../simulate/index';
import { onDevice, type CheckContext } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { acts, asks } from './acts';

/**
 * What a drive may do by the force it has. One of limited force opens to somebody who means it to, and slowly; one of full force may open to
 * whoever walks up, and is told of whoever stands in its way on either side. The times are those that the standards for low-energy and power
 * operated doors give; local code decides which stands.
 */

/** Seconds a low-energy leaf takes to open, and stays open, at least. */
const LEAST_OPENING_S = 3;
const LEAST_STAY_S = 5;

type Context = Pick<CheckContext, 'world' | 'rest' | 'parts' | 'plan' | 'door'>;

/** The devices whose act makes an input read something. */
function makersOf(
  { world, rest }: Context,
  list: readonly Stimulus[],
  makes: (state: SimState) => boolean,
): string[] {
  return list.flatMap((act) =>
    'device' in act && act.device && makes(stimulate(world, rest, act).state) ? [act.device] : [],
  );
}

/** Sensors that open a low-energy leaf to whoever walks up. */
function byMotion(context: Context, drive: Placed, spec: FunctionOf<'operator'>): Violation[] {
  const { world, rest, plan } = context;
  const input = `${drive.device.id}:${spec.activate}`;
  const isAsked = ({ readings }: SimState) => readings.get(input) === 'closed';
  // What asks all the time asks nobody's leave.
  if (isAsked(rest)) return [];
  const asking = new Set(makersOf(context, asks(world), isAsked));
  return world.inhabitants
    .filter(({ device }) => asking.has(device.id))
    .flatMap(({ device, type }) =>
      functionsOf(type, 'sensor')
        .filter(({ sees }) => sees !== 'hand')
        .map(({ sees }) =>
          violation(
            'low-energy-by-motion',
            [onDevice(device.id)],
            { tag: drive.device.tag, by: plan.devices[device.id]?.tag ?? '', sees: sees ?? 'unsaid' },
            sees === undefined ? { severity: 'caution' } : {},
          ),
        ),
    );
}

/** Times below what a low-energy leaf takes. */
const tooFast = ({ device, type }: Placed): Violation[] =>
  (
    [
      ['opening', LEAST_OPENING_S],
      ['stay', LEAST_STAY_S],
    ] as const
  ).flatMap(([role, least]): Violation[] => {
    const value = roleValue(type, device.settings, role);
    const setting = settingFor(type, role)?.id;
    if (typeof value !== 'number' || value >= least || !setting) return [];
    const remedy = { kind: 'setSetting', device: device.id, setting, value: least } as const;
    const values = { tag: device.tag, role, measured: value, limit: least };
    return [violation('low-energy-too-fast', [onDevice(device.id)], values, { remedy })];
  });

/** A leaf of full force that a single sensor minds: it sweeps one side and closes on the other. */
function oneSide(context: Context, drive: Placed, spec: FunctionOf<'operator'>): Violation[] {
  const { world, rest } = context;
  const input = `${drive.device.id}:${spec.safety}`;
  if (spec.safety === undefined || rest.readings.get(input) !== 'closed') return [];
  const minding = new Set(makersOf(context, acts(world), ({ readings }) => readings.get(input) === 'open'));
  if (minding.size !== 1) return [];
  const [only] = minding;
  return [
    violation('presence-one-side', [onDevice(only!)], {
      tag: drive.device.tag,
      by: context.plan.devices[only!]?.tag ?? '',
    }),
  ];
}

export const driveForce: Analysis<'world' | 'rest' | 'parts' | 'plan' | 'door'> = (context) =>
  context.parts.operators.flatMap((drive) =>
    functionsOf(drive.type, 'operator').flatMap((spec) => {
      if (spec.force === 'limited') return [...byMotion(context, drive, spec), ...tooFast(drive)];
      return spec.force === 'full' && spec.leaf === 'yields' ? oneSide(context, drive, spec) : [];
    }),
  );
