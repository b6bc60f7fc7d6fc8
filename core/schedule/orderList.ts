import { doorsInOrder, devicesOf, typeIn, type Plan } from '../plan/index';
import { billOfMaterials, type BillRow } from './bill';

/** One line of what is to be ordered for a site. */
export interface OrderRow extends Pick<BillRow, 'kind' | 'name' | 'count' | 'unit'> {
  /** Doors it is for, each with how much: `D01 2, D04 1`. */
  readonly of: string;
}

const KINDS: readonly BillRow['kind'][] = ['device', 'cable', 'wire', 'ferrule', 'cap'];

/** Everything to buy for a site: the bills of its doors added up, with the devices that belong to no door. */
export function orderList(plan: Plan): OrderRow[] {
  const rows = new Map<string, { row: BillRow; count: number; of: string[] }>();
  const add = (row: BillRow, where: string) => {
    const key = `${row.kind} ${row.unit} ${row.name}`;
    const so = rows.get(key) ?? { row, count: 0, of: [] };
    rows.set(key, { ...so, count: so.count + row.count, of: [...so.of, `${where} ${row.count}`] });
  };
  for (const { id } of doorsInOrder(plan)) for (const row of billOfMaterials(plan, id)) add(row, id);
  for (const device of devicesOf(plan, null))
    add(
      { kind: 'device', name: typeIn(plan, device).name, count: 1, unit: 'pieces', of: device.tag },
      device.tag,
    );
  return [...rows.values()]
    .map(({ row: { kind, name, unit }, count, of }): OrderRow => ({
      kind,
      name,
      unit,
      count,
      of: of.join(', '),
    }))
    .sort((a, b) => KINDS.indexOf(a.kind) - KINDS.indexOf(b.kind) || (a.name < b.name ? -1 : 1));
}
