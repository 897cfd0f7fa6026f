'use client';
import { CloseButton, Drawer, Portal } from '@chakra-ui/react';
import { memo, type ReactNode } from 'react';
import { useEscape } from './use-escape';

/**
 * A sheet that slides in from the side over whatever view is open. What it shows is mounted only while it is open, so
 * that a closed one costs nothing while the rail is dragged.
 */
export const Sheet = memo(function Sheet({
  open,
  onClose,
  testId,
  children,
}: {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly testId: string;
  readonly children: ReactNode;
}) {
  useEscape(open, onClose);
  return (
    <Drawer.Root open={open} onOpenChange={(e) => !e.open && onClose()} lazyMount unmountOnExit>
      <Portal>
        <Drawer.Backdrop />
        <Drawer.Positioner>
          <Drawer.Content data-testid={testId}>
            {children}
            <Drawer.CloseTrigger asChild>
              <CloseButton size="sm" aria-label="Close" />
            </Drawer.CloseTrigger>
          </Drawer.Content>
        </Drawer.Positioner>
      </Portal>
    </Drawer.Root>
  );
});

/** What a sheet holds: its title, a small line under it, and a body that scrolls. */
export function SheetPage({
  title,
  under,
  children,
}: {
  readonly title: ReactNode;
  readonly under: ReactNode;
  readonly children: ReactNode;
}) {
  return (
    <>
      <Drawer.Header>
        <Drawer.Title>{title}</Drawer.Title>
        <Drawer.Description asChild>
          <div>{under}</div>
        </Drawer.Description>
      </Drawer.Header>
      <Drawer.Body tabIndex={0}>{children}</Drawer.Body>
    </>
  );
}
