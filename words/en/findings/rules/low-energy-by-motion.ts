import type { Words } from '../text';

export const lowEnergyByMotion: Words = {
  title: (v) =>
    v['sees'] === 'walking'
      ? `${v['tag']} is low energy and opens to anybody walking past`
      : `${v['tag']} is low energy: nothing says that ${v['by']} needs a deliberate act`,
  reason: (v) =>
    `A low-energy operator opens on a deliberate act: a button, a push plate, a hand at a touchless switch. ${
      v['sees'] === 'walking'
        ? `${v['by']} opens it unasked. Replace it, or use a full-energy operator with presence sensors on both sides.`
        : `If ${v['by']} sees people walk up, use a full-energy operator with presence sensors on both sides.`
    }`,
};
