import type { Content, TableCell } from 'pdfmake/interfaces';
import { settingValue } from '#core/devices/index';
import { doorParts } from '#core/door/index';
import { cardsInUse, peopleAt, type Door, type Plan } from '#core/plan/index';
import { say } from '#words/server/pack';
import { h2, head, LAYOUT, mono } from './packDress';

/** How every device is set, and who opens the door by what. Card numbers are printed only with `codes`; codes never are. */
export function settings(plan: Plan, door: Door, codes: boolean): Content[] {
  const rows = doorParts(plan, door.id).all.flatMap(({ device, type }) =>
    type.settings.map((setting): TableCell[] => {
      const value = settingValue(type, device.settings, setting.id);
      const text =
        setting.kind === 'choice'
          ? (setting.options.find((option) => option.value === value)?.label ?? String(value))
          : setting.kind === 'number'
            ? `${value} ${setting.unit}`.trim()
            : String(value || '—');
      return [mono(device.tag), setting.label, text];
    }),
  );
  const people = peopleAt(plan, door.id);
  return [
    h2(say.settingsAndTimes),
    {
      layout: LAYOUT,
      table: {
        widths: [34, '*', '*'],
        headerRows: 1,
        body: [head(say.device, say.setting, say.value), ...rows],
      },
    },
    h2(say.whoOpensIt),
    people.length === 0
      ? { text: say.nobodyIsOnTheList }
      : {
          layout: LAYOUT,
          table: {
            widths: ['*', 90, 60, '*'],
            headerRows: 1,
            body: [
              head(say.name, say.role, say.slot, say.opensBy),
              ...people.map((person): TableCell[] => [
                person.name,
                person.role,
                mono(
                  Object.entries(person.slots)
                    .flatMap(([id, slot]) => (plan.devices[id]?.door === door.id ? [String(slot)] : []))
                    .join(' ') || '-',
                ),
                [
                  person.code !== '' && 'code',
                  ...cardsInUse(person).map(({ facility, number }) =>
                    codes ? say.card(facility, number) : 'card',
                  ),
                  person.fingers > 0 && (person.fingers === 1 ? say.aFinger : say.fingers(person.fingers)),
                  person.phone !== '' && 'phone',
                ]
                  .filter(Boolean)
                  .join(', ') || '-',
              ]),
            ],
          },
        },
    {
      text: codes ? say.codesAreNotPrinted : say.codesCardNumbersNot,
      style: 'small',
      margin: [0, 3, 0, 0],
    },
  ];
}
