import { addDays, format, startOfDay } from 'date-fns';
import { planOfPiece } from '../bake/plan/index.ts';
import type { Given } from '../context/index.ts';
import { type Drawing, type Paper, qrCode } from '../drawing/index.ts';
import type { RouteStep } from '../piece/index.ts';
import { routeOfPiece } from '../route/index.ts';
import {
  benchSays,
  dateOf,
  longSays,
  minutesOf,
  type PlannedStep,
  scheduleOfPiece,
} from '../schedule/index.ts';
import { inBothDegrees } from './bothDegrees.ts';
import { careOf } from './careOf.ts';
import { PageWriter } from './pageWriter.ts';
import { partDrawing } from './partDrawing.ts';
import { stepHint } from './stepHint.ts';

/** More days than this are not printed: by then all is otherwise. */
const MOST_DAYS = 7;
/** Text in a code that a phone still reads off paper, bytes. */
const CODE_BYTES = 600;
/** A code is so wide, mm. */
const CODE_MM = 46;

/** One day at the bench: what is begun or gone on with, in order. */
interface BenchDay {
  readonly at: Date;
  readonly steps: readonly { readonly planned: PlannedStep; readonly step: RouteStep }[];
}

function daysOf(given: Given): BenchDay[] {
  const { steps, now } = given.piece(scheduleOfPiece);
  const { route } = given.piece(routeOfPiece);
  const byId = new Map(route.steps.map((step) => [step.id, step]));
  const first = startOfDay(dateOf(now));
  const last = Math.max(now, ...steps.map(({ handsEnd }) => handsEnd));
  const days: BenchDay[] = [];
  for (let i = 0; days.length < MOST_DAYS && minutesOf(addDays(first, i)) <= last; i += 1) {
    const [from, to] = [minutesOf(addDays(first, i)), minutesOf(addDays(first, i + 1))];
    const on = steps.flatMap((planned) => {
      const step = byId.get(planned.id);
      const isOn =
        planned.sittings.some((one) => one.from < to && one.to > from) ||
        (planned.sittings.length === 0 && planned.start >= from && planned.start < to);
      return step && isOn ? [{ planned, step }] : [];
    });
    if (on.length > 0) days.push({ at: addDays(first, i), steps: on });
  }
  return days;
}

const hourSays = (minutes: number): string => format(dateOf(minutes), 'HH:mm');

/** When it begins that day, what it takes of it, and until when it is waited for once hands are done. */
function saysWhen({ start, sittings, handsEnd, waitFrom, done }: PlannedStep, day: Date): string {
  const [from, to] = [minutesOf(day), minutesOf(addDays(day, 1))];
  const today = sittings.filter((one) => one.from < to && one.to > from);
  const hands = today.reduce((sum, one) => sum + Math.min(one.to, to) - Math.max(one.from, from), 0);
  const goesOn = handsEnd > to;
  const waits = !goesOn && done - waitFrom >= 1;
  return [
    hourSays(Math.max(today[0]?.from ?? start, from)),
    hands >= 1 ? `${benchSays(hands)}${goesOn ? ', to be gone on with' : ''}` : '',
    waits ? `then ${longSays(done - waitFrom)} waiting, till ${format(dateOf(done), 'EEE HH:mm')}` : '',
  ]
    .filter((one) => one !== '')
    .join(' · ');
}

/** As many lines as a code holds, and how many are left out. */
export function codeText(head: string, lines: readonly string[]): string {
  const size = (text: string) => new TextEncoder().encode(text).length;
  let text = head;
  for (const [i, line] of lines.entries()) {
    const rest = `\n… ${lines.length - i} more on paper`;
    if (size(`${text}\n${line}`) + size(rest) > CODE_BYTES) return text + rest;
    text = `${text}\n${line}`;
  }
  return text;
}

function writeDay(writer: PageWriter, given: Given, { at, steps }: BenchDay): void {
  const { piece } = given.context;
  const bakes = given.piece(planOfPiece).bakes;
  const ground = {
    find: given.find,
    contexts: given.contexts,
    bakes,
    shares: given.piece(routeOfPiece).shares,
  };
  const hints = steps.map(({ step }) => stepHint(step, ground));
  const text = codeText(
    `${piece.name}, ${format(at, 'EEE d MMM')}`,
    steps.map(({ planned, step }, i) =>
      [step.title, saysWhen(planned, at), hints[i]].filter(Boolean).join(': '),
    ),
  );
  writer.corner({ widthMm: CODE_MM, heightMm: CODE_MM, items: qrCode(text, CODE_MM) });
  writer.line([{ text: format(at, 'EEEE d MMMM'), x: 0, bold: true }], 7);
  writer.line([{ text: piece.name, x: 0, quiet: true }], 3.5);
  writer.gap(1);
  for (const says of new Set(steps.flatMap(({ step }) => careOf(step.kind))))
    writer.paragraph(says, 4, '·', writer.frameWidthMm - CODE_MM - 4);
  writer.downTo(CODE_MM + 2);
  for (const [i, { planned, step }] of steps.entries()) {
    writer.largeTick(step.title);
    const took = planned.handsMin >= 1 ? 'took ______ min' : '';
    writer.indented([saysWhen(planned, at), hints[i] ?? '', took].filter((one) => one !== '').join(' · '));
    for (const bake of bakes.filter((one) => one.step === step.id))
      for (const { number, dialC, minutes } of bake.loads)
        writer.indented(
          `load ${number}: dial ${inBothDegrees({ value: dialC, unit: '°C' })}, ${minutes} min · thermometer reads ______`,
        );
    writer.gap(1);
  }
  writer.gap(3);
  const parts = [...new Set(steps.flatMap(({ step }) => step.parts))];
  for (const part of parts) {
    const context = given.contexts.get(part);
    if (!context) continue;
    const drawing = partDrawing(context, 'front');
    if (writer.hasRoomFor(drawing)) writer.drawing(drawing);
  }
}

/**
 * The next days at the bench, each on a page of its own in large letters: what to do and when, bakes, cautions, room for what it
 * took, the parts at the size of the clay as far as the page has room, and the day’s steps in a code for the phone.
 *
 * @param now ISO time printed on it
 * @returns pages at paper size, mm; none where nothing can be put on a day
 */
export function daySheet(given: Given, paper: Paper, now: string): Drawing[] {
  const days = daysOf(given);
  if (days.length === 0) return [];
  const writer = new PageWriter(paper, `${given.context.piece.name} · by day · ${now.slice(0, 10)}`);
  days.forEach((day, i) => {
    if (i > 0) writer.newPage();
    writeDay(writer, given, day);
  });
  return writer.pages();
}
