import { HARDWARE_SETS } from '../brief/index';
import type { Place } from '../devices/index';
import { applyEdit, devicesOf, typeIn, type DoorId, type Edit, type Plan } from '../plan/index';
import { vestibule } from './vestibule';
import { singleMistakes } from './mistakes';
import { settingMistakes, swapsAcross, wiresAtOtherDoor } from './otherMistakes';
import { door } from './ruleEdits';
import { siteOf } from './site';
import { siteRelay } from './fireSites';
import { fireSwing } from './lockdownMistakes';

/** A door that somebody planned, with what was done wrong there. */
export interface RandomDoor {
  readonly plan: Plan;
  readonly door: DoorId;
  readonly text: string;
}

const PLACES: readonly Place[] = ['outside', 'inside', 'inside', 'frame', 'above', 'enclosure'];
/** What may be hung on the wrong side. */
const HANDLED: ReadonlySet<string> = new Set(['exit', 'release', 'sounder', 'intercom', 'contact']);

/**
 * A door of some set, by itself, beside another or with several on one supply, with up to three mistakes: wires, settings, devices on the
 * wrong side, cables of two doors mixed up. The same numbers always give the same door.
 */
export function randomDoor(next: () => number): RandomDoor {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)]!;
  const kind = next();
  const [base, id, other] =
    kind < 0.55
      ? [door(pick(HARDWARE_SETS).id), 'D01', null]
      : kind < 0.75
        ? [siteOf({ doors: 2, sets: [pick(HARDWARE_SETS).id] }), 'D001', 'D002']
        : kind < 0.9
          ? [siteOf({ doors: 2, perSupply: 2 }), pick(['D001', 'D002']), null]
          : kind < 0.95
            ? [vestibule(), pick(['D01', 'D02']), null]
            : kind < 0.975
              ? [siteRelay(), pick(['D01', 'D02']), null]
              : [fireSwing(), 'D01', null];
  let plan: Plan = base;
  const texts: string[] = [];
  const done = (text: string, edit: Edit | undefined) => {
    const made = edit && applyEdit(plan, edit);
    if (!made?.ok) return;
    plan = made.plan;
    texts.push(text);
  };
  const count = Math.floor(next() * 4);
  for (let n = 0; n < count; n += 1) {
    const what = next();
    if (what < 0.2) {
      const device = pick(devicesOf(plan, id).filter((one) => HANDLED.has(typeIn(plan, one).family)));
      const place = pick(PLACES);
      if (device) done(`${device.tag} ${place}`, { kind: 'setDevice', id: device.id, patch: { place } });
      continue;
    }
    const all: readonly { readonly text: string; readonly edit: Edit }[] =
      what < 0.35
        ? settingMistakes(plan, id)
        : what < 0.5 && other
          ? [...wiresAtOtherDoor(plan, id, other), ...swapsAcross(plan, id, other)]
          : singleMistakes(plan, id);
    const mistake = all.length > 0 ? pick(all) : undefined;
    if (mistake) done(mistake.text, mistake.edit);
  }
  return { plan, door: id, text: texts.join('; ') || 'as wired' };
}
