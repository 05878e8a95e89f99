/** Labels: one for each compartment in use, laid out on a sheet in mm. Drawing them is labelsPdf.ts; screens draw the same layout. */
import type { Report } from '../evaluate.ts';
import type { Arrangement, Meta, Plan } from '../model/plan.ts';
import { qrPath, type QrPath } from './qr.ts';

/** Paper sizes, mm: ISO 216, and US Letter 8.5 x 11 in. */
export const PAPER = { a4: { width: 210, height: 297 }, letter: { width: 215.9, height: 279.4 } } as const;
/** Inner margin, and side of the QR code below the title, for a label of this size, mm. The same on screen and paper. */
export function labelParts(
  width: number,
  height: number,
): { pad: number; title: number; large: number; small: number; code: number } {
  const pad = Math.min(3, height / 8);
  const title = Math.min(3, height / 6);
  return {
    pad,
    title,
    large: Math.min(4.2, height / 4.5),
    small: Math.min(3.2, height / 5.5),
    code: Math.max(6, Math.min(height - 2.4 * pad - title, width / 3, 24)),
  };
}

/** Margin that printers leave, and gap between labels to cut along, mm. */
export const SHEET = { margin: 10, gap: 3 } as const;

export interface Label {
  compartment: string;
  unit: string;
  place: string;
  /** What lies inside: name and count. */
  lines: Array<{ name: string; count: number }>;
  /** Opens Find at this place; `code` is the same as a QR code. */
  link: string;
  code: QrPath;
  /** Upper left corner on the page, mm. */
  x: number;
  y: number;
}

export interface LabelSheet {
  paper: Meta['paper'];
  page: { width: number; height: number };
  label: { width: number; height: number };
  columns: number;
  rows: number;
  pages: Label[][];
}

export type LabelSheetResult =
  { ok: true; sheet: LabelSheet } | { ok: false; field: 'labelWidth' | 'labelHeight'; message: string };

/**
 * Lays out the labels of an arrangement, compartments in the order of the report.
 * @param options label width and height in mm; address under which Find is reached, without a slash at its end
 */
export function labelSheet(
  plan: Plan,
  report: Report,
  arrangement: Arrangement,
  options: { paper: Meta['paper']; width: number; height: number; address: string },
): LabelSheetResult {
  const page = PAPER[options.paper];
  const columns = Math.floor((page.width - 2 * SHEET.margin + SHEET.gap) / (options.width + SHEET.gap));
  const rows = Math.floor((page.height - 2 * SHEET.margin + SHEET.gap) / (options.height + SHEET.gap));
  if (columns < 1)
    return {
      ok: false,
      field: 'labelWidth',
      message: `A label ${options.width} mm wide does not fit the sheet; at most ${page.width - 2 * SHEET.margin} mm.`,
    };
  if (rows < 1)
    return {
      ok: false,
      field: 'labelHeight',
      message: `A label ${options.height} mm high does not fit the sheet; at most ${page.height - 2 * SHEET.margin} mm.`,
    };
  const used = report.compartments.filter((c) => c.contents[arrangement].length > 0);
  const pages: Label[][] = [];
  used.forEach((c, i) => {
    const onPage = i % (columns * rows);
    if (onPage === 0) pages.push([]);
    const link = `${options.address}/plan/${plan.meta.id}/find?place=${encodeURIComponent(c.id)}`;
    pages.at(-1)!.push({
      compartment: c.id,
      unit: plan.units[c.unit]!.name,
      place: c.name === plan.units[c.unit]!.name ? '' : c.short,
      lines: c.contents[arrangement].map((id) => ({
        name: plan.supplies[report.placements[id]!.supply]!.name,
        count: report.placements[id]!.count,
      })),
      link,
      code: qrPath(link),
      x: SHEET.margin + (onPage % columns) * (options.width + SHEET.gap),
      y: SHEET.margin + Math.floor(onPage / columns) * (options.height + SHEET.gap),
    });
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
