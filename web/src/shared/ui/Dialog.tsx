import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

export function Dialog({
  open,
  onClose,
  title,
  narrow = false,
  children,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  narrow?: boolean;
  children: ReactNode;
}) {
  return (
    <Radix.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="dialog-cover" />
        <Radix.Content className={`dialog ${narrow ? 'dialog-narrow' : ''}`} aria-describedby={undefined}>
          <div className="mb-4 flex items-start justify-between gap-4">
            <Radix.Title className="text-2xl">{title}</Radix.Title>
            <Radix.Close className="press press-quiet" aria-label="Close">
              Close
            </Radix.Close>
          </div>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
