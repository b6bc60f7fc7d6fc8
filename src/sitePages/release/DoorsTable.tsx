import { doorParts } from '#core/door/index';
import { doorsInOrder } from '#core/plan/index';
import { siteFindings } from '#core/site/index';
import type { DoorSummary } from '#core/verdict/index';
import { STATE_SENTENCES } from '#words/deadStates';
import { siteFindingWords } from '#words/site';
import { say } from '#words/sitePages/release/DoorsTable';
import { LongBody } from '../../ui/LongBody';
import { DeadStateGlyph } from '../../ui/glyphs';
import { useNavigate } from '../../parts/navigation';
import { usePlan } from '../../store/context';
import table from '../../ui/DataTable.module.css';
import css from '../../parts/SitePages.module.css';

/** What releases what: door by door. */
export function DoorsTable({ summaries }: { summaries: Readonly<Record<string, DoorSummary>> }) {
  const plan = usePlan();
  const go = useNavigate();
  const doors = doorsInOrder(plan);
  return (
    <>
      {siteFindings(plan).map((finding) => (
        <section key={finding.code} className={css['whole']} aria-label={say.theSiteAsAWhole}>
          <h2>{siteFindingWords(finding).title}</h2>
          <p>{siteFindingWords(finding).reason}</p>
        </section>
      ))}
      <div className={css['sheet']}>
        <table className={`${table['table']} ${table['stack']}`}>
          <caption className="hush">{say.howEachDoorIsReleased}</caption>
          <thead>
            <tr>
              <th scope="col">{say.door}</th>
              <th scope="col">{say.whenDead}</th>
              <th scope="col">{say.outBy}</th>
              <th scope="col">{say.breakGlass}</th>
              <th scope="col">{say.fireRelay}</th>
              <th scope="col">{say.toSettle}</th>
            </tr>
          </thead>
          <LongBody rows={doors} keyOf={({ id }) => id}>
            {(door) => {
              const parts = doorParts(plan, door.id);
              const state = door.deadState?.state ?? null;
              const summary = summaries[door.id];
              const fire = (summary?.fire ?? []).map(
                ({ tag, latching }) => `${tag}, ${latching ? say.latching : say.notLatched}`,
              );
              const ways = [
                door.brief.mechanicalEgress === true && say.leverOrBar,
                ...parts.exits.map(({ device }) => device.tag),
              ].filter(Boolean);
              return (
                <tr>
                  <th scope="row" className={table['whole']}>
                    <button
                      type="button"
                      className={css['door']}
                      onClick={() => go({ kind: 'door', door: door.id, station: 'prove' })}
                    >
                      {door.id} {door.name || say.unnamedDoor}
                    </button>
                  </th>
                  <td className={table['whole']}>
                    <DeadStateGlyph state={state} /> {state ? STATE_SENTENCES[state] : say.notChosen}
                  </td>
                  <td data-label={say.outBy}>{ways.join(', ') || '—'}</td>
                  <td data-label={say.breakGlass}>
                    {parts.breakGlasses
                      .map(
                        ({ device, type }) =>
                          `${device.tag}, ${(type.roles.breakers?.length ?? 1) > 1 ? say.bothLegs : say.oneLeg}`,
                      )
                      .join('; ') || '—'}
                  </td>
                  <td data-label={say.fireRelay}>{summary ? fire.join('; ') || '—' : '…'}</td>
                  <td
                    data-label={say.toSettle}
                    className={!summary?.begun ? undefined : summary.toSettle > 0 ? css['bad'] : css['good']}
                  >
                    {!summary ? '…' : !summary.begun ? '—' : summary.toSettle > 0 ? summary.toSettle : '✓'}
                  </td>
                </tr>
              );
            }}
          </LongBody>
        </table>
      </div>
    </>
  );
}
