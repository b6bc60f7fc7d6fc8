import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces';
import { doorParts } from '#core/door/index';
import { does } from '#core/devices/index';
import { loopsSvg } from '#core/formats/index';
import {
  devicesOf,
  ASSUMED_SIGN,
  conductorsOf,
  shownColour,
  shownGauge,
  shownLength,
  terminalLabel,
  typeIn,
  type AssumedAnswer,
  type Door,
  type Plan,
} from '#core/plan/index';
import { formatAmps, formatHours, formatLength, formatVolts } from '#core/units/index';
import { doorVerdict } from '#core/verdict/index';
import { GREY, h2, head, INK, LAYOUT, mono } from './packDress';
import { settings } from './packSettings';
import { tests } from './packTests';
import { paperFonts, pdfOf } from './pdf';
import {
  cellReason,
  findingReason,
  findingTitle,
  LAW,
  loopName,
  outcomeWords,
  DELAYS,
  PROTECTS,
  QUESTIONS,
  SEVERITY_NAMES,
  situationName,
  STATE_NAMES,
  STATE_SENTENCES,
  verdictWords,
} from '#words/index';
import { openWords } from '#words/marks';
import { askedIn } from '#words/regions';
import { REGIONS, standardsOf } from '#words/site';
import { say } from '#words/server/pack';

const PAGE_WIDTH = 515;
/** A heading lower than this goes to the next page, with what it heads; points from the top. */
const LOWEST_HEADING = 640;
/** For whom it is printed: whoever may not see codes gets no card numbers either. */
export interface PackOptions {
  readonly codes?: boolean;
}

/** The pack of one door as a PDF, for whoever runs it from now on. Codes are never in it. */
export const doorPack = (
  plan: Plan,
  door: Door,
  printedAt: Date,
  options: PackOptions = {},
): Promise<Buffer> => pdfOf(definition(plan, door, printedAt, options));

/** The pack as a document definition: what is printed, before it becomes a PDF. */
export function definition(
  plan: Plan,
  door: Door,
  printedAt: Date,
  { codes = true }: PackOptions = {},
): TDocumentDefinitions {
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
        { text: say.pageOf(date, page, pages), style: 'small', alignment: 'right', width: 110 },
      ],
    }),
    // No heading stands alone at the foot of a page.
    pageBreakBefore: (node) => node.headlineLevel === 1 && node.startPosition.top > LOWEST_HEADING,
    content: [
      ...sheet(plan, door),
      ...loops(plan, door),
      ...wires(plan, door),
      ...settings(plan, door, codes),
      ...proof(plan, door),
      ...tests(plan, door),
    ],
  };
}

/** Who it is for and who it is from, as far as that is known. */
const headLine = ({ site }: Plan): string =>
  [site.name, site.reference && say.job(site.reference), site.company, site.contact]
    .filter(Boolean)
    .join(' · ');

function sheet(plan: Plan, door: Door): Content[] {
  const { brief, deadState } = door;
  const { findings, marks } = doorVerdict(plan, door.id);
  const unready = openWords(marks);
  const yes = (value: boolean | null) => (value === null ? say.notAnswered : value ? 'yes' : 'no');
  const delayWords = (seconds: number | null | undefined) =>
    typeof seconds === 'number' ? (DELAYS[seconds] ?? say.upToS(seconds)).toLowerCase() : say.notAnswered;
  const assumedOr = (question: AssumedAnswer, answer: string) =>
    brief.assumed.includes(question) ? say.notAnsweredIsAssumed(answer) : answer;
  const answers: [string, string][] = [
    [QUESTIONS.protects.label, brief.protects ? PROTECTS[brief.protects] : say.notAnswered],
    [QUESTIONS.escapeRoute.label, yes(brief.escapeRoute)],
    [QUESTIONS.mechanicalEgress.label, yes(brief.mechanicalEgress)],
    [QUESTIONS.rescuers.label, yes(brief.rescuers)],
    ...(brief.rescuers === true
      ? [[QUESTIONS.keyOverride.label, yes(brief.keyOverride)] satisfies [string, string]]
      : []),
    [QUESTIONS.fireDoor.label, yes(brief.fireDoor)],
    ...(brief.fireDoor === true
      ? [[QUESTIONS.ownLatch.label, yes(brief.ownLatch)] satisfies [string, string]]
      : []),
    ...(devicesOf(plan, door.id).some(({ leaf }) => leaf === 2)
      ? [[QUESTIONS.bothLeaves.label, yes(brief.bothLeaves)] satisfies [string, string]]
      : []),
    ...(typeof brief.delayedEgress === 'number' ||
    devicesOf(plan, door.id).some((one) => does(typeIn(plan, one), 'delayedEgress'))
      ? [[QUESTIONS.delayedEgress.label, delayWords(brief.delayedEgress)] satisfies [string, string]]
      : []),
    [QUESTIONS.outdoors.label, assumedOr('outdoors', yes(brief.outdoors))],
    [QUESTIONS.slowWalkers.label, assumedOr('slowWalkers', yes(brief.slowWalkers))],
    [
      QUESTIONS.readerDistance.label,
      assumedOr(
        'readerDistance',
        formatLength(brief.readerDistance, plan.site.units === 'american' ? 'ft' : 'm'),
      ),
    ],
    [
      say.deadState,
      deadState ? `${STATE_NAMES[deadState.state]}: ${STATE_SENTENCES[deadState.state]}` : say.notChosen,
    ],
  ];
  if (deadState?.overrideReason)
    answers.push([
      say.chosenAgainstTheRecommendationBecause,
      `${deadState.overrideReason}${deadState.by ? ` (${deadState.by})` : ''}`,
    ]);
  const open = findings.filter(({ severity }) => severity !== 'sound');
  return [
    { text: headLine(plan), style: 'small' },
    { text: `${door.id} ${door.name}`, style: 'h1' },
    {
      text: [plan.site.address, door.notes].filter(Boolean).join(' · '),
      style: 'small',
      margin: [0, 2, 0, 2],
    },
    {
      text: say.lookUpLocalCodeDecides(standardsOf(plan.site.region)),
      style: 'small',
      margin: [0, 0, 0, 2],
    },
    {
      text: say.askedHere(
        REGIONS[plan.site.region].name,
        askedIn([plan.site.region]).map(({ what, answers }) => `${what}: ${answers[0]}`),
      ),
      style: 'small',
      margin: [0, 0, 0, 8],
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
    h2(say.hardware),
    {
      layout: LAYOUT,
      table: {
        widths: [34, '*', 90],
        headerRows: 1,
        body: [
          head(say.tag, say.device, say.place),
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
          h2(say.notReadyToHandOver),
          {
            text: say.packShowsDoorPlanned(unready.join('; ')),
            bold: true,
          } as Content,
        ]
      : []),
    h2(
      open.some(({ severity }) => severity !== 'note')
        ? say.toSettleAndNotes
        : open.length > 0
          ? say.nothingSettleWiringNotes
          : say.nothingSettleWiring,
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
    { text: say.loops, style: 'h2', headlineLevel: 1, pageBreak: 'before' },
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
    h2(say.wireSchedule),
    {
      layout: LAYOUT,
      table: {
        widths: [34, '*', '*', 62, 46, 40, 46],
        headerRows: 1,
        body: [
          head(say.wire, say.from, say.to, say.colour, say.size, say.length, say.cable),
          ...rows.map((wire): TableCell[] => [
            mono(wire.number),
            mono(terminalLabel(plan, wire.from, door.id)),
            mono(terminalLabel(plan, wire.to, door.id)),
            shownColour(wire),
            mono(shownGauge(wire).replace('mm²', 'mm2')),
            mono(shownLength(wire, unit)),
            wire.cable || '-',
          ]),
        ],
      },
    },
    ...(rows.some(({ assumed }) => assumed.length > 0)
      ? [
          {
            text: say.nobodyEnteredAssumedSaid(ASSUMED_SIGN),
            style: 'small',
            margin: [0, 5, 0, 0] as [number, number, number, number],
          },
        ]
      : []),
    {
      text: say.ferrulesLeverConnectorsPushed(unit === 'ft'),
      style: 'small',
      margin: [0, 5, 0, 0],
    },
  ];
}

function proof(plan: Plan, door: Door): Content[] {
  const verdict = doorVerdict(plan, door.id);
  return [
    h2(say.whatTheDoorDoes),
    {
      layout: LAYOUT,
      table: {
        widths: [118, 88, 96, '*'],
        headerRows: 1,
        dontBreakRows: true,
        body: [
          head(say.situation, say.fromOutside, say.fromInside, say.reason),
          ...verdict.proof.rows.map((row): TableCell[] => [
            situationName(row.situation),
            `${verdictWords(row.cells.outside.verdict)}: ${outcomeWords(row.cells.outside, 'outside').toLowerCase()}`,
            `${verdictWords(row.cells.inside.verdict)}: ${outcomeWords(row.cells.inside, 'inside')}`,
            { text: cellReason(row, 'inside'), fontSize: 8 },
          ]),
        ],
      },
    },
    h2(say.power),
    ...verdict.budget.supplies.map((supply): Content => ({
      text: supply.isUnsettled
        ? say.neverComesRestSo(supply.tag)
        : `${say.supplyDraws(supply.tag, formatAmps(supply.restAmps), formatAmps(supply.worstAmps), formatAmps(supply.ratedAmps))} ${
            supply.battery
              ? say.batteryLasts(
                  supply.battery.ampHours,
                  formatHours(supply.battery.hours),
                  supply.battery.askedHours,
                )
              : say.noBattery
          }`,
    })),
    ...verdict.budget.voltages.map((fed): Content => ({
      text: say.atRestLowestNeeds(
        fed.tag,
        formatVolts(fed.rest),
        formatVolts(fed.lowest ?? fed.released),
        formatVolts(fed.needsVolts),
      ),
    })),
  ];
}
