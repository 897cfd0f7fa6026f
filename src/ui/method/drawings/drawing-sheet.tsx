'use client';
import { Box, Button, chakra, HStack } from '@chakra-ui/react';
import { useMemo } from 'react';
import { TransformComponent, TransformWrapper, useControls } from 'react-zoom-pan-pinch';
import { drawn, svgPath, type DrawingLayer, type PlacedDrawing } from '@/core/drawing';
import type { FreezingSaid } from '@/workers/solidification.protocol';
import { INK } from '../../theme/ink';
import { Handle } from './handle';
import { HATCH } from './paint';
import { ShapeMark } from './shape';

const Svg = chakra('svg', {
  base: { display: 'block', width: '100%', height: 'auto', fontVariantNumeric: 'tabular-nums' },
});
const PieceMark = chakra('g', {
  base: { cursor: 'pointer', _focusVisible: { outline: '2px solid', outlineColor: 'hot' }, _hover: { opacity: 0.75 } },
});
/** A drawing is shown so high at most, and zoomed so far. */
const MOST_HIGH = '34rem';
const CLOSEST = 12;

/** A drawing on the screen: pan and zoom, layers, pieces that open, handles that are drawn. */
export function DrawingSheet({
  drawing,
  hidden,
  freezing,
  onPiece,
  onMove,
  onDrop,
}: {
  readonly drawing: PlacedDrawing;
  readonly hidden: ReadonlySet<DrawingLayer>;
  readonly freezing: FreezingSaid | null;
  readonly onPiece: (id: string) => void;
  readonly onMove: (given: string, value: number) => void;
  readonly onDrop: (given: string, value: number) => void;
}) {
  const { x0, y0, x1, y1 } = drawing.bounds;
  const up = y1;
  const hair = drawing.text_mm / 16;
  const shown = useMemo(() => drawn(drawing).filter((it) => !hidden.has(it.layer)), [drawing, hidden]);
  const names = useMemo(() => new Map(drawing.pieces.map((p) => [p.id, p.name])), [drawing]);
  const pieces = shown.filter((it) => it.kind === 'shape' && names.has(it.of) && it.layer !== 'names');
  const over = shown.filter((it) => !pieces.includes(it));
  return (
    <TransformWrapper
      maxScale={CLOSEST}
      wheel={{ activationKeys: ['Control', 'Meta'] }}
      doubleClick={{ disabled: true }}
    >
      <Zoom />
      <Box border="1px solid" borderColor="border" bg="bg" overflow="hidden" data-testid={`drawing-${drawing.id}`}>
        <TransformComponent wrapperStyle={{ width: '100%', maxHeight: MOST_HIGH }} contentStyle={{ width: '100%' }}>
          <Svg
            viewBox={`${x0} 0 ${x1 - x0} ${y1 - y0}`}
            maxHeight={MOST_HIGH}
            role="group"
            aria-label={drawing.title}
            fontSize={drawing.text_mm}
          >
            <defs>
              <pattern
                id={HATCH}
                width={drawing.text_mm / 2}
                height={drawing.text_mm / 2}
                patternUnits="userSpaceOnUse"
                patternTransform="rotate(45)"
              >
                <path d={`M0 0V${drawing.text_mm / 2}`} stroke={INK.ink} strokeWidth={hair} />
              </pattern>
            </defs>
            {pieces.map(
              (it) =>
                it.kind === 'shape' && (
                  <PieceMark
                    key={it.of}
                    role="button"
                    tabIndex={-1}
                    aria-label={`${names.get(it.of)}: open its working`}
                    data-piece={it.of}
                    {...(it.mark === null ? {} : { 'data-mark': it.mark })}
                    onClick={() => onPiece(it.of)}
                  >
                    <title>{names.get(it.of)}</title>
                    <ShapeMark shape={it} up={up} hair={hair} />
                  </PieceMark>
                ),
            )}
            {freezing !== null && !hidden.has('freezing') && <Bands found={freezing} up={up} hair={hair} />}
            {over.map((it, i) =>
              it.kind === 'shape' ? (
                <g key={i} pointerEvents="none">
                  <ShapeMark shape={it} up={up} hair={hair} />
                </g>
              ) : (
                <text
                  key={i}
                  x={it.at[0]}
                  y={up - it.at[1]}
                  fontSize={it.size_mm}
                  textAnchor="middle"
                  dominantBaseline="central"
                  fill={INK.ink}
                  pointerEvents="none"
                  transform={it.turn === 0 ? undefined : `rotate(${-it.turn} ${it.at[0]} ${up - it.at[1]})`}
                >
                  {it.text}
                </text>
              ),
            )}
            {drawing.pieces.map(
              (p) =>
                p.drag !== null &&
                !hidden.has(p.layer) && (
                  <Handle
                    key={p.id}
                    name={p.name}
                    drag={p.drag}
                    up={up}
                    radius={drawing.text_mm * 0.5}
                    {...{ onMove, onDrop }}
                  />
                ),
            )}
          </Svg>
        </TransformComponent>
      </Box>
    </TransformWrapper>
  );
}

/** What of the section is still to freeze, band over band, and the place that freezes last. */
function Bands({ found, up, hair }: { readonly found: FreezingSaid; readonly up: number; readonly hair: number }) {
  const [x, y] = found.lastAt;
  const r = hair * 16;
  return (
    <g pointerEvents="none" data-testid="freezing-bands">
      {found.bands.map((band) => (
        <path
          key={band.after_s}
          d={svgPath(band.rings, [], up)}
          fill={INK.hot}
          fillOpacity={0.13}
          fillRule="evenodd"
          stroke={INK.hot}
          strokeWidth={hair * 0.7}
        />
      ))}
      <path d={`M${x - r} ${up - y}h${2 * r}M${x} ${up - y - r}v${2 * r}`} stroke={INK.ink} strokeWidth={hair * 2} />
    </g>
  );
}

/** Nearer, farther, all of it. */
function Zoom() {
  const { zoomIn, zoomOut, resetTransform } = useControls();
  return (
    <HStack gap="2" mb="1" justifyContent="flex-end" _print={{ display: 'none' }}>
      <Button size="xs" variant="outline" onClick={() => void zoomIn()}>
        Nearer
      </Button>
      <Button size="xs" variant="outline" onClick={() => void zoomOut()}>
        Farther
      </Button>
      <Button size="xs" variant="outline" onClick={() => void resetTransform()}>
        All of it
      </Button>
    </HStack>
  );
}
