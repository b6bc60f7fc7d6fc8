import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces';
import { doorParts } from '#core/door/index';
import { settingValue } from '#core/devices/index';
import { checkSheet, latestReadings, type Phase } from '#core/commission/index';
import { loopsSvg } from '#core/formats/index';
import { conductorsOf, terminalLabel, type Door, type Plan } from '#core/plan/index';
import { COLOURS, formatAmps, formatGauge, formatHours, formatLength, formatVolts } from '#core/units/index';
import { doorVerdict } from '#core/verdict/index';
import { paperFonts, pdfOf } from './pdf';
import {
  cellReason,
  findingReason,
  findingTitle,
  LAW,
  loopName,
  outcomeWords,
  PHASES,
  PROTECTS,
  QUESTIONS,
  rangeWords,
  SEVERITY_NAMES,
  situationName,
  STATE_NAMES,
  STATE_SENTENCES,
  taskWords,
  valueWords,
  verdictWords,
} from '#words/index';
import { openWords } from '#words/marks';

const PAGE_WIDTH = 515;
/** A heading lower than this goes to the next page, with what it heads; points from the top. */
const LOWEST_HEADING = 640;
const INK = '#1b2230';
const GREY = '#555c69';

/** Hairlines between rows only, as a printed schedule has them. */
const LAYOUT = {
  hLineWidth: (i: number) => (i <= 1 ? 0.8 : 0.3),
  vLineWidth: () => 0,
  hLineColor: () => '#8b8f97',
  paddingTop: () => 3,
  paddingBottom: () => 3,
  paddingLeft: (i: number) => (i === 0 ? 0 : 5),
  paddingRight: () => 3,
};

const head = (...names: string[]): TableCell[] =>
  names.map((text) => ({ text, bold: true, color: GREY, fontSize: 8 }));
const mono = (text: string): TableCell => ({ text, font: 'Mono', fontSize: 7.5 });
const h2 = (text: string): Content => ({ text, style: 'h2', headlineLevel: 1 });

/** The pack of one door as a PDF, for whoever runs it from now on. Codes are never in it. */
export const doorPack = (plan: Plan, door: Door, printedAt: Date): Promise<Buffer> =>
  pdfOf(definition(plan, door, printedAt));

/** The pack as a document definition: what is printed, before it becomes a PDF. */
export function definition(plan: Plan, door: Door, printedAt: Date): TDocumentDefinitions {
  const date = printedAt.toISOString().slice(0, 10);
  return {
    pageSize: plan.site.units === 'american' ? 'LETTER' : 'A4',
    pageMargins: [40, 54, 40, 62],
    info: { title: `${plan.site.name}, ${door.id} ${door.name}`, creator: 'Aldaba' },
    defaultStyle: { font: 'Archivo', fontSize: 9, color: INK, lineHeight: 1.15 },
    styles: {
      h1: { fontSize: 20, bold: true },
      h2: { fontSize: 12, bold: true, margin: [0, 14, 0, 5] },
      small: { fontSize: 8, color: GREY },
    },
    header: (page) =>
      page === 1
        ? null
        : { text: `${plan.site.name} · ${door.id} ${door.name}`, style: 'small', margin: [40, 28, 40, 0] },
    footer: (page, pages) => ({
      margin: [40, 12, 40, 0],
      columns: [
        { text: LAW, style: 'small', width: '*' },
        { text: `${date} · page ${page} of ${pages}`, style: 'small', alignment: 'right', width: 110 },
      ],
    }),
    // No heading stands alone at the foot of a page.
    pageBreakBefore: (node) => node.headlineLevel === 1 && node.startPosition.top > LOWEST_HEADING,
    content: [
      ...sheet(plan, door),
      ...loops(plan, door),
      ...wires(plan, door),
      ...settings(plan, door),
      ...proof(plan, door),
      ...tests(plan, door),
    ],
  };
}

function sheet(plan: Plan, door: Door): Content[] {
  const { brief, deadState } = door;
  const { findings, marks } = doorVerdict(plan, door.id);
  const unready = openWords(marks);
  const yes = (value: boolean | null) => (value === null ? 'not answered' : value ? 'yes' : 'no');
  const answers: [string, string][] = [
    [QUESTIONS.protects.label, brief.protects ? PROTECTS[brief.protects] : 'not answered'],
    [QUESTIONS.escapeRoute.label, yes(brief.escapeRoute)],
    [QUESTIONS.mechanicalEgress.label, yes(brief.mechanicalEgress)],
    [QUESTIONS.rescuers.label, yes(brief.rescuers)],
    [QUESTIONS.fireDoor.label, yes(brief.fireDoor)],
    [QUESTIONS.slowWalkers.label, yes(brief.slowWalkers)],
    [
      'Dead state',
      deadState ? `${STATE_NAMES[deadState.state]}: ${STATE_SENTENCES[deadState.state]}` : 'not chosen',
    ],
  ];
  if (deadState?.overrideReason)
    answers.push([
      'Chosen against the recommendation because',
      `${deadState.overrideReason}${deadState.by ? ` (${deadState.by})` : ''}`,
    ]);
  const open = findings.filter(({ severity }) => severity !== 'sound');
  return [
    { text: plan.site.name, style: 'small' },
    { text: `${door.id} ${door.name}`, style: 'h1' },
    {
      text: [plan.site.address, door.notes].filter(Boolean).join(' · '),
      style: 'small',
      margin: [0, 2, 0, 8],
    },
    {
      layout: LAYOUT,
      table: {
        widths: [220, '*'],
        headerRows: 0,
        body: answers.map(([question, answer]) => [
          { text: question, color: GREY },
          { text: answer, bold: true },
        ]),
      },
    },
    h2('Hardware'),
    {
      layout: LAYOUT,
      table: {
        widths: [34, '*', 90],
        headerRows: 1,
        body: [
          head('Tag', 'Device', 'Place'),
          ...doorParts(plan, door.id).all.map(({ device, type }): TableCell[] => [
            mono(device.tag),
            type.name,
            device.place,
          ]),
        ],
      },
    },
    ...(unready.length > 0
      ? [
          h2('Not ready to hand over'),
          {
            text: `${unready.join('; ')}. This pack shows the door as it is planned now.`,
            bold: true,
          } as Content,
        ]
      : []),
    h2(
      open.some(({ severity }) => severity !== 'note')
        ? 'To settle, and notes'
        : open.length > 0
          ? 'Nothing to settle in the wiring; notes'
          : 'Nothing to settle in the wiring',
    ),
    ...open.map((finding): Content => ({
      text: [
        { text: `${SEVERITY_NAMES[finding.severity]}. ${findingTitle(finding)}. `, bold: true },
        findingReason(finding),
      ],
      margin: [0, 0, 0, 3],
    })),
  ];
}

function loops(plan: Plan, door: Door): Content[] {
  const drawn = loopsSvg(plan, door.id);
  if (drawn.length === 0) return [];
  const picture = (loop: (typeof drawn)[number], width: number): Content => ({
    stack: [
      { text: `${loop.letter}  ${loopName(loop.kind)}`, bold: true, margin: [0, 4, 0, 2] },
      { svg: paperFonts(loop.svg), width: Math.min(width, loop.width * 0.78) },
    ],
    unbreakable: true,
    margin: [0, 0, 0, 6],
  });
  const wide = drawn.filter((loop) => loop.width > 420);
  const small = drawn.filter((loop) => loop.width <= 420);
  const pairs = Array.from({ length: Math.ceil(small.length / 2) }, (_, i) => small.slice(i * 2, i * 2 + 2));
  return [
    { text: 'Loops', style: 'h2', headlineLevel: 1, pageBreak: 'before' },
    ...wide.map((loop) => picture(loop, PAGE_WIDTH)),
    ...pairs.map((pair): Content => ({
      columns: pair.map((loop) => picture(loop, 250)),
      columnGap: 14,
      unbreakable: true,
    })),
  ];
}

function wires(plan: Plan, door: Door): Content[] {
  const unit = plan.site.units === 'american' ? 'ft' : 'm';
  const rows = conductorsOf(plan, door.id);
  return [
    h2('Wire schedule'),
    {
      layout: LAYOUT,
      table: {
        widths: [34, '*', '*', 62, 46, 40, 46],
        headerRows: 1,
        body: [
          head('Wire', 'From', 'To', 'Colour', 'Size', 'Length', 'Cable'),
          ...rows.map((wire): TableCell[] => [
            mono(wire.number),
            mono(terminalLabel(plan, wire.from, door.id)),
            mono(terminalLabel(plan, wire.to, door.id)),
            `${wire.colour} ${COLOURS[wire.colour].name}`,
            mono(formatGauge(wire.gauge).replace('mm²', 'mm2')),
            mono(formatLength(wire.length, unit)),
            wire.cable || '-',
          ]),
        ],
      },
    },
    {
      text: 'Leave about 300 mm of slack at the device. Strip about 5 mm. Ferrules or lever connectors pushed home and tug-tested. Insulate every joint before power. Cap unused conductors each on its own.',
      style: 'small',
      margin: [0, 5, 0, 0],
    },
  ];
}

function settings(plan: Plan, door: Door): Content[] {
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
  const people = Object.values(plan.people).filter((person) => person.doors.includes(door.id));
  return [
    h2('Settings and times'),
    {
      layout: LAYOUT,
      table: { widths: [34, '*', '*'], headerRows: 1, body: [head('Device', 'Setting', 'Value'), ...rows] },
    },
    h2('Who opens it'),
    people.length === 0
      ? { text: 'Nobody is on the list.' }
      : {
          layout: LAYOUT,
          table: {
            widths: ['*', 90, 60, '*'],
            headerRows: 1,
            body: [
              head('Name', 'Role', 'Slot', 'Opens by'),
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
                  person.card && `card ${person.card.facility}-${person.card.number}`,
                ]
                  .filter(Boolean)
                  .join(', ') || '-',
              ]),
            ],
          },
        },
    { text: 'Codes are not printed.', style: 'small', margin: [0, 3, 0, 0] },
  ];
}

function proof(plan: Plan, door: Door): Content[] {
  const verdict = doorVerdict(plan, door.id);
  return [
    h2('What the door does'),
    {
      layout: LAYOUT,
      table: {
        widths: [118, 88, 96, '*'],
        headerRows: 1,
        dontBreakRows: true,
        body: [
          head('Situation', 'From outside', 'From inside', 'Reason'),
          ...verdict.proof.rows.map((row): TableCell[] => [
            situationName(row.situation),
            `${verdictWords(row.cells.outside.verdict)}: ${outcomeWords(row.cells.outside, 'outside').toLowerCase()}`,
            `${verdictWords(row.cells.inside.verdict)}: ${outcomeWords(row.cells.inside, 'inside')}`,
            { text: cellReason(row, 'inside'), fontSize: 8 },
          ]),
        ],
      },
    },
    h2('Power'),
    ...verdict.budget.supplies.map((supply): Content => ({
      text: `${supply.tag}: ${formatAmps(supply.restAmps)} at rest, worst case ${formatAmps(supply.worstAmps)} of ${formatAmps(supply.ratedAmps)}.${
        supply.battery
          ? ` Battery ${supply.battery.ampHours} Ah: ${formatHours(supply.battery.hours)} at the end of its life, ${supply.battery.askedHours} h asked.`
          : ' No battery.'
      }`,
    })),
    ...verdict.budget.voltages.map((fed): Content => ({
      text: `${fed.tag}: ${formatVolts(fed.rest)} at rest, lowest ${formatVolts(fed.lowest ?? fed.released)}, needs ${formatVolts(fed.needsVolts)}.`,
    })),
  ];
}

function tests(plan: Plan, door: Door): Content[] {
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
          reading ? (reading.passed ? 'pass' : 'out of range') : '',
          reading ? `${reading.at.slice(0, 10)} ${reading.by}` : '',
        ];
      });
  return [
    { text: 'Test sheet', style: 'h2', headlineLevel: 1, pageBreak: 'before' },
    {
      layout: LAYOUT,
      table: {
        widths: ['*', 92, 54, 52, 122],
        headerRows: 1,
        dontBreakRows: true,
        body: [
          head('Check', 'Should read', 'Reading', 'Result', 'Date, name'),
          ...(Object.keys(PHASES) as Phase[]).flatMap((phase): TableCell[][] => [
            [{ text: PHASES[phase].name, bold: true, colSpan: 5, margin: [0, 5, 0, 0] }, '', '', '', ''],
            ...rows(phase),
          ]),
        ],
      },
    },
    {
      margin: [0, 26, 0, 0],
      unbreakable: true,
      columns: ['Installer', 'Received by'].map((who) => ({
        stack: [
          { canvas: [{ type: 'line', x1: 0, y1: 0, x2: 220, y2: 0, lineWidth: 0.6 }] },
          { text: `${who}: name, date, signature`, style: 'small', margin: [0, 3, 0, 0] },
        ],
      })),
    },
  ];
}
