import { door } from '../core/specimens/ruleEdits';
import { buildWorld } from '../core/simulate/index';
import { exploreOrders } from '../core/orders/index';
import { typeIn, wiresOn } from '../core/plan/index';
for (const s of ['dock-intercom','mortise-bus','strike-wet','magnet-controller','strike-keypad']) { const g=exploreOrders(buildWorld(door(s),'D01'),{states:1500,depth:60}); let r; do { r=g.next() } while(!r.done); console.log(s, JSON.stringify((r.value as any).broken), (r.value as any).states); }
for (const s of ['magnet-controller','strike-keypad']) { const p=door(s); console.log(s, Object.values(p.devices).flatMap(d=>typeIn(p,d).terminals.filter(t=>/0V|V-|G|2C|L-/.test(t.id)).map(t=>`${d.tag}.${t.id} ${wiresOn(p,d.id).filter(w=>w.from.endsWith(`${d.tag}.${t.id}`)||w.to.endsWith(`${d.tag}.${t.id}`)).length}/${t.maxConductors}`)).join(' ')); }
