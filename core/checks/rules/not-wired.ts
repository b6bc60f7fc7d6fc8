import { autowire } from '../../autowire/index';
import { isRunEntered, runOf } from '../../door/index';
import { metres } from '../../units/index';
import { doorSubject } from '../analyses/doorSubject';
import { notWired as isNotWired } from '../analyses/notWired';
import { type Analysis, violation, rule } from '../violation';

/** A door whose hardware stands there unwired: wiring it is the advice, and Aldaba's own wiring the remedy. */
const unwired: Analysis = (context) => {
  const { plan, door, parts, trial } = context;
  if (!isNotWired(context)) return [];
  const values = { count: parts.all.filter(({ device }) => device.door === door.id).length };
  if (trial) return [violation('not-wired', doorSubject(context), values)];
  const { edit, added } = autowire(
    plan,
    door.id,
    runOf(plan, door.id) ?? metres(12),
    isRunEntered(plan, door.id),
  );
  return [violation('not-wired', doorSubject(context), values, added.length > 0 ? { remedy: edit } : {})];
};

export const notWired = rule({
  code: 'not-wired',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: unwired,
});
