import { fireReleases } from '../../prove/index';
import { onDevice } from '../context';
import { type Analysis, violation, rule } from '../violation';

/** A door that locks again where a fire relay is reset that stands at another door or at none: nobody sees who is in it then. */
const relocksUnseen: Analysis = ({ world, rest, door, proof }) => {
  const reset = proof.rows.find(({ situation }) => situation === 'fire-reset');
  const burnt = proof.rows.find(({ situation }) => situation === 'fire-burnt');
  const holds = (row: typeof reset) => row?.locks.some(({ hold }) => hold === 'held') === true;
  // One that falls back by itself has nobody who resets it, and is a finding of its own.
  if (!holds(reset) || holds(burnt)) return [];
  return fireReleases(world, rest)
    .filter(({ device }) => device.door !== door.id)
    .map(({ device }) => violation('relock-unseen', [onDevice(device.id)], { tag: device.tag }));
};

export const relockUnseen = rule({
  code: 'relock-unseen',
  family: 'R',
  station: 'prove',
  severity: 'note',
  basis: 'practice',
  find: relocksUnseen,
});
