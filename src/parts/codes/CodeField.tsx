import { useMemo, useState } from 'react';
import { codeProblems, codeRulesOf, drawCode, weakness } from '#core/keypads/index';
import type { Person } from '#core/plan/index';
import { codeProblemWords } from '#words/findings/index';
import { weaknessWords } from '#words/weakness';
import { say } from '#words/parts/codes/CodeField';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { usePlan, useStore } from '../../store/context';
import css from './CodeField.module.css';

interface Props {
  /** As they will be, with the doors they are to open. */
  readonly person: Person;
  onChange(code: string): void;
}

/** A whole number below another, from the browser's own source of chance, each as likely as the other. */
function below(most: number): number {
  const room = Math.floor(2 ** 32 / most) * most;
  const [value = 0] = crypto.getRandomValues(new Uint32Array(1));
  return value < room ? value % most : below(most);
}

/** Why a code is refused somewhere; empty where every keypad of the person takes it. */
export function useCodeFaults(person: Person): readonly string[] {
  const plan = usePlan();
  const rules = useMemo(() => codeRulesOf(plan, person), [plan, person]);
  if (person.code === '') return [];
  return codeProblems(rules, person.code).map(
    ({ device, problem }) =>
      `${device ? `${device.door ?? ''} ${device.tag}: ` : ''}${codeProblemWords(problem)}.`,
  );
}

/** A person's code: judged by every keypad they open, or drawn so that each of them takes it. */
export function CodeField({ person, onChange }: Props) {
  const plan = usePlan();
  const rules = useMemo(() => codeRulesOf(plan, person), [plan, person]);
  const faults = useCodeFaults(person);
  const [none, setNone] = useState(false);
  // What is new is seen by whoever gives it; what was there is shown when it is asked for, and that is written down.
  const [shown, setShown] = useState(person.code === '');
  const store = useStore();
  const weak = weakness(person.code);
  const { keypads } = rules;
  return (
    <div className={css['field']}>
      <TextField
        label={say.code}
        inputMode="numeric"
        className="figures"
        type={shown ? 'text' : 'password'}
        autoComplete="new-password"
        maxLength={8}
        value={person.code}
        onChange={({ target }) => {
          setNone(false);
          onChange(target.value.trim());
        }}
        error={none ? say.noCodeFitsAll : (faults[0] ?? null)}
        hint={
          keypads.length === 0
            ? undefined
            : say.asIt(
                keypads.length,
                keypads
                  .slice(0, 4)
                  .map(({ device }) => `${device.door ?? ''} ${device.tag}`)
                  .join(', '),
              )
        }
      />
      <Button
        onClick={() => {
          const code = drawCode(rules, below);
          setNone(code === null);
          if (code === null) return;
          setShown(true);
          onChange(code);
        }}
      >
        {say.drawACode}
      </Button>
      {!shown && (
        <Button
          size="s"
          look="quiet"
          className={css['show']}
          onClick={() => {
            store.note(say.codeOfShown(person.name));
            setShown(true);
          }}
        >
          {say.showTheCode}
        </Button>
      )}
      {faults.slice(1, 4).map((fault) => (
        <p key={fault} className={css['more']}>
          {fault}
        </p>
      ))}
      {faults.length === 0 && weak !== null && <p className={css['more']}>{weaknessWords(weak)}</p>}
    </div>
  );
}
