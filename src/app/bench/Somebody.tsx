import { useMemo, useState } from 'react';
import { judge, type Moment, type Presented } from '#core/access/index';
import { doorDevices, doorParts } from '#core/door/index';
import { entersByNumber, languageOf, takesFingers, type KeypadLanguage } from '#core/keypads/index';
import { cardsInUse, findIn, fingersOf, peopleAt, type Person, type Plan } from '#core/plan/index';
import { momentWords } from '#words/access';
import { groundWords, judgedWords } from '#words/judged';
import { say } from '#words/app/bench/Somebody';
import { CodesAway } from '../../parts/codes/CodesAway';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { SelectField } from '../../ui/Field';
import { MomentFields } from '../../parts/moments/MomentFields';
import { wallNow } from '../../parts/moments/today';
import { heldBy } from '../../parts/keypad/useKeypad';
import type { Bench } from '../../parts/bench/useBench';
import css from './Somebody.module.css';

interface Props {
  readonly bench: Bench;
  readonly plan: Plan;
  /** False until codes and cards have been fetched. */
  readonly complete: boolean;
  onClose(): void;
}

/** What somebody has on them, in words and as it is presented to what decides. */
const hasOf = (
  person: Person,
  { id, language }: Decides,
): { readonly label: string; readonly presented: Presented }[] => [
  ...person.cards.map((card) => ({
    label: say.card(card.facility, card.number, card.lost),
    presented: { kind: 'card', card } as const,
  })),
  ...(person.code === ''
    ? []
    : [
        language && entersByNumber(language)
          ? {
              label: say.theirNumberAndCode,
              presented: {
                kind: 'code',
                code: person.code,
                ...(person.slots[id] === undefined ? {} : { slot: person.slots[id] }),
              } as const,
            }
          : { label: say.theirCode, presented: { kind: 'code', code: person.code } as const },
      ]),
  ...(language && takesFingers(language)
    ? fingersOf(person).map((finger, index) => ({
        label: person.fingers > 1 ? say.finger(index + 1) : say.theirFinger,
        presented: { kind: 'finger', finger } as const,
      }))
    : []),
];

/** What decides at a door, and the language that it is programmed in, if it is at its own keys. */
interface Decides {
  readonly id: string;
  readonly language: KeypadLanguage | undefined;
}

/** Somebody comes to the door: who it is, with what, and when. What decides judges that card or that code, and the bench goes on from there. */
export function Somebody({ bench, plan, complete, onClose }: Props) {
  const { world } = bench;
  const door = plan.doors[world.door.id] ?? world.door;
  const { decider } = doorParts(plan, door.id);
  const decides = { id: decider?.device.id ?? '', language: languageOf(plan, decider?.type.language) };
  const people = useMemo(() => inOrder(plan, door.id), [plan, door.id]);
  const [who, setWho] = useState<string | null>(null);
  const [what, setWhat] = useState(0);
  const [at, setAt] = useState<Moment>(wallNow);
  const [reader, setReader] = useState('');
  const readers = [...doorDevices(world, 'reader'), ...doorDevices(world, 'busReader')];
  const person =
    findIn(plan.people, who ?? '') ?? people.find((one) => hasOf(one, decides).length > 0) ?? people[0];
  const has = person ? hasOf(person, decides) : [];
  const chosen = has[what] ?? has[0];
  const held = decider ? heldBy(decider.device.id) : null;
  const judged = chosen ? judge(plan, door, chosen.presented, at, held) : null;
  const hold = () => {
    if (!person || !chosen || !judged) return;
    bench.act(
      {
        kind: 'credential',
        valid: judged.opens === true,
        who: Object.keys(plan.people).sort().indexOf(person.id),
        ...(reader === '' ? {} : { device: reader }),
      },
      `${person.name}, ${chosen.label.charAt(0).toLowerCase()}${chosen.label.slice(1)}, ${momentWords(at, at.day)}`,
    );
    onClose();
  };
  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title={say.somebodyComesTo(door.id)}
      description={say.decidesJudgesCardCode}
    >
      {!complete ? (
        <CodesAway />
      ) : !person ? (
        <p>{say.nobodyListSiteYet}</p>
      ) : (
        <div className={css['form']}>
          <SelectField
            label={say.who}
            value={person.id}
            onChange={({ target }) => {
              setWho(target.value);
              setWhat(0);
            }}
          >
            {people.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </SelectField>
          {has.length === 0 ? (
            <p className={css['none']}>{say.hasNothingThatOpensHere(person.name)}</p>
          ) : (
            <SelectField
              label={say.withWord}
              value={String(Math.min(what, has.length - 1))}
              onChange={({ target }) => setWhat(Number(target.value))}
            >
              {has.map(({ label }, index) => (
                <option key={label} value={index}>
                  {label}
                </option>
              ))}
            </SelectField>
          )}
          <MomentFields at={at} onChange={setAt} />
          {readers.length > 1 && chosen?.presented.kind === 'card' && (
            <SelectField label={say.at} value={reader} onChange={({ target }) => setReader(target.value)}>
              <option value="">{say.theReaderOutside}</option>
              {readers.map(({ device }) => (
                <option key={device.id} value={device.id}>
                  {device.tag}, {device.place}
                </option>
              ))}
            </SelectField>
          )}
          {judged && (
            <div className={css['judged']} role="status" data-opens={String(judged.opens)}>
              <strong>{judgedWords(judged)}</strong>
              <p>{groundWords(plan, decider?.device.tag ?? '', judged.ground, judged.opens)}</p>
              {judged.bits !== null && (
                <p className={css['bits']}>
                  <span>{say.theReaderSendsBits(judged.bits.length)}</span>
                  <code>{judged.bits.match(/.{1,8}/g)?.join(' ')}</code>
                </p>
              )}
            </div>
          )}
          <Button look="main" disabled={!judged} onClick={hold}>
            {PRESENT[chosen?.presented.kind ?? 'card']}
          </Button>
        </div>
      )}
    </Dialog>
  );
}

const PRESENT: Readonly<Record<Presented['kind'], string>> = {
  card: say.holdItToTheReader,
  code: say.keyItIn,
  finger: say.layItOn,
};

/** Those who open the door first, each part by name. */
function inOrder(plan: Plan, door: string): readonly Person[] {
  const here = new Set(peopleAt(plan, door));
  return Object.values(plan.people).sort(
    (a, b) =>
      Number(here.has(b)) - Number(here.has(a)) ||
      Number(cardsInUse(b).length > 0) - Number(cardsInUse(a).length > 0) ||
      a.name.localeCompare(b.name),
  );
}
