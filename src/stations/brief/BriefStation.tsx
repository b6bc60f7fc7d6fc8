import { useState } from 'react';
import { does } from '#core/devices/index';
import { devicesOf, typeIn, type AssumedAnswer, type Brief, type Door } from '#core/plan/index';
import { metres } from '#core/units/index';
import { DELAYS, PROTECTS, QUESTIONS } from '#words/brief';
import { say } from '#words/stations/brief/BriefStation';
import { Button } from '../../ui/Button';
import { ChoiceField, YesNo } from '../../ui/Field';
import { RemoveDoorDialog } from '../../parts/RemoveDoor';
import { StationFrame } from '../../parts/StationFrame';
import { useNavigate } from '../../parts/navigation';
import { useDispatch, usePlan, useUnit } from '../../store/context';
import css from './BriefStation.module.css';
import { NameField, DistanceField, NotesField } from './BriefFields';
import { DeadStateAdvice } from './DeadStateAdvice';

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
      say.answerTheBrief,
    );
  };
  return (
    <StationFrame door={door}>
      <div className={css['brief']}>
        <section className={css['questions']} aria-label={say.questions}>
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
  brief.assumed.includes(question) ? { hint: say.assumedUntilAnswered(QUESTIONS[question].hint, as) } : {};

/** Leads to what takes the door out. */
function RemoveDoor({ door }: { door: Door }) {
  const go = useNavigate();
  const [asking, setAsking] = useState(false);
  return (
    <>
      <Button size="s" look="quiet" className={css['remove']} onClick={() => setAsking(true)}>
        {say.removeThisDoor}
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
