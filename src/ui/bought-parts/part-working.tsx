'use client';
import { Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import type { BoughtPart, ScreenFigure } from '@/core/comparison/parts-list';
import type { Working } from '@/core/equations';
import { call, Refused } from '../api';
import { TextButton } from '../kit';
import { SheetPage } from '../shell/sheet';
import { WorkingBody } from '../working/working-body';

/** A figure of a screened part that is open, and those it was reached through. */
export interface OpenFigure {
  readonly part: BoughtPart;
  readonly figure: ScreenFigure;
  readonly trail: readonly ScreenFigure[];
}

const EVERY = (): boolean => true;

/** The working of a figure of a screened part. */
export function PartWorking({
  opened,
  ratesId,
  onOpen,
}: {
  readonly opened: OpenFigure;
  readonly ratesId: string;
  readonly onOpen: (next: OpenFigure) => void;
}) {
  const { part, figure, trail } = opened;
  const [found, setFound] = useState<{ readonly of: OpenFigure; readonly w: Working | string } | null>(null);
  useEffect(() => {
    const ending = new AbortController();
    call<Working>(
      'POST',
      `/api/bought-parts/${encodeURIComponent(opened.part.id)}/working`,
      { figure: opened.figure, rates: ratesId },
      { signal: ending.signal },
    ).then(
      (w) => setFound({ of: opened, w }),
      (error: unknown) => {
        if (!ending.signal.aborted)
          setFound({ of: opened, w: error instanceof Refused ? error.message : 'The server does not answer.' });
      },
    );
    return () => ending.abort();
  }, [opened, ratesId]);
  const w = found?.of === opened ? found.w : null;
  const before = trail.at(-1);
  return (
    <SheetPage
      title={w === null || typeof w === 'string' ? 'Working' : w.title}
      under={
        <>
          {part.name}{' '}
          {before !== undefined && (
            <TextButton size="sm" onClick={() => onOpen({ part, figure: before, trail: trail.slice(0, -1) })}>
              ← back
            </TextButton>
          )}
        </>
      }
    >
      {w === null ? (
        <Text role="status">Calculating …</Text>
      ) : typeof w === 'string' ? (
        <Text color="alarm" role="alert">
          {w}
        </Text>
      ) : (
        <WorkingBody
          w={w}
          isBaseline={EVERY}
          onDeeper={(next) => onOpen({ part, figure: next as ScreenFigure, trail: [...trail, figure] })}
          links={{ rates: (path) => `/rates/${ratesId}#${encodeURIComponent(path)}` }}
        />
      )}
    </SheetPage>
  );
}
