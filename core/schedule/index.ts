export {
  SHEATH_MM,
  SLACK_MM,
  terminalCards,
  type CardRow,
  type Landing,
  type TerminalCard,
} from './terminalCards';
export { cableSchedule, cutList, type CableRow, type CutRow } from './cableSchedule';
export {
  checksOf,
  doneBy,
  settingSheet,
  type BankLine,
  type SettingCard,
  type SettingLine,
} from './settingSheet';
export { orderCsv } from './orderCsv';
export { orderList, type OrderRow } from './orderList';
export { billOfMaterials, wireLabels, type BillRow, type WireLabel } from './bill';
