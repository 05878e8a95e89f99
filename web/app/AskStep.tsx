/** A step of another device is named before it is taken back or brought again. */
import { leaveStep, takeStep } from '../state/openPlan.ts';
import { useStore } from '../state/state.ts';
import { Button } from '../ui/Button.tsx';
import { Dialog } from '../ui/Dialog.tsx';

export function AskStep() {
  const asking = useStore((s) => s.asking);
  return (
    <Dialog open={asking !== null} onOpenChange={(open) => !open && leaveStep()} title="A step of another device">
      {asking && (
        <>
          <p>
            The last step was made on another device: <b>{asking.step.name}</b>.
          </p>
          <div className="mt-4 flex gap-2">
            <Button look="main" onClick={() => takeStep(asking.way, asking.step)}>
              {asking.way === 'undo' ? 'Take it back' : 'Do it again'}
            </Button>
            <Button onClick={leaveStep}>Leave it</Button>
          </div>
        </>
      )}
    </Dialog>
  );
}
