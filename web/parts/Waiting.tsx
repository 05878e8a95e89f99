/** What the window waits for when the engine takes long, with a way to stop it; and figures that were given up. */
import { useEffect, useState, useSyncExternalStore } from 'react';
import { engineLine } from '../engine/client.ts';
import { tryFigures } from '../state/figures.ts';
import { useStore } from '../state/state.ts';
import { Button } from '../ui/Button.tsx';

/** What a question is about, to go on “Working out …”. */
const ABOUT: Readonly<Record<string, string>> = {
  open: 'the figures of this plan',
  apply: 'the figures of this plan',
  quickCheck: 'what this changes in the room',
  alternatives: 'what each place would cost',
  addPieces: 'where there is room for it',
  copyPiece: 'where there is room for it',
  mends: 'what could be done about it',
  find: 'where it is',
  changeOver: 'the moves',
  advice: 'which containers would fit',
  roomFor: 'how many fit in each place',
  binder: 'the binder',
  labelsPdf: 'the labels',
  labelSheet: 'the labels',
  placeNew: 'places for what has none',
  figures: 'the figures of the other plan',
};

/** After this long it is said what the window waits for, ms: most answers come sooner. */
const SAID_AFTER = 2_000;

/** The oldest question that waits, as long as it waits: a text, so that it is the same as long as it says the same. */
const oldest = (): string => {
  const [first] = engineLine.pending();
  return first ? `${first.since} ${first.question}` : '';
};

export function Waiting() {
  const waits = useSyncExternalStore((hear) => engineLine.onChange(hear), oldest);
  const outOfDate = useStore((s) => s.outOfDate);
  const [long, setLong] = useState('');
  useEffect(() => {
    if (waits === '') return;
    const due = Number(waits.split(' ')[0]) + SAID_AFTER - Date.now();
    const timer = setTimeout(() => setLong(waits), Math.max(0, due));
    return () => clearTimeout(timer);
  }, [waits]);
  if (waits !== '' && waits === long)
    return (
      <Line words={`Working out ${ABOUT[waits.slice(waits.indexOf(' ') + 1)] ?? 'an answer'} …`}>
        <Button look="quiet" onClick={() => engineLine.end()}>
          Stop
        </Button>
      </Line>
    );
  if (!outOfDate) return null;
  return (
    <Line words="The figures are older than the plan.">
      <Button look="quiet" onClick={tryFigures}>
        Work them out
      </Button>
    </Line>
  );
}

/** Over the bottom of the page, beside what is worked on. */
function Line({ words, children }: { words: string; children: React.ReactNode }) {
  return (
    <p
      role="status"
      className="noprint pointer-events-auto absolute bottom-2 left-2 z-40 flex items-center gap-2 rounded-full border border-line bg-leaf py-1 pr-1 pl-4 shadow-lg"
    >
      {words}
      {children}
    </p>
  );
}
