import { allConductors, deviceOf, pinOf, terminalLabel } from '../../plan/index';
import { onDevice, onWire } from '../context';
import { type Analysis, violation, type Violation } from '../violation';

/** Spare legs of a two-circuit switch tied together: two systems become one. */
export const tiedSpares: Analysis<'world' | 'door' | 'plan' | 'wiresAt'> = ({
  world,
  door,
  plan,
  wiresAt,
}) => {
  const wires = allConductors(plan).filter(
    (wire) => wire.door === door.id && deviceOf(wire.from) === deviceOf(wire.to),
  );
  if (wires.length === 0) return [];
  return world.inhabitants.flatMap(({ device, type }): Violation[] => {
    if (device.door !== door.id) return [];
    const poleOf = (pin: string) =>
      type.parts.find((part) => part.kind === 'contact' && (part.a === pin || part.b === pin));
    return wires.flatMap((wire): Violation[] => {
      if (deviceOf(wire.from) !== device.id || deviceOf(wire.to) !== device.id) return [];
      const [one, two] = [poleOf(pinOf(wire.from)), poleOf(pinOf(wire.to))];
      // Two throws of different circuits: a wire from one pole's throw to the next pole's common is a series.
      if (!one || !two || one.a === two.a) return [];
      if ([one, two].some((part) => part.a === pinOf(wire.from) || part.a === pinOf(wire.to))) return [];
      const spare = [wire.from, wire.to].every((end) => wiresAt(end).length === 1);
      if (!spare) return [];
      const values = {
        tag: device.tag,
        wire: wire.number,
        from: terminalLabel(plan, wire.from, door.id),
        to: terminalLabel(plan, wire.to, door.id),
      };
      return [
        violation('spare-legs-tied', [onWire(wire.id), onDevice(device.id)], values, {
          remedy: { kind: 'disconnect', id: wire.id },
        }),
      ];
    });
  });
};
