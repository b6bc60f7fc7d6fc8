import type { Content, TableCell } from 'pdfmake/interfaces';
import { checkSheet, latestReadings, type Phase } from '#core/commission/index';
import type { Door, Plan, Reading } from '#core/plan/index';
import { PHASES, rangeWords, taskWords, valueWords } from '#words/index';
import { say } from '#words/server/packTests';
import { GREY, head, LAYOUT, mono } from './packDress';

/** The test sheet: every check with what it should read, and the newest reading that counts. */
export function tests(plan: Plan, door: Door): Content[] {
  const items = checkSheet(plan, door.id);
  const latest = latestReadings(plan, door.id);
  const rows = (phase: Phase): TableCell[][] =>
    items
      .filter((item) => item.phase === phase)
      .map((item) => {
        const reading = latest.get(item.id);
        return [
          {
            text: [
              taskWords(item),
              { text: item.where.length > 0 ? `\n${item.where.join(' to ')}` : '', fontSize: 7, color: GREY },
            ],
          },
          mono(rangeWords(item).replaceAll('Ω', 'ohm')),
          mono(reading ? valueWords(item.unit, reading.value).replaceAll('Ω', 'ohm') : ''),
          reading ? (reading.passed ? 'pass' : say.outOfRange) : '',
          reading ? byWords(reading) : '',
        ];
      });
  const nameOf = (check: string) => {
    const item = items.find(({ id }) => id === check);
    return item ? taskWords(item) : say.checkPlanNoLonger;
  };
  const withdrawn = Object.values(plan.readings).filter((one) => one.door === door.id && one.withdrawn);
  return [
    { text: say.testSheet, style: 'h2', headlineLevel: 1, pageBreak: 'before' },
    {
      layout: LAYOUT,
      table: {
        widths: ['*', 92, 54, 52, 122],
        headerRows: 1,
        dontBreakRows: true,
        body: [
          head(say.check, say.shouldRead, say.reading, say.result, say.dateName),
          ...(Object.keys(PHASES) as Phase[]).flatMap((phase): TableCell[][] => [
            [{ text: PHASES[phase].name, bold: true, colSpan: 5, margin: [0, 5, 0, 0] }, '', '', '', ''],
            ...rows(phase),
          ]),
        ],
      },
    },
    ...withdrawn.map((reading): Content => ({
      text: say.withdrawn(
        nameOf(reading.check),
        reading.at.slice(0, 10),
        reading.by,
        reading.withdrawn?.reason ?? '',
      ),
      style: 'small',
      margin: [0, 3, 0, 0],
    })),
    {
      margin: [0, 26, 0, 0],
      unbreakable: true,
      columns: [say.installer, say.receivedBy].map((who) => ({
        stack: [
          { canvas: [{ type: 'line', x1: 0, y1: 0, x2: 220, y2: 0, lineWidth: 0.6 }] },
          { text: say.nameDateSignature(who), style: 'small', margin: [0, 3, 0, 0] },
        ],
      })),
    },
  ];
}

/** Who took it, when and with what, and what was noted. */
const byWords = ({ at, by, meter, serial, note }: Reading): string =>
  [`${at.slice(0, 10)} ${by}`, [meter, serial && say.no(serial)].filter(Boolean).join(' '), note]
    .filter(Boolean)
    .join('\n');
