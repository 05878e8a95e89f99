/** Takes the drawing that is shown to paper or to a file: printed or as SVG at a scale, as DXF in millimetres. */
import { formatSize } from '@heronstone/core/model/measure.ts';
import { Printer } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { engine } from '../engine/client.ts';
import { useAsked } from '../state/useAsked.ts';
import { notice, stationOf, useStore } from '../state/state.ts';
import { Button } from '../ui/Button.tsx';
import { Choice } from '../ui/Field.tsx';

/** Scales that people draw rooms at; for inches 1 in to 1 ft, half an inch, a quarter. */
const METRIC = [10, 20, 25, 50] as const;
const SCALES = { metric: METRIC, centimetres: METRIC, imperial: [12, 24, 48] } as const;

export function DrawingMenu() {
  const plan = useStore((s) => s.plan)!;
  const view = useStore((s) => (s.view === 'round' ? 'round' : 'above'));
  const mode = useStore((s) => s.mode);
  const person = useStore((s) => {
    const station = stationOf(s);
    return station ? s.plan!.stations[station]!.person : null;
  });
  const scales = SCALES[plan.meta.units];
  const [chosen, setScale] = useState<number>(scales[1]);
  const scale = (scales as readonly number[]).includes(chosen) ? chosen : scales[1];
  const [open, setOpen] = useState(false);
  const { value: size } = useAsked(open ? () => engine.drawing(view, 'svg', scale, mode, person) : null, [
    view,
    scale,
    mode,
    person,
  ]);
  const name = `${plan.meta.room} ${view === 'above' ? 'from above' : 'round the room'}`
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .toLowerCase();
  const save = async (format: 'svg' | 'dxf') => {
    const { text } = await engine.drawing(view, format, scale, mode, person);
    const url = URL.createObjectURL(new Blob([text], { type: format === 'svg' ? 'image/svg+xml' : 'image/vnd.dxf' }));
    const link = Object.assign(document.createElement('a'), { href: url, download: `${name}.${format}` });
    link.click();
    setTimeout(() => URL.revokeObjectURL(url), 10_000);
    notice(`Saved ${name}.${format}`);
  };
  const print = async () => {
    const { text, width, height } = await engine.drawing(view, 'svg', scale, mode, person);
    const frame = document.createElement('iframe');
    frame.title = 'The drawing, to be printed';
    frame.className = 'sr-only';
    // The sheet is turned to the longer side; margins are the printer's.
    frame.srcdoc = `<!doctype html><title>${name}</title><style>@page{size:${width > height ? 'landscape' : 'portrait'};margin:8mm}body{margin:0}</style>${text}`;
    frame.onload = () => {
      frame.contentWindow?.print();
      setTimeout(() => frame.remove(), 60_000);
    };
    document.body.append(frame);
  };
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger aria-label="Print or save this drawing" className="rounded-full p-1.5 hover:bg-wash">
        <Printer size={17} />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="Print or save this drawing"
          align="start"
          className="z-50 w-72 rounded-xl border border-line bg-leaf p-4 shadow-xl"
        >
          <Choice
            label="Scale"
            value={String(scale)}
            options={scales.map((n) => [String(n), `1:${n}`] as const)}
            onSet={(n) => setScale(Number(n))}
          />
          <p className="my-2 text-xs text-soft" role="status">
            {size
              ? `${formatSize([Math.round(size.width), Math.round(size.height)], plan.meta.units)} on paper: ${size.sheet ? `fits ${size.sheet.toUpperCase()}` : 'larger than a sheet; choose a smaller scale or save it'}.`
              : 'Drawing …'}
          </p>
          <div className="flex flex-wrap gap-2">
            <Button look="main" onClick={() => void print()}>
              Print
            </Button>
            <Button onClick={() => void save('svg')}>SVG</Button>
            <Button onClick={() => void save('dxf')}>DXF</Button>
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
