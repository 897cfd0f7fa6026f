'use client';
import { Portal, Tooltip } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** The sentence of a hint beside what it explains. */
export function HintText({
  id,
  at,
  open,
  onOpen,
  text,
}: {
  readonly id: string;
  readonly at: HTMLElement;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly text: ReactNode;
}) {
  return (
    <Tooltip.Root
      open={open}
      onOpenChange={(e) => onOpen(e.open)}
      ids={{ content: id }}
      positioning={{ placement: 'top', getAnchorElement: () => at }}
      lazyMount
      unmountOnExit
    >
      <Portal>
        <Tooltip.Positioner>
          <Tooltip.Content>{text}</Tooltip.Content>
        </Tooltip.Positioner>
      </Portal>
    </Tooltip.Root>
  );
}
