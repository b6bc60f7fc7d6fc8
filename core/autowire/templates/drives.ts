import { functionOf } from '../../devices/index';
import { layout, NO_LAYOUT, type Run } from '../run';
import { contactsOf, EXIT, inSeries, type ContactAt, type PairColours } from './contacts';
import { freePole } from './lockPower';
import { pin, run, type Template } from './template';

/**
 * What must stop a drive or turn it round: each kind in one closed loop on the input that is there for it. Without a stop button
 * its loop is a bridge. The loop of what is in the way stays open where nothing feels it: a drive that shuts blindly is nobody's default.
 */
export const driveLoops: Template = ({ operators, all }, ledger) => {
  const [drive] = operators;
  const spec = drive && functionOf(drive.type, 'operator');
  if (!drive || !spec) return NO_LAYOUT;
  const loop = (name: string | undefined, contacts: readonly ContactAt[]): Run[] => {
    const part = drive.type.parts.find(({ kind, id }) => kind === 'input' && id === name);
    if (part?.kind !== 'input') return [];
    return inSeries(contacts, pin(drive, part.a), pin(drive, part.b), EXIT, ledger);
  };
  const edges = contactsOf(all, 'safetyContact');
  return layout([
    ...(edges.length > 0 ? loop(spec.safety, edges) : []),
    ...loop(spec.stop, contactsOf(all, 'stopContact')),
  ]);
};

/**
 * A fire door's operators on a pole of its fire relay that nothing else takes, each in a loop of the same contact: cut by the alarm, or by a
 * wire that burns, they shut the leaf and open it to nobody.
 */
export const alarmedDrives: Template = (parts, ledger) => {
  const relays = parts.fireRelays.flatMap((at): ContactAt[] => {
    const pole = freePole(parts, at);
    return pole ? [{ at, ends: { a: pole.com, b: pole.nc } }] : [];
  });
  const drives = parts.operators.flatMap((at) => {
    const [input, spec] = [at.type.roles.operator?.fire, functionOf(at.type, 'operator')];
    return input ? [{ at, input, setting: spec?.fireSetting }] : [];
  });
  const [first, ...others] = drives;
  if (!first || relays.length === 0 || parts.door?.brief.fireDoor !== true) return NO_LAYOUT;
  const colours: PairColours = { live: 'alarm', common: 'exit-common' };
  const live = pin(first.at, first.input.input);
  const common = pin(first.at, first.input.common);
  return layout(
    [
      ...inSeries(relays, live, common, colours, ledger),
      ...others.flatMap(({ at, input }) => [
        run(ledger.take(live), ledger.take(pin(at, input.input)), colours.live, 'signal'),
        run(ledger.take(pin(at, input.common)), ledger.take(common), colours.common, 'signal'),
      ]),
    ],
    drives.flatMap(({ at, setting }) =>
      setting ? [{ device: at.device.id, setting, value: 'on' as const }] : [],
    ),
  );
};
