import Plus from 'lucide-react/icons/plus';
import Printer from 'lucide-react/icons/printer';
import { does, functionOf, settingValue } from '#core/devices/index';
import { allDevices, doorsInOrder, findIn, typeIn, type Zone } from '#core/plan/index';
import { zonesInOrder, type ReleaseTree, type ZoneCell } from '#core/reach/index';
import { LAW } from '#words/findings/index';
import { zoneCellWords } from '#words/reach';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import { Empty } from '../../ui/Empty';
import { useDispatch, usePlan } from '../../store/context';
import { newId } from '../../store/newId';
import { TreePicture } from './TreePicture';
import table from '../../ui/DataTable.module.css';
import css from './Release.module.css';

const MARKS = { pass: '✓', fail: '✕', 'not-proven': '?' } as const;
/** What is asked of a door when its cell is pressed again and again. */
const NEXT = { none: 'release', release: 'keep', keep: 'none' } as const;

/** Every fire zone against every door, proven; the relays that each zone trips; for print as well. */
export function Zones({ cells, tree }: { cells: readonly ZoneCell[] | null; tree: ReleaseTree | null }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const zones = zonesInOrder(plan);
  const doors = doorsInOrder(plan);
  const relays = allDevices(plan).filter((device) => does(typeIn(plan, device), 'fireRelay'));
  /** A relay with what it does when its line is lost, as the fire officer asks. */
  const relayWords = (id: string): string => {
    const device = findIn(plan.devices, id);
    if (!device) return id;
    const type = typeIn(plan, device);
    const latch = functionOf(type, 'fireRelay')?.latchSetting ?? '';
    const latching = settingValue(type, device.settings, latch) === 'latching';
    return `${device.door ?? 'site'} ${device.tag} (${latching ? 'latching' : 'not latched'})`;
  };
  const cell = (zone: string, door: string) => cells?.find((one) => one.zone === zone && one.door === door);
  const add = () =>
    dispatch(
      {
        kind: 'addZone',
        zone: {
          id: newId(),
          name: `Zone ${zones.length + 1}`,
          order: zones.length,
          relays: [],
          releases: [],
          keeps: [],
        },
      },
      'add a fire zone',
    );
  const ask = (zone: Zone, door: string) => {
    const now = zone.releases.includes(door) ? 'release' : zone.keeps.includes(door) ? 'keep' : 'none';
    const next = NEXT[now];
    const without = (list: readonly string[]) => list.filter((one) => one !== door);
    dispatch(
      {
        kind: 'setZone',
        id: zone.id,
        patch: {
          releases: next === 'release' ? [...zone.releases, door] : without(zone.releases),
          keeps: next === 'keep' ? [...zone.keeps, door] : without(zone.keeps),
        },
      },
      `say what ${zone.name} does to ${door}`,
    );
  };
  const trip = (zone: Zone, relay: string) =>
    dispatch(
      {
        kind: 'setZone',
        id: zone.id,
        patch: {
          relays: zone.relays.includes(relay)
            ? zone.relays.filter((one) => one !== relay)
            : [...zone.relays, relay],
        },
      },
      `say which relays ${zone.name} trips`,
    );
  return (
    <div data-print="zones">
      <h2 className={css['printed']}>{plan.site.name}: what the fire panel releases</h2>
      {zones.length === 0 ? (
        <Empty title="No fire zones yet">
          A zone is what the fire panel tells of by itself: which relays it trips, which doors must be free
          then.
        </Empty>
      ) : (
        <div className={css['wide']} tabIndex={0} role="region" aria-label="Zones against doors">
          <table className={cx(table['table'], css['matrix'])}>
            <caption className="hush">What each fire zone does to each door</caption>
            <thead>
              <tr>
                <th scope="col">Released by</th>
                {doors.map(({ id }) => (
                  <th key={id} scope="col">
                    {id}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {zones.map((zone) => (
                <tr key={zone.id}>
                  <th scope="row">{zone.name}</th>
                  {doors.map(({ id }) => {
                    const found = cell(zone.id, id);
                    const asked = zone.releases.includes(id)
                      ? 'release'
                      : zone.keeps.includes(id)
                        ? 'keep'
                        : null;
                    const verdict = found?.verdict ?? null;
                    const words = found && asked ? zoneCellWords({ ...found, asked }) : '';
                    return (
                      <td key={id} className={cx(verdict && css[verdict])}>
                        <button
                          type="button"
                          aria-label={`${zone.name}, ${id}: ${asked === null ? 'nothing asked' : `${asked === 'release' ? 'must be free' : 'must stay shut'}, ${words}`}`}
                          onClick={() => ask(zone, id)}
                        >
                          {asked === null ? '·' : `${verdict ? MARKS[verdict] : ''} ${words}`}
                        </button>
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      <p className={css['hint']}>
        Press a cell to ask that the door be free in that zone, that it stay shut, or nothing. What it does is
        proven, not entered.
      </p>
      {tree && (tree.relays.length > 0 || zones.length > 0) && <TreePicture tree={tree} />}
      {zones.map((zone) => (
        <section key={zone.id} className={css['zone']} aria-label={zone.name}>
          <h2>{zone.name}</h2>
          <p className={css['chips']}>
            <span>trips</span>
            {relays.map(({ id, door, tag }) => (
              <button
                key={id}
                type="button"
                className={css['chip']}
                aria-pressed={zone.relays.includes(id)}
                onClick={() => trip(zone, id)}
              >
                {door ? `${door}/${tag}` : tag}
              </button>
            ))}
          </p>
          <p className={css['printed']}>
            Trips {zone.relays.map((id) => relayWords(id)).join(', ') || 'no relay'}; releases{' '}
            {zone.releases.join(', ') || 'no door'}
            {zone.keeps.length > 0 ? `; leaves shut ${zone.keeps.join(', ')}` : ''}.
          </p>
          <Button
            size="s"
            look="quiet"
            onClick={() => dispatch({ kind: 'removeZone', id: zone.id }, 'take out a fire zone')}
          >
            Remove {zone.name}
          </Button>
        </section>
      ))}
      <p className={css['chips']} data-noprint>
        <Button size="s" icon={<Plus aria-hidden />} onClick={add}>
          Fire zone
        </Button>
        {zones.length > 0 && (
          <Button size="s" icon={<Printer aria-hidden />} onClick={() => window.print()}>
            Print for the fire officer
          </Button>
        )}
      </p>
      <p className={css['printed']}>{LAW}</p>
    </div>
  );
}
