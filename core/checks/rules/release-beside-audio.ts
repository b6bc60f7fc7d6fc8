import { conductorsOf } from '../../plan/index';
import { carriedBy } from '../analyses/carriedBy';
import { worksCoil } from '../analyses/worksCoil';
import { onWire } from '../context';
import { type Analysis, violation, rule } from '../violation';

/** Release wires in one cable with speech: they hum. */
const releaseWiresInAudioCables: Analysis = (context) => {
  const { plan, door } = context;
  const wires = conductorsOf(plan, door.id);
  const spoken = new Set(
    wires.filter((wire) => carriedBy(context, wire) === 'audio').map((wire) => wire.cable),
  );
  const beside = wires.filter((wire) => wire.cable !== '' && spoken.has(wire.cable) && worksCoil(plan, wire));
  if (beside.length === 0) return [];
  const values = { cable: beside[0]!.cable, wires: beside.map((wire) => wire.number).join(', ') };
  return [
    violation(
      'release-beside-audio',
      beside.map((wire) => onWire(wire.id)),
      values,
    ),
  ];
};

export const releaseBesideAudio = rule({
  code: 'release-beside-audio',
  family: 'W',
  station: 'wire',
  severity: 'caution',
  basis: 'practice',
  find: releaseWiresInAudioCables,
});
