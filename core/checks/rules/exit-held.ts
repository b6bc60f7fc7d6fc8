import { roleValue, settingFor } from '../../devices/index';
import { terminalId, terminalLabel } from '../../plan/index';
import { onDevice, onTerminal } from '../context';
import { type Analysis, hit, rule } from '../hit';

/** An exit input that is asked all the time: a normally closed contact on an input set for a normally open one. */
const heldExit: Analysis<'parts' | 'rest' | 'plan' | 'door' | 'wiresAt'> = ({
  parts,
  rest,
  plan,
  door,
  wiresAt,
}) => {
  const { decider, channel } = parts;
  const input = decider?.type.roles.exitInputs?.[channel];
  if (!decider || !input) return [];
  const terminal = terminalId(decider.device.id, input.input);
  if (wiresAt(terminal).length === 0) return [];
  const part = decider.type.parts.find((one) => one.kind === 'input' && one.a === input.input);
  const reading = rest.readings.get(`${decider.device.id}:${part?.id ?? ''}`);
  const setting = settingFor(decider.type, 'form', channel)?.id;
  const form = roleValue(decider.type, decider.device.settings, 'form', channel) === 'NC' ? 'NC' : 'NO';
  const asked = form === 'NO' ? 'closed' : 'open';
  if (reading !== asked) return [];
  const remedy = setting
    ? {
        remedy: {
          kind: 'setSetting',
          device: decider.device.id,
          setting,
          value: form === 'NO' ? 'NC' : 'NO',
        } as const,
      }
    : {};
  const values = { terminal: terminalLabel(plan, terminal, door.id), tag: decider.device.tag, form };
  return [hit('exit-held', [onTerminal(terminal), onDevice(decider.device.id)], values, remedy)];
};

export const exitHeld = rule({
  code: 'exit-held',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: heldExit,
});
