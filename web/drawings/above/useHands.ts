/** Moving things in the drawing from above: by dragging, and by the keys. What is dragged is tried out until it is let go. */
import { useState, type KeyboardEvent, type PointerEvent, type RefObject } from 'react';
import { dragUnits, turnUnit } from '@heronstone/core/gestures/furniture.ts';
import { set, type Change } from '@heronstone/core/model/change.ts';
import type { Corner, Plan, Station, Unit } from '@heronstone/core/model/plan.ts';
import { isLoose, shiftUnits } from '@heronstone/core/room/arrange.ts';
import { alignCorner } from '@heronstone/core/room/snap.ts';
import {
  commit,
  notice,
  preview,
  previewMove,
  select,
  selectAlso,
  useStore,
  type Selected,
} from '../../state/store.ts';

type Kind = 'units' | 'stations' | 'corners';
const SELECTED: Readonly<Record<Kind, Selected['kind']>> = { units: 'unit', stations: 'station', corners: 'corner' };

/** How near a wall or neighbour pulls, and how far a hand may tremble before it drags, in pixels of the screen. */
const PULL = 10;
const TREMBLE = 4;

/** By how much an arrow key moves, mm: as it is, with Alt, with Shift. */
const STEP = { plain: 10, alt: 1, shift: 100 } as const;

/** mm to the east and south for an arrow key; null for another key. */
function stepOf(event: KeyboardEvent): readonly [number, number] | null {
  const by = event.shiftKey ? STEP.shift : event.altKey ? STEP.alt : STEP.plain;
  const steps: Record<string, readonly [number, number]> = {
    ArrowLeft: [-by, 0],
    ArrowRight: [by, 0],
    ArrowUp: [0, -by],
    ArrowDown: [0, by],
  };
  return steps[event.key] ?? null;
}

const stored = (): Plan => useStore.getState().plan!;
const calls = (kind: Kind, id: string) => (kind === 'corners' ? 'a corner' : stored()[kind][id]!.name);
const stays = (unit: Unit) =>
  notice(unit.pinned ? `${unit.name} is locked.` : `${unit.name} stands in ${stored().units[unit.host!]?.name}.`);

/** @param px mm in a pixel of the screen */
export function useHands(svg: RefObject<SVGSVGElement | null>, editable: boolean, px: number) {
  const mode = useStore((s) => s.mode);
  const also = useStore((s) => s.also);
  const selected = useStore((s) => s.selected);
  const [drag, setDrag] = useState<{ kind: Kind; id: string; dx: number; dy: number; moved: boolean } | null>(null);

  const at = (event: PointerEvent) => {
    const matrix = svg.current!.getScreenCTM()!.inverse();
    return new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
  };
  /** Where it stands before the drag, in the mode that is on. */
  const from = (kind: Kind, id: string) => {
    const plan = stored();
    const spot = Object.values(plan.spots).find((s) => mode !== '' && s.unit === id && s.mode === mode);
    return kind === 'units' && spot ? spot : plan[kind][id]!;
  };
  const moved = (kind: Kind, id: string, x: number, y: number, loose: boolean): Change[] => {
    const exactly = { x: Math.round(x), y: Math.round(y) };
    if (kind === 'corners')
      return [set('corners', id, loose ? exactly : alignCorner(stored(), id, { x, y }, PULL * px))];
    if (kind === 'stations') return [set('stations', id, exactly)];
    return dragUnits(stored(), id, also, { x, y }, mode, loose ? null : PULL * px);
  };

  const down = (kind: Kind, id: string) => (event: PointerEvent) => {
    event.stopPropagation();
    if (kind === 'units' && editable && (event.shiftKey || event.ctrlKey || event.metaKey)) {
      selectAlso(id);
      return;
    }
    // A hand on one of several that are chosen moves them all.
    if (!(kind === 'units' && also.includes(id))) select({ kind: SELECTED[kind], id });
    if (!(editable || kind === 'corners') || event.button !== 0) return;
    if (kind === 'units' && !isLoose(stored().units[id]!)) return;
    const [p, row] = [at(event), from(kind, id)];
    setDrag({ kind, id, dx: row.x - p.x, dy: row.y - p.y, moved: false });
    svg.current!.setPointerCapture(event.pointerId);
  };
  const move = (event: PointerEvent) => {
    if (!drag) return;
    const [p, row] = [at(event), from(drag.kind, drag.id)];
    if (!drag.moved && Math.hypot(p.x + drag.dx - row.x, p.y + drag.dy - row.y) < TREMBLE * px) return;
    if (!drag.moved) setDrag({ ...drag, moved: true });
    previewMove(moved(drag.kind, drag.id, p.x + drag.dx, p.y + drag.dy, event.altKey));
  };
  const letGo = () => {
    preview(null);
    setDrag(null);
  };
  const up = (event: PointerEvent) => {
    if (drag?.moved) {
      const p = at(event);
      commit(
        `Move ${calls(drag.kind, drag.id)}`,
        moved(drag.kind, drag.id, p.x + drag.dx, p.y + drag.dy, event.altKey),
      );
    }
    letGo();
  };

  /** Enter chooses, arrows nudge, R turns. */
  const key = (kind: 'units' | 'stations', row: Unit | Station) => (event: KeyboardEvent) => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      if (kind === 'units' && editable && (event.shiftKey || event.ctrlKey)) selectAlso(row.id);
      else select({ kind: SELECTED[kind], id: row.id });
    }
    if (!editable) return;
    const step = stepOf(event);
    const turns = event.key.toLowerCase() === 'r' && !event.ctrlKey && !event.metaKey;
    if (!step && !turns) return;
    event.preventDefault();
    if (kind === 'units' && !isLoose(row as Unit)) {
      stays(row as Unit);
      return;
    }
    if (step && kind === 'units') {
      const together =
        also.includes(row.id) || selected?.id === row.id ? [row.id, ...also, selected?.id ?? ''] : [row.id];
      commit(`Nudge ${row.name}`, shiftUnits(stored(), together, ...step, mode));
    } else if (step) commit(`Nudge ${row.name}`, [set(kind, row.id, { x: row.x + step[0], y: row.y + step[1] })]);
    else if (kind === 'units') commit(`Turn ${row.name}`, turnUnit(stored(), row.id, 90, mode));
    else commit(`Turn ${row.name}`, [set(kind, row.id, { facing: ((row as Station).facing + 90) % 360 })]);
  };
  const cornerKey = (corner: Corner) => (event: KeyboardEvent) => {
    if (event.key === 'Enter') select({ kind: 'corner', id: corner.id });
    const step = stepOf(event);
    if (!step) return;
    event.preventDefault();
    commit('Nudge a corner', [set('corners', corner.id, { x: corner.x + step[0], y: corner.y + step[1] })]);
  };
  return { down, move, up, letGo, key, cornerKey };
}
