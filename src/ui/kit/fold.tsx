'use client';
import { Box, Collapsible } from '@chakra-ui/react';
import { ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';

/** What opens under its own line. What it holds is made when it is first opened. */
export function Fold({
  summary,
  open,
  onOpenChange,
  defaultOpen = false,
  testId,
  children,
}: {
  readonly summary: ReactNode;
  readonly open?: boolean;
  readonly onOpenChange?: (open: boolean) => void;
  readonly defaultOpen?: boolean;
  readonly testId?: string;
  readonly children: ReactNode;
}) {
  return (
    <Collapsible.Root
      lazyMount
      defaultOpen={defaultOpen}
      {...(open === undefined ? {} : { open })}
      {...(onOpenChange === undefined ? {} : { onOpenChange: (e: { open: boolean }) => onOpenChange(e.open) })}
      data-testid={testId}
    >
      <Collapsible.Trigger>
        <Collapsible.Indicator>
          <ChevronRight size={14} />
        </Collapsible.Indicator>
        <Box as="span" minW="0">
          {summary}
        </Box>
      </Collapsible.Trigger>
      <Collapsible.Content>{children}</Collapsible.Content>
    </Collapsible.Root>
  );
}
