import { messages } from '../../../messages';

export const say = messages({
  thePackOf: (door: string) => `The pack of ${door}`,
  notReadyToHandOver: 'Not ready to hand over.',
  packSaysSoFirst: (open: string) => `${open}. The pack says so on its first page.`,
  yourLastChangeNot: 'Your last change is not saved yet; the pack is made from what is saved.',
  doorSheetLoopsWire: 'Door sheet, loops, wire schedule, settings, proof, test results. No codes.',
  packAsPdf: 'Pack as PDF',
  wiresAsCsv: 'Wires as CSV',
  oneRowConductorSpreadsheet: 'One row a conductor, for a spreadsheet or a label printer.',
  csvDecimalCommas: 'CSV, decimal commas',
  sameWires075: 'The same wires with 0,75 for 0.75, and semicolons between.',
  siteAsAldabaJson: 'Site as Aldaba JSON',
  wholeSiteWithoutCodes: 'The whole site, without codes. With codes: at Pack.',
  beforeItGoesOut: 'Before it goes out',
});
