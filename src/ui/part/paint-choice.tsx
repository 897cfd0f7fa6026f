import { Flex } from '@chakra-ui/react';
import { TextButton } from '../kit';
import type { PartState } from './part-state';

const PAINTS = [
  ['plain', 'plain'],
  ['ray', 'walls (ray)'],
  ['sphere', 'sections (sphere)'],
  ['draft', 'draft'],
  ['release', 'undercuts'],
] as const;
/** What the part is coloured by. */
export type Paint = (typeof PAINTS)[number][0];

/** What the part is coloured by; what was not measured cannot be chosen. */
export function PaintChoice({
  state: { body, draw },
  paint,
  onPaint,
}: {
  readonly state: PartState;
  readonly paint: Paint;
  readonly onPaint: (paint: Paint) => void;
}) {
  return (
    <Flex columnGap="3.5" rowGap="1" py="1.5" flexWrap="wrap" role="group" aria-label="Colour the part by">
      {PAINTS.map(([id, name]) => (
        <TextButton
          key={id}
          size="xs"
          aria-pressed={paint === id}
          disabled={
            id !== 'plain' &&
            (id === 'ray' || id === 'sphere'
              ? body?.walls == null
              : draw === null || (id === 'release' && draw.undercut === null))
          }
          onClick={() => onPaint(id)}
        >
          {name}
        </TextButton>
      ))}
    </Flex>
  );
}
