/** What a line of the log says of a change. The body has been through the log's redaction, so it is read with care. */
export function editWords(body: unknown): string {
  if (body === null || typeof body !== 'object') return 'a change';
  const edit = body as Record<string, unknown>;
  const inner = (key: string) => (edit[key] ?? {}) as Record<string, unknown>;
  const text = (value: unknown) =>
    typeof value === 'string' || typeof value === 'number' ? String(value) : '';
  switch (edit['kind']) {
    case 'createSite':
      return `Site taken in, ${text(edit['doors'])} doors`;
    case 'setSite':
      return `Site changed: ${Object.keys(inner('patch')).join(', ')}`;
    case 'addDoor':
      return `Door ${text(inner('door')['id'])} added`;
    case 'setDoor':
      return `${doorField(Object.keys(inner('patch')))} of ${text(edit['id'])}`;
    case 'removeDoor':
      return `Door ${text(edit['id'])} removed`;
    case 'addDevice':
      return `Device ${text(inner('device')['id'])} added: ${text(inner('device')['type'])}`;
    case 'setDevice':
      return `Device ${text(edit['id'])} changed`;
    case 'removeDevice':
      return `Device ${text(edit['id'])} removed, with its wires`;
    case 'setSetting':
      return `${text(edit['device'])}: ${text(edit['setting'])} = ${text(edit['value']) || 'as delivered'}`;
    case 'connect': {
      const wire = inner('conductor');
      return `Wire ${text(wire['number'])} laid: ${text(wire['from'])} – ${text(wire['to'])}`;
    }
    case 'setConductor':
      return `Wire ${text(edit['id'])} changed: ${Object.keys(inner('patch')).join(', ')}`;
    case 'disconnect':
      return `Wire ${text(edit['id'])} removed`;
    case 'addPerson':
      return `${text(inner('person')['name'])} added`;
    case 'setPerson':
      return `Person ${text(edit['id'])} changed: ${Object.keys(inner('patch')).join(', ')}`;
    case 'removePerson':
      return `Person ${text(edit['id'])} removed`;
    case 'setMemory':
      return `Memory of ${text(edit['device'])} recorded`;
    case 'addReading': {
      const reading = inner('reading');
      return `Reading entered: ${text(reading['check'])}, ${reading['passed'] === true ? 'pass' : 'out of range'}`;
    }
    case 'removeReading':
      return 'Reading taken back';
    case 'batch': {
      const edits = Array.isArray(edit['edits']) ? edit['edits'] : [];
      const label = text(edit['label']);
      return `${label ? label.charAt(0).toUpperCase() + label.slice(1) : 'Several changes'} (${edits.length})`;
    }
    default:
      return 'A change';
  }
}

const FIELDS: Record<string, string> = {
  name: 'Name',
  brief: 'Brief',
  deadState: 'Dead state',
  notes: 'Notes',
  order: 'Place in the ledger',
};
const doorField = (keys: string[]): string => keys.map((key) => FIELDS[key] ?? key).join(', ') || 'Something';
