import { Dialog as Radix } from 'radix-ui';
import { useMemo, type ReactNode } from 'react';

export function Dialog({
  open,
  onOpenChange,
  title,
  children,
  wide = false,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  title: string;
  children: ReactNode;
  wide?: boolean;
}) {
  // What had the focus before anything in the dialog takes it.
  const opener = useMemo(() => (open ? document.activeElement : null), [open]);
  /** Back to what opened it; when that is gone, into the sheet or the step. */
  const back = (event: Event) => {
    event.preventDefault();
    // What the dialog led to may have taken it already.
    if (document.activeElement !== document.body) return;
    const to =
      opener instanceof HTMLElement || opener instanceof SVGElement
        ? opener.isConnected && opener !== document.body
          ? opener
          : document.querySelector<HTMLElement>('[data-sheet], #main')
        : null;
    to?.focus();
  };
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/40 will-change-[opacity]" />
        <Radix.Content
          aria-describedby={undefined}
          onCloseAutoFocus={back}
          className={`fixed top-1/2 left-1/2 z-50 flex max-h-[88vh] w-[94vw] -translate-x-1/2 -translate-y-1/2 flex-col rounded-2xl bg-leaf p-6 shadow-2xl ${wide ? 'max-w-4xl' : 'max-w-lg'}`}
        >
          <Radix.Title className="mb-3 font-serif text-xl font-semibold">{title}</Radix.Title>
          {children}
          <Radix.Close
            aria-label="Close"
            className="absolute top-3 right-3 size-9 rounded-full text-xl hover:bg-wash max-md:size-11"
          >
            ×
          </Radix.Close>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
