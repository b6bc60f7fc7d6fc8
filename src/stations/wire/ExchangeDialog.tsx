import { useEffect, useMemo, useState } from 'react';
import { findingKey, toPutRight } from '#core/checks/findingKey';
import type { Finding } from '#core/checks/index';
import { exchangeType } from '#core/door/exchangeType';
import { doorsAround, type Exchange } from '#core/door/index';
import { FAMILIES, type DeviceType } from '#core/devices/index';
import { LIBRARY } from '#core/devices/library/index';
import { applyEdit, typeIn, type Device, type DoorId, type Plan } from '#core/plan/index';
import { FAMILY_LABELS } from '#words/devices';
import { findingReason, findingTitle } from '#words/findings/index';
import { refusalWords } from '#words/problems';
import { say } from '#words/stations/wire/ExchangeDialog';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { SelectField } from '../../ui/Field';
import { useDispatch, usePlan } from '../../store/context';
import css from './ExchangeDialog.module.css';

interface Props {
  readonly device: Device;
  readonly open: boolean;
  onOpenChange(open: boolean): void;
}

/** Another type in a device's place: what fits, what does not, and what the verdict says to it, before it is done. */
export function ExchangeDialog({ device, open, onOpenChange }: Props) {
  const plan = usePlan();
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      wide
      title={say.anotherTypeFor(device.tag)}
      description={say.tagPlaceNotesWhatever(device.tag, typeIn(plan, device).name)}
    >
      {open && <ExchangeForm device={device} onDone={() => onOpenChange(false)} />}
    </Dialog>
  );
}

function ExchangeForm({ device, onDone }: { device: Device; onDone(): void }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const now = typeIn(plan, device);
  const types = useMemo(() => [...Object.values(plan.types), ...LIBRARY], [plan.types]);
  const [chosen, choose] = useState('');
  const to = types.find(({ id }) => id === chosen);
  const exchange = useMemo(() => (to ? exchangeType(plan, device, to) : null), [plan, device, to]);
  const tried = useMemo(() => (exchange ? applyEdit(plan, exchange.edit) : null), [plan, exchange]);
  const families = [now.family, ...FAMILIES.filter((family) => family !== now.family)];
  return (
    <form
      className={css['form']}
      onSubmit={(event) => {
        event.preventDefault();
        if (!exchange || !to || !tried?.ok) return;
        if (dispatch(exchange.edit, say.makeA(device.tag, to.name), say.isANow(device.tag, to.name)))
          onDone();
      }}
    >
      <SelectField label={say.type} value={chosen} onChange={(event) => choose(event.target.value)} autoFocus>
        <option value="">{say.chooseAType}</option>
        {families.map((family) => (
          <optgroup key={family} label={FAMILY_LABELS[family]}>
            {types
              .filter((type) => type.family === family && type.id !== now.id)
              .map((type) => (
                <option key={type.id} value={type.id}>
                  {type.name}
                </option>
              ))}
          </optgroup>
        ))}
      </SelectField>
      {to && exchange && (
        <>
          <p className={css['what']}>{to.description}</p>
          <WhatFits device={device} exchange={exchange} to={to} />
          {tried?.ok && <WhatNoLongerSuits before={plan} after={tried.plan} device={device} />}
          {tried && !tried.ok && (
            <p role="alert" className={css['bad']}>
              {say.nothingWouldBeChanged(refusalWords(tried.refusal))}
            </p>
          )}
        </>
      )}
      <Button type="submit" look="main" disabled={!tried?.ok}>
        {say.exchange(device.tag)}
      </Button>
    </form>
  );
}

function WhatFits({ device, exchange, to }: { device: Device; exchange: Exchange; to: DeviceType }) {
  const { moved, off, lost } = exchange;
  if (moved.length + off.length + lost.length === 0)
    return <p className={css['good']}>{say.everyWireSettingFits}</p>;
  return (
    <ul className={css['list']}>
      {moved.map(({ wire, pin, now }) => (
        <li key={wire.id}>{say.goesWhichDoesSame(wire.number, pin, now)}</li>
      ))}
      {off.map((wire) => (
        <li key={wire.id} className={css['bad']}>
          {say.removedNoSuchTerminal(wire.number, to.name)}
        </li>
      ))}
      {lost.length > 0 && <li>{say.backDelivered(lost.join(', '), device.tag, lost.length)}</li>}
    </ul>
  );
}

/** As many doors as are judged here; a supply for more says so. */
const MOST_DOORS = 12;

type News = {
  readonly found: readonly { door: DoorId; finding: Finding }[];
  readonly doors: number;
  readonly left: number;
};

/** What the verdict says against it that it does not say now, at every door that feels this device. */
function WhatNoLongerSuits({ before, after, device }: { before: Plan; after: Plan; device: Device }) {
  const [news, setNews] = useState<News | null>(null);
  useEffect(() => {
    let gone = false;
    setNews(null);
    void import('#core/verdict/index').then(async ({ judge }) => {
      const home = device.door ?? Object.keys(before.doors)[0];
      const doors = home === undefined ? [] : [...doorsAround(before, home)];
      const found: { door: DoorId; finding: Finding }[] = [];
      for (const door of doors.slice(0, MOST_DOORS)) {
        // One door after the other: the page answers in between.
        await new Promise((resolve) => setTimeout(resolve));
        if (gone) return;
        const [old, now] = [judge(before, door), judge(after, door)];
        const known = new Set(old.ok ? old.verdict.findings.map(findingKey) : []);
        if (now.ok)
          for (const finding of now.verdict.findings)
            if (toPutRight(finding) && !known.has(findingKey(finding))) found.push({ door, finding });
      }
      if (!gone) setNews({ found, doors: doors.length, left: Math.max(0, doors.length - MOST_DOORS) });
    });
    return () => {
      gone = true;
    };
  }, [before, after, device]);
  return (
    <div role="status" className={css['news']}>
      {news === null ? (
        <p>{say.judgingTheDoorWithIt}</p>
      ) : news.found.length === 0 ? (
        <p className={css['good']}>{say.verdictFindsNothingNew(news.doors, news.doors - news.left)}</p>
      ) : (
        <>
          <h3>{say.whatNoLongerSuits}</h3>
          <ul className={css['list']}>
            {news.found.map(({ door, finding }, index) => (
              <li key={index}>
                <b>
                  {news.doors > 1 ? `${door}: ` : ''}
                  {findingTitle(finding)}
                </b>{' '}
                {findingReason(finding)}
              </li>
            ))}
          </ul>
        </>
      )}
      {news !== null && news.left > 0 && <p>{say.moreDoorsHangWere(news.left)}</p>}
    </div>
  );
}
