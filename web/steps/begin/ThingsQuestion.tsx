/** What is owned: told in words, line by line, with what nearly everybody has to tap; guesses are marked and put right beside it. */
import { howMany } from '@heronstone/core/model/measure.ts';
import { useStore } from '../../state/state.ts';
import { Entry } from '../../parts/QuickEntry.tsx';
import { ThingLines } from '../../parts/ThingLines.tsx';
import { useTypedThings } from '../../parts/typedThings.ts';
import { Unsure } from '../../parts/Unsure.tsx';
import { Onward } from './Onward.tsx';
import type { Question } from './question.ts';
import { UsualThings } from './UsualThings.tsx';

export function ThingsQuestion({ answer }: Question) {
  const plan = useStore((s) => s.plan)!;
  const typed = useTypedThings(undefined);
  const has = Object.keys(plan.supplies).length;
  const { ready, things } = typed;
  return (
    <>
      <p className="mb-2 text-soft">Paste it, or say it as you would to a friend. No sizes needed.</p>
      <Entry typed={typed} label="Your things" first />
      <UsualThings />
      <Unsure />
      <ThingLines />
      <form
        id="things"
        onSubmit={(e) => {
          e.preventDefault();
          // What is still in the box is added; what cannot be read stays there.
          const changes = typed.changesOf(false);
          if (things.length > ready.length && ready.length > 0)
            typed.done(`Add ${howMany(ready.length, 'thing')}`, changes);
          else if (things.length === ready.length && answer('These are my things', changes)) typed.setText('');
          else answer('These are my things', []);
        }}
      />
      <Onward form="things" disabled={ready.length === 0 && things.length > 0}>
        {ready.length > 0
          ? `Add ${howMany(ready.length, 'thing')} and continue`
          : has > 0
            ? `Continue with ${howMany(has, 'thing')}`
            : 'Continue'}
      </Onward>
    </>
  );
}
