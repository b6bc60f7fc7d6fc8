import Download from 'lucide-react/icons/download';
import type { Door } from '#core/plan/index';
import { STATIONS } from '#core/checks/stations';
import type { DoorVerdict } from '#core/verdict/index';
import { LAW, STATION_NAMES } from '#words/findings/index';
import { MARK_WORDS, openWords } from '#words/marks';
import { say } from '#words/stations/handover/HandOverStation';
import { useNavigate } from '../../parts/navigation';
import { StationFrame } from '../../parts/StationFrame';
import { usePlan, useSite } from '../../store/context';
import buttons from '../../ui/Button.module.css';
import { cx } from '../../ui/cx';
import { PackLink } from '../../parts/PackLink';
import css from './HandOverStation.module.css';

/** The sign of each mark. */
const SIGNS = {
  settled: '✓',
  'to-settle': '◆',
  'to-consider': '◆',
  begun: '◐',
  'not-begun': '○',
} as const;

/** What goes to whoever runs the door from now on. */
export function HandOverStation({ door, verdict }: { door: Door; verdict: DoorVerdict | null }) {
  const plan = usePlan();
  const { status } = useSite();
  const go = useNavigate();
  const base = `/api/sites/${encodeURIComponent(plan.site.id)}`;
  const id = encodeURIComponent(door.id);
  const file = (href: string, title: string, text: string) => (
    <li>
      <a href={href} className={cx(buttons['button'], buttons['m'], buttons['plain'])} download>
        <Download aria-hidden /> {title}
      </a>
      <span>{text}</span>
    </li>
  );
  const open = verdict ? openWords(verdict.marks) : [];
  return (
    <StationFrame door={door}>
      <div className={css['hand']}>
        <section>
          <h2>{say.thePackOf(door.id)}</h2>
          {open.length > 0 && (
            <p className={css['wait']} role="status">
              <b>{say.notReadyToHandOver}</b> {say.packSaysSoFirst(open.join('; '))}
            </p>
          )}
          {status !== 'saved' && <p className={css['wait']}>{say.yourLastChangeNot}</p>}
          <ul className={css['files']}>
            <li>
              <PackLink door={door} main={open.length === 0} start about={say.doorSheetLoopsWire}>
                {say.packAsPdf}
              </PackLink>
            </li>
            {file(`${base}/wires.csv?door=${id}`, say.wiresAsCsv, say.oneRowConductorSpreadsheet)}
            {file(`${base}/wires.csv?door=${id}&decimal=comma`, say.csvDecimalCommas, say.sameWires075)}
            {file(`${base}/export.json`, say.siteAsAldabaJson, say.wholeSiteWithoutCodes)}
          </ul>
        </section>
        <section>
          <h2>{say.beforeItGoesOut}</h2>
          <ul className={css['stations']}>
            {STATIONS.filter((station) => station !== 'hand-over').map((station) => {
              const mark = verdict?.marks[station] ?? 'not-begun';
              return (
                <li key={station} className={css[mark]}>
                  <i aria-hidden>{SIGNS[mark]}</i>
                  <button type="button" onClick={() => go({ kind: 'door', door: door.id, station })}>
                    {STATION_NAMES[station]}
                  </button>
                  <span>{MARK_WORDS[mark]}</span>
                </li>
              );
            })}
          </ul>
        </section>
        <p className={css['law']}>{LAW}</p>
      </div>
    </StationFrame>
  );
}
