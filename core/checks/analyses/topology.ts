import { portOf } from '../../bus/index';
import { findTypeIn } from '../../plan/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { busOf } from './busOf';
import { setSetting } from './setSetting';

/** Terminators at both ends of the line and nowhere else; one line without branches; not too long, not too many. */
export const topology: Analysis = (context) => {
  const bus = busOf(context);
  if (!bus) return [];
  const { plan } = context;
  const tag = (id: string) => plan.devices[id]?.tag ?? id;
  const portAt = (id: string) => {
    const type = findTypeIn(plan, plan.devices[id]?.type ?? '');
    return type ? portOf(type) : null;
  };
  const findings: Violation[] = [];
  for (const id of bus.forks) findings.push(violation('bus-forked', [onDevice(id)], { tag: tag(id) }));
  const all = [bus.controller, ...bus.members];
  for (const member of all) {
    if (member.terminator === null) continue;
    const isEnd = bus.ends.includes(member.device);
    const setting = portAt(member.device)?.terminatorSetting;
    const at = [onDevice(member.device)];
    if (isEnd && !member.terminator)
      findings.push(
        violation(
          'bus-unterminated',
          at,
          { tag: tag(member.device) },
          setSetting(member.device, setting, 'on'),
        ),
      );
    if (!isEnd && member.terminator)
      findings.push(
        violation(
          'bus-terminated-midway',
          at,
          { tag: tag(member.device) },
          setSetting(member.device, setting, 'off'),
        ),
      );
  }
  const controller = [onDevice(bus.controller.device)];
  const values = { tag: tag(bus.controller.device) };
  if (bus.metres > bus.limitMetres)
    findings.push(
      violation('bus-too-long', controller, {
        ...values,
        measured: bus.metres,
        limit: bus.limitMetres,
      }),
    );
  if (bus.unitLoads > bus.limitUnitLoads)
    findings.push(
      violation('bus-overloaded', controller, {
        ...values,
        measured: bus.unitLoads,
        limit: bus.limitUnitLoads,
      }),
    );
  return findings;
};
