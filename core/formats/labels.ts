/** Labels: one for each compartment in use, laid out on a sheet in mm. Drawing them is labelsPdf.ts; screens draw the same layout. */
import { formatLength } from '../model/measure.ts';
import type { CompartmentReport, Report } from '../report/evaluate.ts';
import { placeOf } from '../report/placeOf.ts';
import {
  LABELLING,
  type Arrangement,
  type Grid,
  type Labelling,
  type LabelRow,
  type Meta,
  type Plan,
  type Side,
  type Supply,
} from '../model/plan.ts';
import { partsInWords } from '../furniture/parts.ts';
import { openingOf } from '../scene/scene.ts';
import { layOutLabel, type LabelLayout } from './labelLayout.ts';
import { qrPath, type QrPath } from './qr.ts';
import { SWATCH } from '../model/swatches.ts';

/** Paper sizes, mm: ISO 216, and US Letter 8.5 x 11 in. */
export const PAPER = { a4: { width: 210, height: 297 }, letter: { width: 215.9, height: 279.4 } } as const;
/** Margin that printers leave, and gap between labels to cut along, mm. */
export const SHEET = { margin: 10, gap: 3 } as const;

export interface Label {
  compartment: string;
  /** The side on which it is put. */
  side: Side;
  unit: string;
  place: string;
  /** What lies inside: name and count. */
  lines: Array<{ name: string; count: number }>;
  /** Colours of what lies inside, as CSS hex. */
  swatches: string[];
  /** Since when it is on trial, and what is to be reordered; may be empty. */
  note: string;
  /** Opens Find at this place; `code` is the same as a QR code, null when none is wanted. */
  link: string;
  code: QrPath | null;
  /** All that stands on it, to see whether it was printed like that already. */
  says: string;
  /** Upper left corner on the page, mm. */
  x: number;
  y: number;
}

/** A label where it is on its sheet, with what stands where on it. */
export interface LaidLabel extends Label {
  layout: LabelLayout;
}

export interface LabelSheet {
  paper: Meta['paper'];
  page: { width: number; height: number };
  label: { width: number; height: number };
  columns: number;
  rows: number;
  pages: LaidLabel[][];
}

export type LabelSheetResult =
  { ok: true; sheet: LabelSheet } | { ok: false; field: 'labelWidth' | 'labelHeight' | 'grid'; message: string };

export interface LabelOptions {
  paper: Meta['paper'];
  /** Size of a label, mm. */
  width: number;
  height: number;
  /** Address under which Find is reached, without a slash at its end. */
  address: string;
  labelling?: Labelling;
  /** Labels of the first sheet that are used up already. */
  skip?: number;
  /** Only what does not stand on a printed label like that already. */
  changed?: boolean;
}

/** How much of what stands on a label is kept to be compared; the column holds no more. */
const MOST_SAID = 4000;

/** The row of the label of a place, when there is one. */
export function labelRow(plan: Pick<Plan, 'labels'>, compartment: string): LabelRow | undefined {
  const container = compartment.includes('#') ? compartment.slice(compartment.indexOf('#') + 1) : null;
  return Object.values(plan.labels).find(
    (l) => `${l.unit}/${l.slot}` === openingOf(compartment) && l.container === container,
  );
}

/** Where labels lie on a sheet: a bought grid, or as many as fit between margins. */
function placesOn(page: { width: number; height: number }, options: LabelOptions, grid: Grid | null) {
  if (grid === null)
    return {
      columns: Math.floor((page.width - 2 * SHEET.margin + SHEET.gap) / (options.width + SHEET.gap)),
      rows: Math.floor((page.height - 2 * SHEET.margin + SHEET.gap) / (options.height + SHEET.gap)),
      at: (column: number, row: number) => ({
        x: SHEET.margin + column * (options.width + SHEET.gap),
        y: SHEET.margin + row * (options.height + SHEET.gap),
      }),
    };
  return {
    columns: grid.columns,
    rows: grid.rows,
    at: (column: number, row: number) => ({ x: grid.left + column * grid.across, y: grid.top + row * grid.down }),
  };
}

/** What is wrong with a grid on a paper, or null. */
function gridFault(
  page: { width: number; height: number },
  options: LabelOptions,
  grid: Grid,
  say: (mm: number) => string,
): string | null {
  const right = grid.left + (grid.columns - 1) * grid.across + options.width;
  const bottom = grid.top + (grid.rows - 1) * grid.down + options.height;
  if (options.width > grid.across + 1e-9)
    return `A label is ${say(options.width)} wide, but the next begins after ${say(grid.across)}.`;
  if (options.height > grid.down + 1e-9)
    return `A label is ${say(options.height)} high, but the next begins after ${say(grid.down)}.`;
  if (right > page.width + 1e-9) return `The grid is ${say(right)} wide; the paper has ${say(page.width)}.`;
  if (bottom > page.height + 1e-9) return `The grid is ${say(bottom)} high; the paper has ${say(page.height)}.`;
  return null;
}

/** Lays out the labels of an arrangement, compartments in the order of the report, one for each side that a place wants. */
export function labelSheet(
  plan: Plan,
  report: Report,
  arrangement: Arrangement,
  options: LabelOptions,
): LabelSheetResult {
  const page = PAPER[options.paper];
  const say = (mm: number) => formatLength(mm, plan.meta.units);
  const labelling = options.labelling ?? LABELLING;
  const { grid } = labelling;
  const { columns, rows, at } = placesOn(page, options, grid);
  const fault = grid === null ? null : gridFault(page, options, grid, say);
  if (fault !== null) return { ok: false, field: 'grid', message: fault };
  if (columns < 1)
    return {
      ok: false,
      field: 'labelWidth',
      message: `A label ${say(options.width)} wide does not fit the sheet; at most ${say(page.width - 2 * SHEET.margin)}.`,
    };
  if (rows < 1)
    return {
      ok: false,
      field: 'labelHeight',
      message: `A label ${say(options.height)} high does not fit the sheet; at most ${say(page.height - 2 * SHEET.margin)}.`,
    };
  const wanted = labelsOf(plan, report, arrangement, options.address, labelling).filter(
    (l) => !options.changed || labelRow(plan, l.compartment)?.printed !== l.says,
  );
  const pages: LaidLabel[][] = [];
  const skip = Math.max(0, Math.min(columns * rows - 1, options.skip ?? 0));
  wanted.forEach((label, i) => {
    const onPage = (i + skip) % (columns * rows);
    if (onPage === 0 || pages.length === 0) pages.push([]);
    const { x, y } = at(onPage % columns, Math.floor(onPage / columns));
    const layout = layOutLabel(contentsOf(label), options.width, options.height, labelling.large);
    pages.at(-1)!.push({ ...label, layout, x: x + labelling.shiftX, y: y + labelling.shiftY });
  });
  return {
    ok: true,
    sheet: {
      paper: options.paper,
      page,
      label: { width: options.width, height: options.height },
      columns,
      rows,
      pages,
    },
  };
}

/** The words of a label: where it is, and what lies there with how many. */
export const titleOf = (l: Pick<Label, 'unit' | 'place'>) => (l.place ? `${l.unit} · ${l.place}` : l.unit);
export const counted = (line: Label['lines'][number]) => (line.count > 1 ? `${line.name} (${line.count})` : line.name);
const contentsOf = (l: Label) => ({
  place: titleOf(l),
  lines: l.lines.map(counted),
  note: l.note,
  swatches: l.swatches,
  modules: l.code?.size ?? null,
});

/** All labels of an arrangement, not laid out yet. */
export function labelsOf(
  plan: Plan,
  report: Report,
  arrangement: Arrangement,
  address: string,
  labelling: Labelling = LABELLING,
): Label[] {
  const used = report.compartments.filter((c) => c.contents[arrangement].length > 0);
  return used.flatMap((c): Label[] => {
    const row = labelRow(plan, c.id);
    const inside = c.contents[arrangement].map((id) => {
      const { supply, count, parts } = report.placements[id]!;
      return { supply: plan.supplies[supply]!, count, part: c.parts ? partsInWords(c.parts, parts) : '' };
    });
    const reorder = inside.filter((i) => labelling.reorder && i.supply.reorderAt !== null);
    const link = `${address}/plan/${plan.meta.id}/find?place=${encodeURIComponent(c.id)}`;
    const label = {
      compartment: c.id,
      unit: plan.units[c.unit]!.name,
      place: c.name === plan.units[c.unit]!.name ? '' : c.short,
      lines:
        row && row.words !== ''
          ? [{ name: row.words, count: 1 }]
          : [
              ...homeLine(
                c,
                arrangement,
                inside.map((i) => i.supply.name),
              ),
              ...inside.map((i) => ({
                name: `${i.part ? `${i.part}: ` : ''}${i.supply.name}${i.supply.stands ? `, ${i.supply.stands}` : ''}`,
                count: labelling.counts ? i.count : 1,
              })),
            ],
      swatches: labelling.swatches
        ? [...new Set(inside.flatMap((i) => SWATCH[i.supply.colour.split(' ').at(-1) ?? ''] ?? []))].slice(0, 6)
        : [],
      note: [
        ...(row?.state === 'trial' ? [`on trial since ${row.since}`] : []),
        ...reorderNote(
          reorder.map((i) => i.supply),
          inside.length > 1,
        ),
      ].join(', '),
      link,
      code: labelling.codes ? qrPath(link) : null,
    };
    // Where nothing else has to be said, a pointer to the rest of the home.
    if (label.note === '') label.note = restOfHome(report, c, arrangement);
    const all = [label.unit, label.place, label.lines, label.swatches, label.note, labelling.codes];
    const says = JSON.stringify(all).slice(0, MOST_SAID);
    const whole = (row?.sides ?? ['front']).map((side) => ({ ...label, side, says, x: 0, y: 0 }));
    if (!labelling.parts || !c.parts) return whole;
    // A label for each part in use: for its divider, its page, its cell.
    const own = inside.map((i): Label => ({
      ...label,
      side: 'front',
      place: `${label.place ? `${label.place}, ` : ''}${i.part}`,
      lines: [{ name: i.supply.name, count: labelling.counts ? i.count : 1 }],
      swatches: [],
      note: i.supply.stands ?? '',
      says,
      x: 0,
      y: 0,
    }));
    return [...whole, ...own];
  });
}

/** The name of the home large, above what lies there; nothing where the place has no name, or it is that of its only thing. */
function homeLine(c: CompartmentReport, arrangement: Arrangement, names: readonly string[]): Label['lines'] {
  const name = c.homeName[arrangement];
  const saysAlready = names.length === 1 && names[0]!.toLowerCase() === name.toLowerCase();
  return name === '' || saysAlready || !c.canBeNamed[arrangement] ? [] : [{ name, count: 1 }];
}

/** Where the rest of a home lies that is in several places not beside each other: a pointer for who looks here. */
function restOfHome(report: Report, c: CompartmentReport, arrangement: Arrangement): string {
  const [first] = c.homes[arrangement];
  const home = report.homes.find((h) => h.id === first);
  if (!home || home.supplies.length < 2) return '';
  const other = home.runs[arrangement].find((run) => !run.includes(c.id));
  const here = home.runs[arrangement].some((run) => run.includes(c.id));
  const place = here && other ? placeOf(report, other[0]) : null;
  return place ? `more in ${place.name}` : '';
}

/** What is to be reordered: two by name where there is no more, else one and how many more. */
function reorderNote(supplies: readonly Supply[], named: boolean): string[] {
  const each = supplies.map((s) => `${named ? `${s.name} ` : ''}at ${s.reorderAt}`);
  if (each.length === 0) return [];
  return [`reorder ${each.length > 2 ? `${each[0]} and ${each.length - 1} more` : each.join(', ')}`];
}

/** Upper left corners of all labels of one sheet, mm, with the shift of the printer. */
export function gridPlaces(options: LabelOptions): Array<{ x: number; y: number }> {
  const labelling = options.labelling ?? LABELLING;
  const { columns, rows, at } = placesOn(PAPER[options.paper], options, labelling.grid);
  return Array.from({ length: columns * rows }, (_, i) => {
    const { x, y } = at(i % columns, Math.floor(i / columns));
    return { x: x + labelling.shiftX, y: y + labelling.shiftY };
  });
}
