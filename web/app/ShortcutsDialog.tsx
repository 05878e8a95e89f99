import { Dialog } from '../ui/Dialog.tsx';

const KEYS = [
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
  ['/', 'find a supply or place'],
  ['Tab, Enter', 'go to a thing in a drawing, choose it'],
  ['Arrows', 'nudge the chosen furniture 10 mm; with Shift 100 mm, with Alt 1 mm'],
  ['R', 'turn it a quarter'],
  ['M', 'move the chosen supply to another place'],
  ['L', 'keep it here (lock), or let it go'],
  ['Alt while dragging', 'do not snap'],
  ['?', 'this list'],
] as const;

export function ShortcutsDialog({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Keyboard shortcuts">
      <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5">
        {KEYS.map(([keys, what]) => (
          <div key={keys} className="contents">
            <dt>
              <kbd className="rounded-md border border-line bg-paper px-2 py-0.5 font-bold">{keys}</kbd>
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  );
}
