/** Dividers and spacers to cut: what keeps apart what lies without a container, and what fills the depth behind paper. */
import type { CompartmentReport, CutPiece, Report, StockLine } from './report.ts';
import type { Parts } from '../furniture/parts.ts';
import type { Container, Plan } from '../model/plan.ts';

/** A spacer less deep than this is not worth cutting, mm; play that a piece is cut smaller by, mm. Our figures, no source. */
const LEAST = 40;
const PLAY = 1;

/** Furniture in which a sheet slides back unless something stands behind it. */
const STANDING: ReadonlySet<string> = new Set(['cube shelf', 'bookcase', 'cabinet']);

/** The pieces for a planned place. */
export function cutsIn(plan: Plan, c: CompartmentReport, placements: Report['placements']): CutPiece[] {
  const pieces: CutPiece[] = [];
  if (c.only === 'today') return pieces;
  const laid = c.contents.planned.flatMap((id) => {
    const p = placements[id]!;
    return p.block && p.lie ? [{ p, block: p.block, lie: p.lie, supply: plan.supplies[p.supply]! }] : [];
  });
  const down = Math.floor;
  if (STANDING.has(plan.units[c.unit]!.kind) && (c.access === 'open' || c.access === 'door')) {
    const sheets = laid.filter(({ supply }) => supply.form === 'sheets');
    // One piece for the opening: as wide as it, as deep as what the deepest stack leaves.
    const depth = Math.min(...sheets.map(({ block }) => c.inside.depth - block.y - block.d));
    if (sheets.length === 0 || depth - PLAY < LEAST) return pieces;
    const [first] = sheets;
    const others = sheets.length - 1;
    pieces.push({
      compartment: c.id,
      place: c.name,
      kind: 'spacer',
      length: down(c.inside.width - PLAY),
      breadth: down(depth - PLAY),
      count: 1,
      why: `behind ${first!.supply.name}${others > 0 ? ` and ${others} more` : ''}, so that it does not slide back`,
    });
    return pieces;
  }
  const box = c.container === null ? undefined : plan.containers[c.container];
  if (box && c.parts?.division === 'lanes') return laneDividers(c, c.parts, box);
  if (c.access !== 'drawer' && c.access !== 'pull-out') return pieces;
  for (const { block, lie, supply } of laid) {
    // Against the right wall nothing is needed.
    if (laid.length < 2 || block.x + block.w > c.inside.width - LEAST) continue;
    const height = Math.min(
      c.inside.height - 5,
      lie.pattern === 'fill' ? c.inside.height - 5 : lie.up * Math.min(lie.layers, 3),
    );
    if (height < 10) continue;
    pieces.push({
      compartment: c.id,
      place: c.name,
      kind: 'divider',
      length: down(block.d - PLAY),
      breadth: down(height),
      count: 1,
      why: `beside ${supply.name}`,
    });
  }
  return pieces;
}

/** Walls between the lanes of a box, and across each lane between its sections. */
function laneDividers(c: CompartmentReport, parts: Parts, box: Container): CutPiece[] {
  const about = { compartment: c.id, place: c.name, kind: 'divider' as const, why: `inside ${box.name}` };
  const height = Math.floor(box.insideHeight);
  const long = { ...about, length: Math.floor(box.insideDepth - PLAY), breadth: height, count: parts.across - 1 };
  const across = Math.floor(parts.part.width - PLAY);
  const short = { ...about, length: across, breadth: height, count: parts.across * (parts.along - 1) };
  return [long, short].filter((piece) => piece.count > 0 && piece.length > 0);
}

/** Breadth of a saw cut or of a knife's waste, mm. Common practice, no source. */
const KERF = 3;

/**
 * What to buy for the pieces of a cut list: lengths of stock of each breadth, the pieces laid end to end, longest first.
 * @param length of one piece of stock as it is sold, mm; a piece that is longer needs several, joined
 * @param price of one piece of stock, 0 when not known
 */
export function stockFor(cuts: readonly CutPiece[], length: number, price: number): StockLine[] {
  const breadths = new Map<number, number[]>();
  for (const { breadth, length: long, count } of cuts)
    breadths.set(breadth, [...(breadths.get(breadth) ?? []), ...Array.from({ length: count }, () => long)]);
  return [...breadths]
    .sort(([a], [b]) => b - a)
    .map(([breadth, pieces]) => {
      const left: number[] = [];
      let joined = 0;
      for (const piece of pieces.sort((a, b) => b - a)) {
        if (piece > length) joined += Math.ceil(piece / length);
        else {
          const at = left.findIndex((room) => room >= piece - 1e-9);
          if (at >= 0) left[at]! -= piece + KERF;
          else left.push(length - piece - KERF);
        }
      }
      const count = left.length + joined;
      return { breadth, length, pieces: pieces.length, count, price: price > 0 ? price : null };
    });
}
