import { recommendDeadState } from '../../brief/index';
import { lockDeadState } from '../../door/index';
import { type Analysis, violation, type Violation } from '../violation';
import { doorSubject } from './doorSubject';

/** The brief, the dead state chosen, and whether it may be built at all. */
export const deadState: Analysis = (context) => {
  const { door, parts, plan } = context;
  const at = doorSubject(context);
  const advice = recommendDeadState(door.brief);
  const findings: Violation[] = [];
  if (!advice.ok) {
    findings.push(
      violation('brief-open', at, {
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
      findings.push(violation('dead-state-open', at, { state: advice.recommended }, { remedy }));
    }
  } else if (advice.ok && door.deadState.state !== advice.recommended) {
    const values = {
      state: door.deadState.state,
      reason: door.deadState.overrideReason ?? '',
      by: door.deadState.by,
    };
    findings.push(violation('dead-state-overridden', at, values));
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
      violation(
        'dead-state-differs',
        subject,
        { tag: lock.device.tag, real, wanted: door.deadState.state },
        remedy,
      ),
    );
  }
  return findings;
};
