import Plus from 'lucide-react/icons/plus';
import Printer from 'lucide-react/icons/printer';
import { does, functionOf, settingValue } from '#core/devices/index';
import { allDevices, doorsInOrder, findIn, typeIn, type Zone } from '#core/plan/index';
import { zonesInOrder, type ReleaseTree, type ZoneCell } from '#core/reach/index';
import { LAW } from '#words/findings/index';
import { zoneCellWords } from '#words/reach';
import { say } from '#words/sitePages/release/Zones';
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
    return `${device.door ?? 'site'} ${device.tag} (${latching ? say.latching : say.notLatched})`;
  };
  const cell = (zone: string, door: string) => cells?.find((one) => one.zone === zone && one.door === door);
  const add = () =>
    dispatch(
      {
        kind: 'addZone',
        zone: {
          id: newId(),
          name: say.zone(zones.length + 1),
          order: zones.length,
          relays: [],
          releases: [],
          keeps: [],
        },
      },
      say.addAFireZone,
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
      say.sayWhatDoesTo(zone.name, door),
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
      say.sayWhichRelaysTrips(zone.name),
    );
  return (
    <div data-print="zones">
      <h2 className={css['printed']}>{say.whatTheFirePanelReleases(plan.site.name)}</h2>
      {zones.length === 0 ? (
        <Empty title={say.noFireZonesYet}>{say.zoneFirePanelTells}</Empty>
      ) : (
        <div className={css['wide']} tabIndex={0} role="region" aria-label={say.zonesAgainstDoors}>
          <table className={cx(table['table'], css['matrix'])}>
            <caption className="hush">{say.eachFireZoneDoes}</caption>
            <thead>
              <tr>
                <th scope="col">{say.releasedBy}</th>
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
                          aria-label={`${zone.name}, ${id}: ${asked === null ? say.nothingAsked : `${asked === 'release' ? say.mustBeFree : say.mustStayShut}, ${words}`}`}
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
      <p className={css['hint']}>{say.pressCellAskDoor}</p>
      {tree && (tree.relays.length > 0 || zones.length > 0) && <TreePicture tree={tree} />}
      {zones.map((zone) => (
        <section key={zone.id} className={css['zone']} aria-label={zone.name}>
          <h2>{zone.name}</h2>
          <p className={css['chips']}>
            <span>{say.trips}</span>
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
            {say.tripsReleases(
              zone.relays.map((id) => relayWords(id)).join(', ') || say.noRelay,
              zone.releases.join(', ') || say.noDoor,
              zone.keeps.length,
              zone.keeps.join(', '),
            )}
          </p>
          <Button
            size="s"
            look="quiet"
            onClick={() => dispatch({ kind: 'removeZone', id: zone.id }, say.takeOutAFireZone)}
          >
            {say.remove(zone.name)}
          </Button>
        </section>
      ))}
      <p className={css['chips']} data-noprint>
        <Button size="s" icon={<Plus aria-hidden />} onClick={add}>
          {say.fireZone}
        </Button>
        {zones.length > 0 && (
          <Button size="s" icon={<Printer aria-hidden />} onClick={() => window.print()}>
            {say.printForTheFireOfficer}
          </Button>
        )}
      </p>
      <p className={css['printed']}>{LAW}</p>
    </div>
  );
}
