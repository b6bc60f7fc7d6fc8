import { loopsSvg, spiceDeck, wiresCsv, writeAldaba } from '#core/formats/index';
import type { Plan } from '#core/plan/index';
import { conditionsOf } from '#core/simulate/index';
import { UsageError, type CommandOptions } from './usage';
import { doorsAsked, inSituation } from './doors';

/** Writes a plan in another format to standard output. */
export function exportPlan(plan: Plan, options: CommandOptions): number {
  const doors = doorsAsked(plan, options.door);
  const only = () => {
    const [door] = doors;
    if (!door || doors.length > 1) throw new UsageError('say which door: --door D03');
    return door.id;
  };
  switch (options.format) {
    case 'csv':
      console.log(
        wiresCsv(
          plan,
          doors.map((door) => door.id),
        ),
      );
      return 0;
    case 'spice': {
      const situation = options.situation ?? 'rest';
      const { world, state } = inSituation(plan, only(), situation);
      console.log(spiceDeck(world.netlist, state.point, conditionsOf(state), `${only()} ${situation}`).text);
      return 0;
    }
    case 'svg': {
      const loops = loopsSvg(plan, only());
      const height = loops.reduce((sum, loop) => sum + loop.height + 12, 0);
      const width = Math.max(0, ...loops.map((loop) => loop.width));
      let y = 0;
      const stacked = loops.map((loop) => {
        const placed = loop.svg.replace('<svg ', `<svg y="${y}" `);
        y += loop.height + 12;
        return placed;
      });
      console.log(
        `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}">\n${stacked.join('\n')}\n</svg>`,
      );
      return 0;
    }
    case 'json':
      console.log(JSON.stringify(writeAldaba(plan, { secrets: options.secrets === true }), null, 2));
      return 0;
    default:
      throw new UsageError('say which format: --format csv, spice, svg or json');
  }
}
