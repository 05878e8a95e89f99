/**
 * A drawing that is zoomed: wheel, pinch, double click, the keys + − 0, or a choice of what is to fill the frame. What is larger
 * than its frame scrolls, with mouse (on the empty ground), finger, wheel and arrow keys, as every page does.
 */
import { useGesture } from '@use-gesture/react';
import {
  useEffect,
  useLayoutEffect,
  useRef,
  useState,
  type KeyboardEvent,
  type ReactNode,
  type RefObject,
} from 'react';
import { setZoom, useStore, type Zoomable } from '../state/state.ts';
import { NO_MENU, openMenu, ThingMenu, type MenuOf } from './ThingMenu.tsx';

/** By how much one step of a key, and 100 pixels of a wheel, enlarge. */
const KEY = 1.3;
const WHEEL = 1.25;
/** How much of the frame is taken by what is shown whole. */
const FILLS = 0.9;
/** How much larger than the frame a drawing can be. */
const MOST = 12;

export interface Frame {
  /** Inner size of the frame, pixels. */
  wide: number;
  tall: number;
  /** How much larger than fitted: 1 is as it opens. */
  zoom: number;
}

/** What stays where it is on the screen while the drawing becomes larger. */
interface Anchor {
  /** Share of the drawing's width and height. */
  fx: number;
  fy: number;
  /** Where that is, pixels of the window. */
  x: number;
  y: number;
}

export function Zoom({
  view,
  label,
  least,
  frame,
  menu = NO_MENU,
  children,
}: {
  view: Zoomable;
  label: string;
  /** The smallest zoom, at which the whole is seen. */
  least: (frame: Omit<Frame, 'zoom'>) => number;
  /** The element that scrolls. */
  frame: RefObject<HTMLDivElement | null>;
  /** What can be done with each thing that is drawn. */
  menu?: MenuOf | undefined;
  /** The drawing, one `svg`, in the size that the frame asks for. */
  children: (frame: Frame) => ReactNode;
}) {
  const [size, setSize] = useState({ wide: 900, tall: 480 });
  const zoom = useStore((s) => s.zoom[view]);
  const anchor = useRef<Anchor | null>(null);
  const asked = useStore((s) => s.zoomTo);

  useLayoutEffect(() => {
    const box = frame.current!;
    // The outer size, so that bars that come and go do not change it back and forth.
    const measure = () => setSize({ wide: box.offsetWidth || 900, tall: box.offsetHeight || 480 });
    measure();
    const watch = new ResizeObserver(measure);
    watch.observe(box);
    return () => watch.disconnect();
  }, [frame]);

  const smallest = least(size);
  const drawing = () => frame.current!.querySelector('svg')!;
  /** Changes the zoom; a point of the window, or the middle of the frame, stays where it is. */
  const zoomBy = (factor: number, x?: number, y?: number) => {
    const box = frame.current!.getBoundingClientRect();
    const at = { x: x ?? box.left + box.width / 2, y: y ?? box.top + box.height / 2 };
    const rect = drawing().getBoundingClientRect();
    anchor.current = { fx: (at.x - rect.left) / rect.width, fy: (at.y - rect.top) / rect.height, ...at };
    const { zoom: now } = useStore.getState();
    setZoom(view, Math.max(smallest, Math.min(MOST, now[view] * factor)));
  };
  const hold = () => {
    const kept = anchor.current;
    if (!kept) return;
    anchor.current = null;
    const box = frame.current!;
    const rect = drawing().getBoundingClientRect();
    box.scrollLeft += rect.left + kept.fx * rect.width - kept.x;
    box.scrollTop += rect.top + kept.fy * rect.height - kept.y;
  };
  // eslint-disable-next-line react-hooks/exhaustive-deps -- only when the zoom is another
  useLayoutEffect(hold, [zoom]);

  /** Makes a part of the drawing fill the frame, in its middle. */
  const show = (part: Element) => {
    const box = frame.current!.getBoundingClientRect();
    const rect = part.getBoundingClientRect();
    const whole = drawing().getBoundingClientRect();
    const factor = FILLS * Math.min(box.width / Math.max(rect.width, 1), box.height / Math.max(rect.height, 1));
    anchor.current = {
      fx: (rect.left + rect.width / 2 - whole.left) / whole.width,
      fy: (rect.top + rect.height / 2 - whole.top) / whole.height,
      x: box.left + box.width / 2,
      y: box.top + box.height / 2,
    };
    const next = Math.max(smallest, Math.min(MOST, zoom * factor));
    if (next === zoom) hold();
    else setZoom(view, next);
  };
  // What was asked for elsewhere: the whole, as it opens, or a part.
  useEffect(() => {
    if (!asked || asked.view !== view) return;
    useStore.setState({ zoomTo: null });
    if (asked.part === 'whole') setZoom(view, smallest);
    else if (asked.part === 'in') zoomBy(KEY);
    else if (asked.part === 'out') zoomBy(1 / KEY);
    else {
      const part = frame.current?.querySelector(asked.part);
      if (part) show(part);
    }
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only when something is asked for
  }, [asked]);

  useGesture(
    {
      onWheel: ({ event, delta: [dx, dy] }) => {
        // With Ctrl it is a pinch; sideways it scrolls.
        if (event.ctrlKey || event.shiftKey || Math.abs(dx) > Math.abs(dy)) return;
        event.preventDefault();
        zoomBy(WHEEL ** (-dy / 100), event.clientX, event.clientY);
      },
      onPinch: ({ first, origin: [x, y], movement: [scale], memo, event }) => {
        event.preventDefault();
        const from = first ? useStore.getState().zoom[view] : (memo as number);
        zoomBy((from * scale) / useStore.getState().zoom[view], x, y);
        return from;
      },
      onDrag: ({ first, initial, delta: [dx, dy], event, cancel }) => {
        // A finger scrolls by itself; a mouse takes hold of the empty ground.
        const { pointerType, shiftKey } = event as PointerEvent;
        const elsewhere = pointerType !== 'mouse' || shiftKey;
        if (elsewhere || (first && isThing(document.elementFromPoint(...initial)))) return cancel();
        frame.current!.scrollLeft -= dx;
        frame.current!.scrollTop -= dy;
      },
    },
    {
      target: frame,
      eventOptions: { passive: false },
      drag: { filterTaps: true, threshold: 4, pointer: { keys: false } },
      pinch: { scaleBounds: { min: 0.05, max: 20 } },
    },
  );

  const key = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === '+' || event.key === '=') zoomBy(KEY);
    else if (event.key === '-') zoomBy(1 / KEY);
    else if (event.key === '0') setZoom(view, smallest);
    else if (event.key === '.' && event.target !== frame.current) openMenu(event.target as Element);
    else return;
    event.preventDefault();
  };

  return (
    <ThingMenu menu={menu}>
      <div
        ref={frame}
        className="grid h-full touch-pan-x touch-pan-y overflow-auto [contain:layout_paint_style]"
        data-scrolls
        data-zoom={zoom.toFixed(3)}
        tabIndex={0}
        role="region"
        aria-label={label}
        onKeyDown={key}
        onDoubleClick={(event) => {
          const part = (event.target as Element).closest('[data-strip-unit], [data-unit], [data-wall]');
          if (part && zoom < 2) show(part);
          else setZoom(view, 1);
        }}
      >
        {children({ ...size, zoom: Math.max(smallest, zoom) })}
      </div>
    </ThingMenu>
  );
}

/** Whether a mouse does something else with what is there than to push the drawing. */
const isThing = (part: Element | null) => part?.closest('[role="button"], [data-drag]') !== null;
