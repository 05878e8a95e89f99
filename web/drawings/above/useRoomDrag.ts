/** Moving things in the drawing from above: by dragging, and by the keys. What is dragged is tried out until it is let go. */
import { useRef, useState, type KeyboardEvent, type MouseEvent, type PointerEvent, type RefObject } from 'react';
import { dragArea, middleOfArea } from '@heronstone/core/gestures/dragArea.ts';
import { dragUnits, turnUnit } from '@heronstone/core/gestures/moveFurniture.ts';
import { alongWall, slideOnWall, stepOnWall, type OnWall } from '@heronstone/core/gestures/onWall.ts';
import { set, type Change } from '@heronstone/core/model/change.ts';
import type { Corner, Plan, Station, Unit } from '@heronstone/core/model/plan.ts';
import { copyOf, paste, remember, removeUnits } from '../../state/furnitureActions.ts';
import { isLoose, shiftUnits } from '@heronstone/core/room/arrange.ts';
import { intoSheet } from '../../ui/Sheet.tsx';
import { alignCorner } from '@heronstone/core/room/snap.ts';
import { preview, previewMove } from '../../state/figures.ts';
import { commit } from '../../state/openPlan.ts';
import { notice, select, selectAlso, selectUnits, useStore, type Selected } from '../../state/state.ts';

interface Spot {
  x: number;
  y: number;
}
type Kind = 'units' | 'stations' | 'corners' | 'areas' | OnWall;
const SELECTED: Readonly<Record<Kind, Selected['kind']>> = {
  units: 'unit',
  stations: 'station',
  corners: 'corner',
  areas: 'area',
  openings: 'opening',
  fixtures: 'fixture',
};
const onWall = (kind: Kind): kind is OnWall => kind === 'openings' || kind === 'fixtures';

/** How near a wall or neighbour pulls, and how far a hand may tremble before it drags, in pixels of the screen. */
const PULL = 10;
const TREMBLE = 4;

/** By how much an arrow key moves, mm: as it is, with Alt, with Shift; in inches half an inch, a sixteenth, four. */
const METRIC = { plain: 10, alt: 1, shift: 100 } as const;
const STEP = {
  metric: METRIC,
  centimetres: METRIC,
  imperial: { plain: 12.7, alt: 1.5875, shift: 101.6 },
} as const;

/** mm to the east and south for an arrow key; null for another key. */
function stepOf(event: KeyboardEvent): readonly [number, number] | null {
  const steps = STEP[stored().meta.units];
  const by = event.shiftKey ? steps.shift : event.altKey ? steps.alt : steps.plain;
  const ways: Record<string, readonly [number, number]> = {
    ArrowLeft: [-by, 0],
    ArrowRight: [by, 0],
    ArrowUp: [0, -by],
    ArrowDown: [0, by],
  };
  return ways[event.key] ?? null;
}

const stored = (): Plan => useStore.getState().plan!;
function calls(kind: Kind, id: string): string {
  if (kind === 'corners') return 'a corner';
  if (kind === 'openings') return `a ${stored().openings[id]!.kind}`;
  if (kind === 'fixtures') return stored().fixtures[id]!.name || `a ${stored().fixtures[id]!.kind}`;
  return stored()[kind][id]!.name;
}
/** Delete, copy, paste, copy at once. @returns whether the key was one of them */
function unitKey(event: KeyboardEvent, id: string): boolean {
  const { selected, also } = useStore.getState();
  const together = selected?.kind === 'unit' && [selected.id, ...also].includes(id) ? [selected.id, ...also] : [id];
  const command = event.ctrlKey || event.metaKey;
  const key = event.key.toLowerCase();
  if (key === 'delete' || key === 'backspace') removeUnits(together);
  else if (command && key === 'c') remember(id);
  else if (command && key === 'v') paste();
  else if (command && key === 'd') copyOf(id);
  else return false;
  return true;
}
const stays = (unit: Unit) =>
  notice(unit.pinned ? `${unit.name} is locked.` : `${unit.name} stands in ${stored().units[unit.host!]?.name}.`);

/**
 * @param editable whether furniture and seats can be moved
 * @param walls whether corners, and what is on the walls, can be
 * @param px mm in a pixel of the screen
 */
export function useRoomDrag(svg: RefObject<SVGSVGElement | null>, editable: boolean, walls: boolean, px: number) {
  const mode = useStore((s) => s.mode);
  const also = useStore((s) => s.also);
  const selected = useStore((s) => s.selected);
  /** A click follows each hand that is let go; it is not meant for the ground. */
  const handled = useRef(false);
  const [lasso, setLasso] = useState<{ from: Spot; to: Spot } | null>(null);
  const [drag, setDrag] = useState<{
    kind: Kind;
    id: string;
    start: Spot;
    dx: number;
    dy: number;
    /** Where along what is on a wall the hand has it, mm. */
    grip: number;
    moved: boolean;
  } | null>(null);

  const at = (event: PointerEvent) => {
    const matrix = svg.current!.getScreenCTM()!.inverse();
    return new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
  };
  /** Where it stands before the drag, in the mode that is on. */
  const from = (kind: Exclude<Kind, OnWall>, id: string) => {
    const plan = stored();
    if (kind === 'areas') return middleOfArea(plan, id);
    const spot = Object.values(plan.spots).find((s) => mode !== '' && s.unit === id && s.mode === mode);
    return kind === 'units' && spot ? spot : plan[kind][id]!;
  };
  const moved = (kind: Kind, id: string, x: number, y: number, loose: boolean, grip: number): Change[] => {
    const exactly = { x: Math.round(x), y: Math.round(y) };
    if (kind === 'corners')
      return [set('corners', id, loose ? exactly : alignCorner(stored(), id, { x, y }, PULL * px))];
    if (kind === 'areas') return dragArea(stored(), id, { x, y });
    if (kind === 'stations') return [set('stations', id, exactly)];
    if (onWall(kind)) return slideOnWall(stored(), kind, id, { x, y }, grip);
    return dragUnits(stored(), id, also, { x, y }, mode, loose ? null : PULL * px);
  };

  const down = (kind: Kind, id: string) => (event: PointerEvent) => {
    event.stopPropagation();
    handled.current = true;
    if (kind === 'units' && editable && (event.shiftKey || event.ctrlKey || event.metaKey)) {
      selectAlso(id);
      return;
    }
    // A hand on one of several that are chosen moves them all.
    if (!(kind === 'units' && also.includes(id))) select({ kind: SELECTED[kind], id });
    const movable = kind === 'areas' ? walls || editable : kind === 'corners' || onWall(kind) ? walls : editable;
    if (!movable || event.button !== 0 || useStore.getState().may === 'read') return;
    if (kind === 'units' && !isLoose(stored().units[id]!)) return;
    const p = at(event);
    const row = onWall(kind) ? p : from(kind, id);
    const grip = onWall(kind) ? alongWall(stored(), stored()[kind][id]!.corner, p) - stored()[kind][id]!.offset : 0;
    setDrag({ kind, id, start: p, dx: row.x - p.x, dy: row.y - p.y, grip, moved: false });
    svg.current!.setPointerCapture(event.pointerId);
  };
  const move = (event: PointerEvent) => {
    if (lasso) setLasso({ ...lasso, to: at(event) });
    if (!drag) return;
    const p = at(event);
    if (!drag.moved && Math.hypot(p.x - drag.start.x, p.y - drag.start.y) < TREMBLE * px) return;
    if (!drag.moved) setDrag({ ...drag, moved: true });
    previewMove(moved(drag.kind, drag.id, p.x + drag.dx, p.y + drag.dy, event.altKey, drag.grip));
  };
  const cancelDrag = () => {
    setLasso(null);
    if (!drag) return;
    preview(null);
    setDrag(null);
  };
  const up = (event: PointerEvent) => {
    if (lasso) selectUnits(within(lasso.from, at(event)));
    if (drag?.moved) {
      const p = at(event);
      commit(
        `Move ${calls(drag.kind, drag.id)}`,
        moved(drag.kind, drag.id, p.x + drag.dx, p.y + drag.dy, event.altKey, drag.grip),
      );
    }
    cancelDrag();
  };

  /** The pieces whose middle lies in a rectangle of the floor. */
  const within = (a: Spot, b: Spot) =>
    Object.values(stored().units)
      .filter((u) => u.host === null && u.elsewhere === null)
      .filter((u) => (u.x - a.x) * (u.x - b.x) <= 0 && (u.y - a.y) * (u.y - b.y) <= 0)
      .map((u) => u.id);

  /** Enter chooses, arrows nudge, R turns. */
  const key = (kind: 'units' | 'stations', row: Unit | Station) => (event: KeyboardEvent) => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      if (kind === 'units' && editable && (event.shiftKey || event.ctrlKey)) selectAlso(row.id);
      // Chosen already: the second time it leads into the sheet.
      else if (selected?.id === row.id) intoSheet();
      else select({ kind: SELECTED[kind], id: row.id });
    }
    if (!editable) return;
    if (kind === 'units' && unitKey(event, row.id)) {
      event.preventDefault();
      return;
    }
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
  /** Chooses an area that must be free, and moves it. */
  const areaKey = (id: string) => (event: KeyboardEvent) => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      select({ kind: 'area', id });
    }
    const step = walls || editable ? stepOf(event) : null;
    if (!step) return;
    event.preventDefault();
    const { x, y } = middleOfArea(stored(), id);
    commit(`Nudge ${calls('areas', id)}`, dragArea(stored(), id, { x: x + step[0], y: y + step[1] }));
  };
  /** Chooses what is on a wall, and moves it along the wall. */
  const wallKey = (kind: OnWall, id: string) => (event: KeyboardEvent) => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      select({ kind: SELECTED[kind], id });
    }
    const step = walls ? stepOf(event) : null;
    if (!step) return;
    event.preventDefault();
    const by = step[0] || step[1];
    const changes = stepOnWall(stored(), kind, id, by);
    if (changes.length > 0) commit(`Nudge ${calls(kind, id)}`, changes);
  };
  /** A click on the ground; one that ends a hand's work is none. With Shift the ground is dragged round several pieces. */
  const ground = {
    onPointerDownCapture: () => {
      handled.current = false;
    },
    onPointerDown: (event: PointerEvent) => {
      if (!editable || !event.shiftKey || event.button !== 0) return;
      handled.current = true;
      const p = at(event);
      setLasso({ from: p, to: p });
      svg.current!.setPointerCapture(event.pointerId);
    },
    onClick: (event: MouseEvent) => {
      if (!handled.current && !(event.target as Element).closest('[role="button"]')) select(null);
    },
  };
  return { down, move, up, cancelDrag, key, cornerKey, areaKey, wallKey, ground, lasso };
}
