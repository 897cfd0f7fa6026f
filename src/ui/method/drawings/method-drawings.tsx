'use client';
import { Box, Button, Flex, HStack, Progress, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { inUnitsOf } from '@/core/base/units';
import { shortName } from '@/core/catalogue/routes';
import { DRAWING_LAYERS, placed, type DrawingLayer } from '@/core/drawing';
import type { Method } from '@/core/method';
import { methodDrawings } from '@/core/method/drawings';
import { significant } from '../../format';
import { CheckBox, Section, Segments } from '../../kit';
import { useUnits } from '../../preferences';
import { useStudy } from '../../study/study-context';
import { DrawingSheet } from './drawing-sheet';
import { Legend } from './legend';
import { saveDrawing } from './save-drawing';
import { SaveSheet } from './save-sheet';
import { useFreezing } from './use-freezing';
import { useOutline } from './use-outline';

const DIGITS = 4;
const LAYER_WORDS: Readonly<Record<DrawingLayer, string>> = {
  ...{ mould: 'mould', part: 'casting', freezing: 'freezing', cores: 'cores', cooling: 'water', gating: 'gating' },
  ...{ feeding: 'feeders', vents: 'vents', holding: 'what holds', sizes: 'sizes', names: 'names' },
};

/** The mould, tree, disc or die to scale, from the figures of the method: what is drawn by hand moves them. */
export function MethodDrawings({
  method,
  onFigure,
  onMove,
  onDrop,
}: {
  readonly method: Method;
  readonly onFigure: (id: string) => void;
  readonly onMove: (given: string, value: number) => void;
  readonly onDrop: (given: string, value: number) => void;
}) {
  const { study, brief } = useStudy('study', 'brief');
  const [units] = useUnits();
  const [shown, setShown] = useState('section');
  const [hidden, setHidden] = useState<ReadonlySet<DrawingLayer>>(new Set());
  const [freeze, setFreeze] = useState(false);
  const outline = useOutline(brief.model);
  const { laneId } = method;
  const drawn = outline.state === 'there' ? outline.outline : null;
  const drawings = useMemo(() => {
    const lane = study.lanes.find((l) => l.lane.id === laneId)?.lane;
    const { facts } = study;
    return methodDrawings(method, {
      outline: drawn,
      box_mm: facts === null ? [1, 1, 1] : [facts.L, facts.W, facts.H],
      undercuts: facts?.nU ?? 0,
      gap_mm: lane?.capability.layout.gap_mm ?? 20,
    });
  }, [study, method, laneId, drawn]);
  const sheets = useMemo(() => {
    const unit = inUnitsOf(1, 'mm', units)?.unit ?? 'mm';
    return drawings.map((d) =>
      placed(d, (mm) => `${significant(inUnitsOf(mm, 'mm', units)?.value ?? mm, DIGITS)} ${unit}`),
    );
  }, [drawings, units]);
  const section = drawings.find((d) => d.id === 'section') ?? drawings[0];
  const freezing = useFreezing(freeze, method, section);
  const sheet = sheets.find((d) => d.id === shown) ?? sheets[0];
  if (sheet === undefined) return null;
  const figures = new Set(method.figures.map((f) => f.id));
  const open = (pieceId: string): void => {
    const first = sheet.pieces.find((p) => p.id === pieceId)?.figures.find((f) => figures.has(f));
    if (first !== undefined) onFigure(first);
  };
  const legend = sheet.balloons.map(
    ({ piece, number }) => `${number}  ${sheet.pieces.find((p) => p.id === piece)?.name ?? ''}`,
  );
  const name = `${brief.title} ${shortName(laneId)} ${sheet.id}`;
  const used = DRAWING_LAYERS.filter((l) => l === 'sizes' || l === 'names' || sheet.pieces.some((p) => p.layer === l));
  return (
    <Section title="Drawn to scale" under={sheet.title} data-testid="method-drawings">
      <Flex gap="4" alignItems="center" flexWrap="wrap" my="2" _print={{ display: 'none' }}>
        <Segments
          label="Drawing"
          value={sheet.id}
          options={sheets.map((d) => [d.id, d.id === 'section' ? 'Section' : 'Plan'] as const)}
          onChange={setShown}
        />
        {sheet.id === 'section' && (
          <CheckBox checked={freeze} onChange={setFreeze}>
            Order of freezing
          </CheckBox>
        )}
        <HStack gap="2" ms="auto" flexWrap="wrap">
          <SaveSheet laneId={laneId} outline={drawn} />
          {(['svg', 'dxf'] as const).map((kind) => (
            <Button key={kind} size="xs" variant="outline" onClick={() => void saveDrawing(kind, sheet, legend, name)}>
              Save as {kind.toUpperCase()}
            </Button>
          ))}
        </HStack>
      </Flex>
      <Text textStyle="label" color="fg.muted">
        {outline.state === 'reading'
          ? 'The part is read: until it comes it is drawn as the block of its box.'
          : outline.state === 'failed'
            ? `The part could not be drawn from its file: ${outline.why} It is drawn as the block of its box.`
            : outline.state === 'none'
              ? 'The part was not measured: it is drawn as the block of its box.'
              : 'Section and silhouette are those of the measured part.'}{' '}
        A round handle is drawn along its line, or moved by the arrow keys.
      </Text>
      <DrawingSheet
        key={`${laneId} ${sheet.id}`}
        drawing={sheet}
        hidden={hidden}
        freezing={sheet.id === 'section' ? freezing.found : null}
        onPiece={open}
        {...{ onMove, onDrop }}
      />
      {freeze && sheet.id === 'section' && <FreezingLine state={freezing} onStop={() => setFreeze(false)} />}
      <Flex
        gap="4"
        flexWrap="wrap"
        my="2"
        as="fieldset"
        aria-label="Layers of the drawing"
        _print={{ display: 'none' }}
      >
        {used.map((layer) => (
          <CheckBox
            key={layer}
            checked={!hidden.has(layer)}
            onChange={(on) => setHidden((h) => new Set(on ? [...h].filter((x) => x !== layer) : [...h, layer]))}
          >
            {LAYER_WORDS[layer]}
          </CheckBox>
        ))}
      </Flex>
      <Legend drawing={sheet} method={method} onFigure={onFigure} />
    </Section>
  );
}

/** How far a run of freezing is, and what it says. */
function FreezingLine({
  state,
  onStop,
}: {
  readonly state: ReturnType<typeof useFreezing>;
  readonly onStop: () => void;
}) {
  const { found, running, share, why, ms } = state;
  if (running)
    return (
      <HStack role="status" gap="3" my="1">
        <Progress.Root value={100 * share} size="xs" width="90px" aria-label="Freezing of the section">
          <Progress.Track>
            <Progress.Range />
          </Progress.Track>
        </Progress.Root>
        <Text textStyle="label">The section freezes: {(100 * share).toFixed(0)} %</Text>
        <Button size="xs" variant="outline" onClick={onStop}>
          Stop
        </Button>
      </HStack>
    );
  if (found === null) return why === '' ? null : <Text textStyle="label">{why}</Text>;
  const steps = found.bands.map((b) => significant(b.after_s, 3)).join(', ');
  return (
    <Box textStyle="label" my="1" data-testid="freezing-said">
      <Text>
        The last place, crossed, freezes {significant(found.last_s, 3)} s after the pour
        {found.complete ? '' : ' or later: the run was ended before all had frozen'}. Each line stands for metal still
        to freeze after {steps} s.
      </Text>
      <Text color="fg.muted">
        {found.cells.toLocaleString('en')} cells of {significant(found.cell_mm, 2)} mm, {found.steps} steps in{' '}
        {significant(ms / 1000, 2)} s. In two dimensions: the section is taken to go on into the drawing, so that a
        chunky part freezes sooner than this. Filled at once; the fill itself is not followed.
      </Text>
    </Box>
  );
}
