import { messages } from '../../../messages';

export const say = messages({
  supply: (tag: string) => `Supply ${tag}`,
  neverComesToRest: 'never comes to rest',
  somethingStartsPullsVoltage:
    'Something on it starts, pulls the voltage down and stops again, over and over. There is no current to show until that is fixed.',
  of: (formatAmps: string, formatAmps2: string) => `${formatAmps} of ${formatAmps2}`,
  atRest: 'At rest',
  released: 'Released',
  spareToTheMark: 'Spare to the mark',
  onBattery: 'On battery',
  ofHAsked: (askedHours: number) => `of ${askedHours} h asked`,
  showTheWorking: 'Show the working',
  atRestReleased: (tag: string, slice: string, formatAmps: string, formatAmps2: string) =>
    `${tag} ${slice}: ${formatAmps} at rest, ${formatAmps2} released`,
  headroomAAllowedWorstCase: (ratedAmps: number, value: number, formatAmps: string, formatAmps2: string) =>
    `Headroom: ${ratedAmps} A ÷ ${value} = ${formatAmps} allowed; worst case ${formatAmps2}`,
  batteryAhAged: (ampHours: number, share: number, formatAmps: string, formatHours: string) =>
    `Battery: ${ampHours} Ah × ${share} (aged) ÷ ${formatAmps} = ${formatHours}`,
});
