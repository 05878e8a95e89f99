/** Who works here: how tall, and with which hand; everything within reach is worked out from it. */
import { useState } from 'react';
import { personChanges } from '@heronstone/core/gestures/begin.ts';
import { formatLength, readLength } from '@heronstone/core/model/measure.ts';
import { byName } from '@heronstone/core/model/plan.ts';
import { newId, useStore } from '../../state/state.ts';
import { Choice } from '../../ui/Field.tsx';
import { Onward } from './Onward.tsx';
import type { Question } from './question.ts';

/** mm; 5 ft 6 in. */
const USUAL = { metric: 1670, centimetres: 1670, imperial: 1676.4 } as const;

export function WhoQuestion({ answer }: Question) {
  const plan = useStore((s) => s.plan)!;
  const system = plan.meta.units;
  const [first] = byName(plan.people);
  const usual = !first || Math.abs(first.stature - 1700) < 1 ? USUAL[system] : first.stature;
  const [text, setText] = useState(formatLength(usual, system));
  const [hand, setHand] = useState<'left' | 'right'>(first?.hand ?? 'right');
  const size = readLength(text, system, true);
  const wrong = !size.ok
    ? size.message
    : size.mm < 1000 || size.mm > 2300
      ? `A height is between ${formatLength(1000, system)} and ${formatLength(2300, system)}.`
      : null;
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        if (size.ok && wrong === null) answer('How tall I am', personChanges(plan, size.mm, hand, newId));
      }}
    >
      <label htmlFor="height" className="text-soft">
        How tall are you?
      </label>
      <input
        id="height"
        autoFocus
        value={text}
        aria-invalid={wrong !== null}
        aria-describedby="height-wrong"
        onFocus={(e) => e.target.select()}
        onChange={(e) => setText(e.target.value)}
        className="mt-1 mb-1 w-full rounded-lg border border-line bg-leaf px-3 py-2 text-base"
      />
      <p id="height-wrong" role={wrong ? 'alert' : undefined} className="min-h-5 text-xs text-rust">
        {wrong ?? ''}
      </p>
      <Choice
        label="You work with"
        value={hand}
        options={[
          ['right', 'the right hand'],
          ['left', 'the left hand'],
        ]}
        onSet={setHand}
      />
      <p className="mt-3 text-soft">
        What is in reach is worked out from it. A wheelchair, a child, what you can lift and other people are added
        under Activities.
      </p>
      <Onward>Continue</Onward>
    </form>
  );
}
