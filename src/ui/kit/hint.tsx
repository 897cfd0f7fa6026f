'use client';
import { Portal, Tooltip } from '@chakra-ui/react';
import type { ReactElement, ReactNode } from 'react';

/** A sentence that explains what the pointer or the focus rests on. Its child takes the focus. */
export function Hint({ text, children }: { readonly text: ReactNode; readonly children: ReactElement }) {
  return (
    <Tooltip.Root openDelay={250} closeDelay={80} positioning={{ placement: 'top' }} lazyMount unmountOnExit>
      <Tooltip.Trigger asChild>{children}</Tooltip.Trigger>
      <Portal>
        <Tooltip.Positioner>
          <Tooltip.Content>{text}</Tooltip.Content>
        </Tooltip.Positioner>
      </Portal>
    </Tooltip.Root>
  );
}
