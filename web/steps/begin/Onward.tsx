/** The button that answers a question: always in sight, so that nobody presses Enter on what they do not see. */
import type { ReactNode, Ref } from 'react';
import { Button } from '../../ui/Button.tsx';

export function Onward({
  children,
  disabled = false,
  autoFocus = false,
  form,
  ref,
}: {
  children: ReactNode;
  disabled?: boolean;
  autoFocus?: boolean;
  /** Id of the form that it sends, where it stands outside of it. */
  form?: string;
  ref?: Ref<HTMLButtonElement>;
}) {
  return (
    <div className="sticky bottom-0 z-10 -mx-1 mt-3 bg-paper px-1 py-2 md:-bottom-6">
      <Button
        {...(ref ? { ref } : {})}
        {...(form ? { form } : {})}
        look="main"
        type="submit"
        autoFocus={autoFocus}
        disabled={disabled}
        className="min-h-11! px-6!"
      >
        {children}
      </Button>
    </div>
  );
}
