import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

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
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/40 will-change-[opacity]" />
        <Radix.Content
          aria-describedby={undefined}
          className={`fixed top-1/2 left-1/2 z-50 flex max-h-[88vh] w-[94vw] -translate-x-1/2 -translate-y-1/2 flex-col rounded-2xl bg-leaf p-6 shadow-2xl ${wide ? 'max-w-4xl' : 'max-w-lg'}`}
        >
          <Radix.Title className="mb-3 font-serif text-xl font-semibold">{title}</Radix.Title>
          {children}
          <Radix.Close aria-label="Close" className="absolute top-4 right-4 size-8 rounded-full text-xl hover:bg-wash">
            ×
          </Radix.Close>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
