import { messages } from '../../../messages';

export const say = messages({
  to: (wire: string, colours: string, name: string, name2: string, formatAmps: string) =>
    `${wire}, ${colours}, ${name} to ${name2}, ${formatAmps}`,
  terminal: (terminalLabel: string) => `Terminal ${terminalLabel}`,
  closer: 'Closer',
  closer2: 'Closer (+)',
  farther: 'Farther',
  farther2: 'Farther (−)',
  wholeDoor0: 'Whole door (0)',
  wholeDoor: 'Whole door',
  svg: 'SVG',
  pdf: 'PDF',
  diagramDevicesWiresPlus: (door: string, count: number, count2: number) =>
    `Diagram of ${door}: ${count} devices, ${count2} wires. Plus and minus zoom, arrows move, 0 shows the whole door.`,
  diagramCouldNotLaid: 'The diagram could not be laid out. The loops show the same wires.',
  layingOutTheDiagram: 'Laying out the diagram…',
});
