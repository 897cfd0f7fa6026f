'use client';
import { hasPartWorking, partWorking, type PartFacts, type PartFigure } from '@/core/part-file/measured';
import { Sheet, SheetPage } from '../shell/sheet';
import { useStudyLinks } from '../working/study-links';
import { WorkingBody } from '../working/working-body';
import type { PartState } from './part-state';

/** The working of a measured figure, over the view of the part. */
export function PartWorkingSheet({
  figure,
  facts,
  file,
  onClose,
}: {
  readonly figure: PartFigure | null;
  readonly facts: PartFacts | null;
  readonly file: PartState['file'];
  readonly onClose: () => void;
}) {
  const links = useStudyLinks();
  const shown = figure !== null && facts !== null && hasPartWorking(figure, facts) ? partWorking(figure, facts) : null;
  return (
    <Sheet open={shown !== null} onClose={onClose} testId="part-working">
      {shown !== null && (
        <SheetPage title={shown.title} under={file?.repaired == null ? file?.name : `${file.name}, repaired`}>
          <WorkingBody w={shown} links={links} />
        </SheetPage>
      )}
    </Sheet>
  );
}
