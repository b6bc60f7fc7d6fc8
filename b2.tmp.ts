import { magnetDoor } from './core/testing/doors';
import { buildWorld, atRest } from '#core/simulate/index';
import { settle, AT_REST } from '#core/circuit/index';
const plan = magnetDoor();
const world=buildWorld(plan,'D01');const rest=atRest(world);
for(let i=0;i<30000;i++)settle(world.netlist,AT_REST,rest.point.on);
