'use client';
import { Flex, Slider } from '@chakra-ui/react';
import type { RefObject } from 'react';
import type { ViewerClient } from '@/workers/viewer.client';
import type { ViewFrom } from '@/workers/viewer.protocol';
import { Segments, TextButton } from '../kit';

/** Where the picture is cut open: across an axis, at a share of the box. */
export interface Cut {
  readonly axis: 0 | 1 | 2;
  readonly share: number;
}

const LOOKS: readonly (readonly [ViewFrom, string])[] = [
  ['corner', 'Corner'],
  ['front', 'Front'],
  ['side', 'Side'],
  ['top', 'Top'],
  ['draw', 'Along the draw'],
];

const CUTS = [
  ['', 'no cut'],
  ['0', 'x'],
  ['1', 'y'],
  ['2', 'z'],
] as const;

/** From where the part is seen, and where it is cut open. */
export function ViewerBar({
  viewer,
  cut,
  onCut,
}: {
  readonly viewer: RefObject<ViewerClient | null>;
  readonly cut: Cut | null;
  readonly onCut: (cut: Cut | null) => void;
}) {
  return (
    <Flex
      columnGap="3.5"
      rowGap="1"
      py="1.5"
      align="center"
      flexWrap="wrap"
      textStyle="label"
      role="group"
      aria-label="View of the part"
    >
      {LOOKS.map(([look, name]) => (
        <TextButton key={look} size="xs" onClick={() => viewer.current?.report({ kind: 'look', from: look })}>
          {name}
        </TextButton>
      ))}
      <Segments
        label="Cut across"
        value={cut === null ? '' : (String(cut.axis) as '0' | '1' | '2')}
        options={CUTS}
        onChange={(axis) => onCut(axis === '' ? null : { axis: Number(axis) as Cut['axis'], share: cut?.share ?? 0.5 })}
      />
      {cut !== null && (
        <Slider.Root
          width="30"
          aria-label={['Where it is cut']}
          min={0}
          max={100}
          value={[Math.round(cut.share * 100)]}
          onValueChange={(e) => onCut({ axis: cut.axis, share: (e.value[0] ?? 0) / 100 })}
        >
          <Slider.Control>
            <Slider.Track>
              <Slider.Range />
            </Slider.Track>
            <Slider.Thumb index={0}>
              <Slider.HiddenInput />
            </Slider.Thumb>
          </Slider.Control>
        </Slider.Root>
      )}
    </Flex>
  );
}
