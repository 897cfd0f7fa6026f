'use client';
import { Alert } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** What waits for a choice, above what it is about. */
export function Banner({
  title,
  alarm = false,
  testId,
  actions,
  children,
}: {
  readonly title?: ReactNode;
  /** Whether work may be lost. */
  readonly alarm?: boolean;
  readonly testId?: string;
  readonly actions?: ReactNode;
  readonly children?: ReactNode;
}) {
  return (
    <Alert.Root status={alarm ? 'error' : 'info'} role={alarm ? 'alert' : 'status'} data-testid={testId}>
      <Alert.Content>
        {title !== undefined && <Alert.Title>{title}</Alert.Title>}
        {children !== undefined && (
          <Alert.Description asChild>
            <div>{children}</div>
          </Alert.Description>
        )}
      </Alert.Content>
      {actions}
    </Alert.Root>
  );
}
