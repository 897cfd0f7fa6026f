'use client';
import { chakra, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { Vec } from '@/core/part-file/geometry';
import { fixed } from '../format';
import { DrawHandle } from './draw-handle';
import { meant } from './steer';
import { late, Touched } from '../late';
import { useViewer, type Pictured } from './use-viewer';
import { useViewerHand } from './use-viewer-hand';
import type { Cut } from './viewer-bar';

const ViewerBar = late(() => import('./viewer-bar').then((m) => m.ViewerBar));

const Frame = chakra('div', {
  base: {
    position: 'relative',
    height: 'min(56vh, 520px)',
    minHeight: '280px',
    overflow: 'hidden',
    border: '1px solid {colors.border}',
    bg: 'bg.subtle',
    '& canvas': {
      position: 'absolute',
      inset: 0,
      width: '100%',
      height: '100%',
      touchAction: 'none',
      cursor: 'grab',
    },
  },
});

const PlaceMark = chakra('button', {
  base: {
    position: 'absolute',
    translate: '-50% -50%',
    px: '1',
    textStyle: 'label',
    lineHeight: '18px',
    fontWeight: 'bold',
    color: 'bg',
    bg: 'fg',
    border: '1px solid {colors.bg}',
    cursor: 'pointer',
  },
});

/** The part as a picture: turned with the pointer or the arrow keys, cut open, painted, with numbered places. */
export function Viewer({
  tried,
  onMarker,
  onTurn,
  ...pictured
}: Pictured & {
  /** Draws that a leant arrow catches on. */
  readonly tried: readonly Vec[];
  readonly onMarker: (id: string) => void;
  /** Opens the mould another way; null where it cannot be turned now. */
  readonly onTurn: ((d: Vec) => void) | null;
}) {
  const { viewerRef, shown, draw, markers } = pictured;
  const [cut, setCut] = useState<Cut | null>(null);
  const { frame, lacking, seen, leant, hold } = useViewer(pictured, cut);
  const hand = useViewerHand(viewerRef);
  const letGo = (d: Vec | null): void => {
    hold(false);
    if (d === null) viewerRef.current?.report({ kind: 'steer', to: null });
    else onTurn?.(meant(d, tried));
  };

  if (lacking && shown === null) return null;
  if (lacking)
    return (
      <Text p="4" border="1px dashed" borderColor="border.emphasized" role="status" data-testid="no-webgl">
        This browser has no WebGL, so there is no 3D picture; every measure and table below works without it.
      </Text>
    );
  return (
    <div hidden={shown === null}>
      <Frame
        ref={frame}
        role="application"
        tabIndex={0}
        data-drawn={seen !== null}
        aria-label="Picture of the part: arrow keys turn it, plus and minus come nearer, Enter measures the middle"
        {...hand}
      >
        {(seen?.places ?? []).map((p) => {
          const marker = markers.find((m) => m.id === p.id);
          return marker === undefined ? null : (
            <PlaceMark
              key={p.id}
              type="button"
              style={{ left: p.x, top: p.y }}
              aria-label={`Place ${marker.label}`}
              onClick={() => onMarker(p.id)}
            >
              {marker.label}
            </PlaceMark>
          );
        })}
        {seen?.tip != null && draw !== null && onTurn !== null && (
          <DrawHandle
            tip={seen.tip}
            viewer={() => viewerRef.current}
            leant={leant}
            onLetGo={letGo}
            onHold={() => hold(true)}
          />
        )}
        {leant !== null && <LeantLine along={meant(leant, tried)} />}
      </Frame>
      <Touched>{shown !== null && <ViewerBar viewer={viewerRef} cut={cut} onCut={setCut} />}</Touched>
    </div>
  );
}

/** Where the mould would open if the arrow were let go now. */
const LeantLine = ({ along }: { readonly along: Vec }) => (
  <Text
    position="absolute"
    insetStart="2.5"
    bottom="2"
    px="1.5"
    py="0.5"
    bg="bg"
    border="1px solid"
    borderColor="border.emphasized"
    textStyle="label"
    role="status"
  >
    Along {along.map((x) => fixed(x, 2)).join(', ')}: release, or press Enter, to open this way.
  </Text>
);
