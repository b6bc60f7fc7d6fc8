import Plus from 'lucide-react/icons/plus';
import type { DeviceType } from '#core/devices/index';
import { say } from '#words/sitePages/types/TypeEditor';
import { Button } from '../../ui/Button';
import { freeId } from './blankType';
import type { TypePart } from './typePart';
import { TerminalRow } from './TypeRows';

/** The terminals of a type, in the order in which they are printed. */
export function TypeTerminals({ draft, set }: Omit<TypePart, 'onChange'>) {
  const pins = draft.terminals.map(({ id }) => id);
  return (
    <section aria-label={say.terminals}>
      <h3>{say.terminalsOrderTheyPrinted}</h3>
      {draft.terminals.map((terminal, index) => (
        <TerminalRow
          key={index}
          terminal={terminal}
          onChange={(next) =>
            set({
              ...renamed(draft, terminal.id, next.id),
              terminals: draft.terminals.map((old, i) => (i === index ? next : old)),
            })
          }
          onRemove={() => set({ terminals: draft.terminals.filter((_, i) => i !== index) })}
        />
      ))}
      <Button
        size="s"
        icon={<Plus aria-hidden />}
        onClick={() =>
          set({
            terminals: [
              ...draft.terminals,
              { id: freeId(pins, 'T'), maxConductors: 2, use: 'optional', sizes: [0.14, 1.5] },
            ],
          })
        }
      >
        {say.terminal}
      </Button>
    </section>
  );
}

/** Parts and roles follow a terminal that gets another name. */
function renamed(type: DeviceType, old: string, next: string): Partial<DeviceType> {
  if (old === next) return {};
  const swap = (value: unknown): unknown => {
    if (typeof value === 'string') return value === old ? next : value;
    if (Array.isArray(value)) return value.map(swap);
    if (typeof value === 'object' && value !== null)
      return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, swap(one)]));
    return value;
  };
  return {
    parts: type.parts.map((part) => ({
      ...part,
      a: part.a === old ? next : part.a,
      b: part.b === old ? next : part.b,
    })),
    roles: swap(type.roles) as DeviceType['roles'],
  };
}
