import { useState } from 'react';
import { recommendDeadState, type DeadStateOption } from '#core/brief/index';
import { does } from '#core/devices/index';
import { devicesOf, typeIn, type AssumedAnswer, type Brief, type Door } from '#core/plan/index';
import { metres, METRES_PER_FOOT, readQuantity, type LengthUnit } from '#core/units/index';
import { DELAYS, PROTECTS, QUESTIONS, REASONS } from '#words/brief';
import { STATE_NAMES, STATE_SENTENCES } from '#words/deadStates';
import { quantityFaultWords } from '#words/quantities';
import { Button } from '../../ui/Button';
import { ChoiceField, TextField, YesNo } from '../../ui/Field';
import { DeadStateGlyph } from '../../ui/glyphs';
import { cx } from '../../ui/cx';
import { RemoveDoorDialog } from '../../parts/RemoveDoor';
import { StationFrame } from '../../parts/StationFrame';
import { useNavigate } from '../../parts/navigation';
import { storedName } from '../../parts/settings';
import { useDispatch, usePlan, useUnit } from '../../store/context';
import css from './BriefStation.module.css';

const YES_NO = [
  'escapeRoute',
  'mechanicalEgress',
  'rescuers',
  'keyOverride',
  'fireDoor',
  'ownLatch',
  'bothLeaves',
] as const;
/** A key matters where rescuers must get in, a latch at a fire door, the width where there is a second leaf. */
const asks = (brief: Brief, question: (typeof YES_NO)[number], leaves: number): boolean =>
  (question !== 'keyOverride' || brief.rescuers === true) &&
  (question !== 'ownLatch' || brief.fireDoor === true) &&
  (question !== 'bothLeaves' || leaves === 2);

/** What the door is for, and the dead state that follows from it. */
export function BriefStation({ door }: { door: Door }) {
  const dispatch = useDispatch();
  const unit = useUnit();
  const { brief } = door;
  const plan = usePlan();
  const devices = devicesOf(plan, door.id);
  const leaves = devices.some(({ leaf }) => leaf === 2) ? 2 : 1;
  const delays =
    typeof brief.delayedEgress === 'number' ||
    devices.some((device) => does(typeIn(plan, device), 'delayedEgress'));
  const answer = (patch: Partial<Brief>) => {
    const assumed = brief.assumed.filter((one) => !(one in patch));
    dispatch(
      { kind: 'setDoor', id: door.id, patch: { brief: { ...brief, ...patch, assumed } } },
      'answer the brief',
    );
  };
  return (
    <StationFrame door={door}>
      <div className={css['brief']}>
        <section className={css['questions']} aria-label="Questions">
          <NameField door={door} />
          <ChoiceField
            {...QUESTIONS.protects}
            value={brief.protects}
            options={Object.entries(PROTECTS).map(([value, label]) => ({
              value: value as NonNullable<Brief['protects']>,
              label,
            }))}
            onChange={(protects) => answer({ protects })}
          />
          {YES_NO.filter((question) => asks(brief, question, leaves)).map((question) => (
            <YesNo
              key={question}
              {...QUESTIONS[question]}
              value={brief[question]}
              onChange={(value) => answer({ [question]: value })}
            />
          ))}
          {delays && (
            <ChoiceField
              {...QUESTIONS.delayedEgress}
              value={typeof brief.delayedEgress === 'number' ? String(brief.delayedEgress) : null}
              options={Object.entries(DELAYS).map(([value, label]) => ({ value, label }))}
              onChange={(seconds) => answer({ delayedEgress: Number(seconds) })}
            />
          )}
          <YesNo
            {...QUESTIONS.outdoors}
            {...assumedAs(brief, 'outdoors', 'no')}
            value={brief.assumed.includes('outdoors') ? null : brief.outdoors}
            onChange={(outdoors) => answer({ outdoors })}
          />
          <YesNo
            {...QUESTIONS.slowWalkers}
            {...assumedAs(brief, 'slowWalkers', 'no')}
            value={brief.assumed.includes('slowWalkers') ? null : brief.slowWalkers}
            onChange={(slowWalkers) => answer({ slowWalkers })}
          />
          <DistanceField
            key={`${brief.readerDistance} ${brief.assumed.length}`}
            distance={brief.readerDistance}
            assumed={brief.assumed.includes('readerDistance')}
            unit={unit}
            onKeep={(distance) => answer({ readerDistance: metres(distance) })}
          />
          <NotesField door={door} />
          <RemoveDoor door={door} />
        </section>
        <DeadStateAdvice door={door} />
      </div>
    </StationFrame>
  );
}

/** The hint of a question that nobody has answered says what is taken until somebody does. */
const assumedAs = (brief: Brief, question: AssumedAnswer, as: string): { hint?: string } =>
  brief.assumed.includes(question)
    ? { hint: `${QUESTIONS[question].hint} Assumed until answered: ${as}.` }
    : {};

function NameField({ door }: { door: Door }) {
  const dispatch = useDispatch();
  const [name, setName] = useState<string | null>(null);
  const keep = () => {
    if (name !== null && name.trim() !== door.name)
      dispatch({ kind: 'setDoor', id: door.id, patch: { name: name.trim() } }, 'name the door');
    setName(null);
  };
  return (
    <TextField
      label="Name of the door"
      data-start
      hint="One that a stranger understands."
      value={name ?? door.name}
      maxLength={80}
      onChange={(event) => setName(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => event.key === 'Enter' && keep()}
    />
  );
}

/** A reader stands no farther from its door than this, metres. */
const FARTHEST = 200;

/** A length in metres, typed and shown in the site's unit, or with another behind it. */
function DistanceField({
  distance,
  unit,
  assumed,
  onKeep,
}: {
  distance: number;
  /** Nobody has entered it: what stands there is kept as it is by leaving the field with Enter. */
  assumed: boolean;
  unit: LengthUnit;
  onKeep(metres: number): void;
}) {
  const inUnit = (far: number) => Math.round((unit === 'ft' ? far / METRES_PER_FOOT : far) * 10) / 10;
  const [text, setText] = useState(String(inUnit(distance)));
  const read = readQuantity(text, 'm', { bare: unit });
  const value = read.kind === 'value' && read.value <= FARTHEST ? read.value : null;
  const keep = (said = false) =>
    value !== null && ((said && assumed) || inUnit(value) !== inUnit(distance)) && onKeep(value);
  const why =
    read.kind === 'fault' ? quantityFaultWords(read.fault, 'm') : `At most ${inUnit(FARTHEST)} ${unit}.`;
  return (
    <TextField
      {...QUESTIONS.readerDistance}
      {...(assumed
        ? { hint: `${QUESTIONS.readerDistance.hint} Assumed until you enter it; Enter keeps it as it is.` }
        : {})}
      unit={unit}
      value={text}
      error={value === null ? why : null}
      onChange={(event) => setText(event.target.value)}
      onBlur={() => keep()}
      onKeyDown={(event) => event.key === 'Enter' && keep(true)}
    />
  );
}

function NotesField({ door }: { door: Door }) {
  const dispatch = useDispatch();
  // What is being typed; what was kept meanwhile, here or by somebody else, does not take it away.
  const [notes, setNotes] = useState<string | null>(null);
  const keep = () => {
    if (notes !== null && notes.trim() !== door.notes)
      dispatch({ kind: 'setDoor', id: door.id, patch: { notes: notes.trim() } }, 'note');
    setNotes(null);
  };
  return (
    <TextField
      label="Notes"
      hint="What releases it, what is in the wall already, who to ask."
      value={notes ?? door.notes}
      maxLength={300}
      onChange={(event) => setNotes(event.target.value)}
      onBlur={keep}
    />
  );
}

/** Leads to what takes the door out. */
function RemoveDoor({ door }: { door: Door }) {
  const go = useNavigate();
  const [asking, setAsking] = useState(false);
  return (
    <>
      <Button size="s" look="quiet" className={css['remove']} onClick={() => setAsking(true)}>
        Remove this door
      </Button>
      <RemoveDoorDialog
        door={door}
        open={asking}
        onOpenChange={setAsking}
        onRemoved={() => go({ kind: 'door', door: null, station: 'wire' })}
      />
    </>
  );
}

function DeadStateAdvice({ door }: { door: Door }) {
  const advice = recommendDeadState(door.brief);
  const go = useNavigate();
  return (
    <section className={css['advice']} aria-label="Dead state">
      <h2>Dead state</h2>
      {advice.ok ? (
        <>
          {advice.options.map((option) => (
            <Option key={option.state} door={door} option={option} />
          ))}
          {door.deadState && (
            <Button look="main" onClick={() => go({ kind: 'door', door: door.id, station: 'wire' })}>
              Choose hardware
            </Button>
          )}
        </>
      ) : (
        <p className={css['open']}>
          Still open:{' '}
          {advice.missing
            .map((question) => QUESTIONS[question].label.replace('?', '').toLowerCase())
            .join('; ')}
          .
        </p>
      )}
    </section>
  );
}

const LABELS = { recommended: 'Recommended', reason: 'Possible' } as const;

function Option({ door, option }: { door: Door; option: DeadStateOption }) {
  const dispatch = useDispatch();
  const [reason, setReason] = useState('');
  const [asking, setAsking] = useState(false);
  const chosen = door.deadState?.state === option.state;
  const choose = (overrideReason: string | null) => {
    const deadState = { state: option.state, overrideReason, by: storedName() };
    if (dispatch({ kind: 'setDoor', id: door.id, patch: { deadState } }, `choose ${option.state}`))
      setAsking(false);
  };
  return (
    <article className={cx(css['option'], css[option.allowed], chosen && css['chosen'])}>
      <header>
        <DeadStateGlyph state={option.state} />
        <h3>
          {STATE_NAMES[option.state]}: {STATE_SENTENCES[option.state]}
        </h3>
        <span className={css['badge']}>
          {option.allowed === 'stop'
            ? chosen
              ? 'Chosen: stop'
              : 'Stop'
            : chosen
              ? 'Chosen'
              : LABELS[option.allowed]}
        </span>
      </header>
      <ul>
        {option.reasons.map((one) => (
          <li key={one}>{REASONS[one]}</li>
        ))}
      </ul>
      {chosen && door.deadState?.overrideReason && (
        <p className={css['kept']}>Reason kept: {door.deadState.overrideReason}</p>
      )}
      {!chosen && option.allowed === 'recommended' && (
        <Button look="main" onClick={() => choose(null)}>
          Choose {option.state}
        </Button>
      )}
      {!chosen && option.allowed === 'reason' && !asking && (
        <Button onClick={() => setAsking(true)}>Choose it all the same…</Button>
      )}
      {option.allowed === 'stop' && (
        <p className={css['never']}>This must not be built. Fit a lever or bar first.</p>
      )}
      {asking && !chosen && (
        <form
          className={css['reason']}
          onSubmit={(event) => {
            event.preventDefault();
            if (reason.trim().length >= 5) choose(reason.trim());
          }}
        >
          <TextField
            label="Why against the recommendation?"
            hint="It is kept with the door and stands in the pack."
            value={reason}
            onChange={(event) => setReason(event.target.value)}
            error={reason !== '' && reason.trim().length < 5 ? 'A few words at least.' : null}
            autoFocus
          />
          <Button type="submit" disabled={reason.trim().length < 5}>
            Choose {option.state} and keep the reason
          </Button>
        </form>
      )}
    </article>
  );
}
