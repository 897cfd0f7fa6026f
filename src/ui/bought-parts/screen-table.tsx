'use client';
import { Box, Button, chakra, Span } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import type { BoughtPart, ScreenedPart, ScreenFigure } from '@/core/comparison/parts-list';
import { call, Refused } from '../api';
import { significant, whole } from '../format';
import { DataTable, FigureButton, type DataColumn } from '../kit';

const Track = chakra('div', {
  base: {
    position: 'relative',
    height: '6px',
    width: '120px',
    marginTop: '1',
    marginInlineStart: 'auto',
    bg: 'bg.subtle',
  },
});
const Fill = chakra('div', { base: { position: 'absolute', insetY: 0, bg: 'fg' } });

/** Stock that is bought, and how much of it is kept: full is what is kept. */
function KeptBar({ ratio }: { readonly ratio: number }) {
  return (
    <Track aria-hidden title={`${significant(100 / ratio, 2)} % of the stock is kept`}>
      <Fill left="0" style={{ width: `${100 / ratio}%` }} />
    </Track>
  );
}

/** The list by what a casting might save, each figure open to its working. */
export function ScreenTable({
  rows,
  currency,
  onFigure,
  onEdit,
}: {
  readonly rows: readonly ScreenedPart[];
  readonly currency: string;
  readonly onFigure: (s: ScreenedPart, figure: ScreenFigure) => void;
  readonly onEdit: (part: BoughtPart) => void;
}) {
  const columns = useMemo((): readonly DataColumn<ScreenedPart>[] => {
    const money = (s: ScreenedPart, x: number | null, figure: ScreenFigure) =>
      x === null ? '' : <FigureButton onClick={() => onFigure(s, figure)}>{amount(x)}</FigureButton>;
    return [
      { id: 'rank', title: 'Rank', numeric: true, sort: (s) => s.rank, cell: (s) => s.rank ?? '–' },
      {
        id: 'name',
        title: 'Part',
        rowHead: true,
        sort: (s) => s.part.name,
        cell: (s) => (
          <>
            <FigureButton onClick={() => onEdit(s.part)}>{s.part.name}</FigureButton>
            <Box textStyle="label" color="fg.muted">
              {s.part.id}, {s.alloyName}, {s.part.way} from {s.part.form}
              {s.part.pieces > 1 ? `, ${s.part.pieces} pieces` : ''}
            </Box>
          </>
        ),
      },
      {
        id: 'saving',
        title: `Saved a year, ${currency}`,
        numeric: true,
        sort: (s) => s.saving?.[1] ?? null,
        cell: (s) =>
          s.saving === null ? (
            <Span textStyle="label" color="fg.muted">
              {s.leftOut}
            </Span>
          ) : (
            <>
              <FigureButton onClick={() => onFigure(s, 'saving')}>{whole(Math.round(s.saving[1]))}</FigureButton>
              <Box textStyle="label" color="fg.muted">
                {whole(Math.round(s.saving[0]))} to {whole(Math.round(s.saving[2]))}
              </Box>
            </>
          ),
      },
      {
        id: 'kept',
        title: 'Bought to kept',
        numeric: true,
        sort: (s) => s.boughtToKept,
        cell: (s) =>
          s.boughtToKept === null ? (
            ''
          ) : (
            <>
              <FigureButton onClick={() => onFigure(s, 'boughtToKept')}>
                {significant(s.boughtToKept, 3)} : 1
              </FigureButton>
              <KeptBar ratio={s.boughtToKept} />
            </>
          ),
      },
      {
        id: 'today',
        title: 'Today, USD',
        numeric: true,
        sort: (s) => s.part.today_USD,
        cell: (s) => amount(s.part.today_USD),
      },
      {
        id: 'guess',
        title: `Casting, guess, ${currency}`,
        numeric: true,
        sort: (s) => s.guess,
        cell: (s) => money(s, s.guess, 'guess'),
      },
      {
        id: 'tool',
        title: `Tool, guess, ${currency}`,
        numeric: true,
        wide: true,
        sort: (s) => s.tool,
        cell: (s) => money(s, s.tool, 'tool'),
      },
      {
        id: 'perYear',
        title: 'Pieces a year',
        numeric: true,
        wide: true,
        sort: (s) => s.part.perYear,
        cell: (s) => whole(s.part.perYear),
      },
      {
        id: 'known',
        title: 'Known',
        numeric: true,
        wide: true,
        sort: (s) => s.confidence,
        cell: (s) => `${significant(100 * s.confidence, 2)} %`,
      },
      { id: 'study', title: '', name: 'Study', cell: (s) => <StartStudy part={s.part} /> },
    ];
  }, [currency, onFigure, onEdit]);
  return (
    <DataTable
      label="Bought parts"
      columns={columns}
      rows={rows}
      rowKey={(s) => s.part.id}
      rowHeight={58}
      downFirst={['saving', 'kept', 'today', 'perYear']}
      rowProps={(s) => ({ 'data-part': s.part.id, ...(s.saving === null ? { 'data-quiet': true } : {}) })}
    />
  );
}

/** Money with cents below a thousand. */
const amount = (x: number): string => (Math.abs(x) < 1000 ? x.toFixed(2) : whole(Math.round(x)));

function StartStudy({ part }: { readonly part: BoughtPart }) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const start = async (): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      const made = await call<{ id: string }>('POST', `/api/bought-parts/${encodeURIComponent(part.id)}/study`);
      router.push(`/studies/${made.id}/brief`);
    } catch (error) {
      setProblem(error instanceof Refused ? error.message : 'The server does not answer.');
      setBusy(false);
    }
  };
  return (
    <>
      <Button size="xs" loading={busy} aria-label={`Start a study of ${part.name}`} onClick={() => void start()}>
        Study
      </Button>
      {problem !== null && (
        <Box color="alarm" textStyle="label" role="alert">
          {problem}
        </Box>
      )}
    </>
  );
}
