import { messages } from '../../../messages';

export const say = messages({
  enough: '✓ enough',
  tooLittle: '✕ too little',
  notFed: '✕ not fed',
  notInUse: 'not in use',
  neverComesToRest: '✕ never comes to rest',
  voltageAtEachDevice: 'Voltage at each device',
  device: 'Device',
  atRest: 'At rest',
  released: 'Released',
  lowest: 'Lowest',
  needs: 'Needs',
  verdict: 'Verdict',
  solvedEveryConductorsResistance:
    "Solved with every conductor's resistance, both legs and shared returns included. Lowest: with the battery at its cut-off.",
});
