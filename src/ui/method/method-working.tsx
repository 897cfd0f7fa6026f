'use client';
import { methodWorking, type Method } from '@/core/method';
import { shortName } from '@/core/catalogue/routes';
import { TextButton } from '../kit';
import { Sheet, SheetPage } from '../shell/sheet';
import { WorkingBody } from '../working/working-body';

const EVERY = (): boolean => true;

/** The working of a figure of the method, down to what goes in. */
function MethodWorking({
  method,
  figure,
  onDeeper,
  onBack,
}: {
  readonly method: Pick<Method, 'laneId' | 'figures'>;
  readonly figure: string;
  readonly onDeeper: (figure: string) => void;
  readonly onBack: (() => void) | null;
}) {
  const w = methodWorking(method, figure);
  return (
    <SheetPage
      title={w?.title ?? 'Working'}
      under={
        <>
          method by {shortName(method.laneId)}{' '}
          {onBack !== null && (
            <TextButton size="sm" onClick={onBack}>
              ← back
            </TextButton>
          )}
        </>
      }
    >
      {w !== null && <WorkingBody w={w} isBaseline={EVERY} onDeeper={onDeeper} />}
    </SheetPage>
  );
}

/** The sheet in which the workings of a method open. */
export function MethodWorkingSheet({
  method,
  figure,
  onClose,
  ...ways
}: {
  readonly method: Pick<Method, 'laneId' | 'figures'>;
  readonly figure: string | undefined;
  readonly onClose: () => void;
  readonly onDeeper: (figure: string) => void;
  readonly onBack: (() => void) | null;
}) {
  return (
    <Sheet open={figure !== undefined} onClose={onClose} testId="method-working">
      {figure !== undefined && <MethodWorking method={method} figure={figure} {...ways} />}
    </Sheet>
  );
}
