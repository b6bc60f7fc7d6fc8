import { messages } from '../../../messages';

export const say = messages({
  handOverDoors: 'Hand over doors',
  noDoorsYet: 'No doors yet.',
  unnamedDoor: 'Unnamed door',
  pdf: (door: string, door2: string) => `${door} ${door2}, PDF`,
  allWiresCsv0: 'All wires as CSV (0.75, commas between)',
  allWiresCsv02: 'All wires as CSV (0,75, semicolons between)',
  orderList: 'Order list',
  devicesCablesMetreSingle:
    'Devices, cables by the metre, single wire, ferrules and caps of all doors, added up. What is assumed is in it as it is assumed.',
  orderListAsCsv: 'Order list as CSV',
  orderListCsvSemicolons: 'Order list as CSV, semicolons between',
  takeTheSiteOut: 'Export the site',
  aldabaFileHoldsWhole:
    'An Aldaba file holds the whole site in plain JSON and can be imported again without loss.',
  withCodesAndKeypadMemories: 'With codes and keypad memories',
  siteAsAldabaJson: 'Site as Aldaba JSON',
  serverDoesNotAnswer: 'The server does not answer. Nothing was made.',
  addASite: 'Add a site',
  thereIsOneSiteHere: 'There is one site here.',
  thereAreSitesHere: (count: number) => `There are ${count} sites here.`,
  nameOfTheNewSite: 'Name of the new site',
  addIt: 'Add it',
  serverDoesNotAnswer2: 'The server does not answer. Nothing was removed.',
  isRemoved: (site: string) => `${site} is removed`,
  everythingFileBesideServers:
    'Everything there was is in this file beside the server’s database, to be put back with “aldaba restore”:',
  goToAnotherSite: 'Go to another site',
  removeThisSite: 'Remove this site',
  doorsPeopleReadingsLog:
    'Its doors, people, readings and log go with it. A backup of the whole database is written first.',
  typeNameSite: 'Type the name of the site',
  removeIt: 'Remove it',
});
