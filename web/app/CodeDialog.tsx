/** The session of this device is over: a new code lets it in again, and what waits is sent. */
import { howMany } from '@heronstone/core/model/measure.ts';
import { useState } from 'react';
import { pairAgain } from '../state/openPlan.ts';
import { useStore } from '../state/state.ts';
import { Button } from '../ui/Button.tsx';
import { Dialog } from '../ui/Dialog.tsx';

export function CodeDialog() {
  const needed = useStore((s) => s.saving.kind === 'code');
  const [put, setPut] = useState(false);
  return (
    <Dialog open={needed && !put} onOpenChange={(open) => setPut(!open)} title="Let this device in again">
      <CodeForm onIn={() => setPut(false)} />
    </Dialog>
  );
}

/** The code that the maker's screen shows. @param onIn called when this device is in */
export function CodeForm({ onIn }: { onIn: () => void }) {
  const count = useStore((s) => s.saving.count);
  const [problem, setProblem] = useState('');
  const send = async (form: FormData) => {
    try {
      await pairAgain(String(form.get('code') ?? ''));
      onIn();
    } catch (cause) {
      setProblem(cause instanceof Error ? cause.message : String(cause));
    }
  };
  return (
    <form action={(form) => void send(form)} className="grid gap-3">
      <p>
        At the computer with the plan choose Keep, then Share and keep safe, and allow this device. Type the code that
        is shown there.
        {count > 0 && ` ${howMany(count, 'step')} made here ${count === 1 ? 'is' : 'are'} kept and sent then.`}
      </p>
      <label className="grid">
        <span className="text-sm text-soft">Code</span>
        <input
          name="code"
          required
          maxLength={12}
          autoComplete="off"
          autoCapitalize="characters"
          className="min-h-11 rounded-lg border border-line bg-paper px-3 font-mono text-xl tracking-widest"
        />
      </label>
      {problem !== '' && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
      <Button look="main" type="submit" className="min-h-11">
        Open it
      </Button>
    </form>
  );
}
