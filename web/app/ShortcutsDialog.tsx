import { Dialog } from '../ui/Dialog.tsx';

const KEYS = [
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
  ['/', 'find a supply or place'],
  ['Tab', 'into a drawing, into the sheet, on to the next field'],
  [
    'Arrows',
    'from place to place in the walls unrolled; nudge the furniture from above, a lot with Shift, a hair with Alt',
  ],
  ['Enter', 'choose a place and go to its sheet; choose a piece of furniture, and again for its sheet'],
  ['Escape', 'close the sheet or dialog, back to where you were'],
  ['.', 'the menu of a thing in a drawing (as the right button)'],
  ['+  −  0', 'nearer, farther, the whole room'],
  ['R', 'turn a piece a quarter'],
  ['Delete', 'remove the chosen pieces'],
  ['Ctrl C, V, D', 'copy a piece, paste it, both at once'],
  ['M', 'move the chosen supply to another place'],
  ['L', 'keep it here (lock), or let it go'],
  ['Shift and drag', 'round several pieces, from above'],
  ['Alt while dragging', 'do not snap'],
  ['F8', 'to the messages'],
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
