'use client';
import type { ComponentProps } from 'react';
import { Sheet } from '../shell/sheet';
import { StepsPage } from './steps-page';

/** The steps of a delivery over the view of the calendar. */
export function StepsSheet({
  page,
  onClose,
}: {
  readonly page: ComponentProps<typeof StepsPage> | null;
  readonly onClose: () => void;
}) {
  return (
    <Sheet open={page !== null} onClose={onClose} testId="steps">
      {page !== null && <StepsPage {...page} />}
    </Sheet>
  );
}
