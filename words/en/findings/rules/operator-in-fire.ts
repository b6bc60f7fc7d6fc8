import type { Words } from '../text';

export const operatorInFire: Words = {
  title: (v) =>
    v['does'] === 'opens'
      ? `Fire door: ${v['tag']} opens it in a fire`
      : v['does'] === 'stays'
        ? `Fire door: ${v['tag']} leaves it open in a fire`
        : v['does'] === 'unsaid'
          ? `Fire door: nothing says that ${v['tag']} closes it without power`
          : `Fire door: ${v['tag']} leaves it open without power`,
  reason: (v) =>
    v['does'] === 'opens'
      ? `With the alarm on, ${v['by'] === '' ? 'somebody' : v['by']} still has the drive open the leaf, and smoke follows. ${
          v['loop'] === 'there'
            ? `Put a normally closed pole of the fire relay in the loop at ${v['tag']}.FIRE and set it to be listened to, or cut the drive’s power with it.`
            : 'Cut the drive’s power with a pole of the fire relay, or use a drive with a fire loop.'
        }`
      : v['does'] === 'stays'
        ? 'Open when the alarm comes, the leaf stays open. On alarm the drive must close it and leave it closed.'
        : v['does'] === 'unsaid'
          ? 'Open when the power goes, the leaf must close by itself. The type of this drive does not say whether a spring does it.'
          : 'Open when the power goes, the leaf stays open: a fire door needs a drive whose spring closes it.',
};
