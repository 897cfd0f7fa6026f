import { chakra } from '@chakra-ui/react';
import type { Barcode } from '@/server/travellers';

const HIGH = 34;
const QUIET = 10;
const Svg = chakra('svg', { base: { display: 'block', width: '100%', height: '3rem', bg: 'white' } });

/** A barcode, black on white in any light: a scanner reads no other. */
export function Bars({ code }: { readonly code: Barcode }) {
  const ends = code.bars.reduce<number[]>((at, wide) => [...at, (at.at(-1) ?? QUIET) + wide], []);
  const d = code.bars
    .map((wide, i) => (i % 2 === 0 ? `M${(ends[i] ?? 0) - wide} 0h${wide}v${HIGH}h${-wide}z` : ''))
    .join('');
  const x = ends.at(-1) ?? QUIET;
  return (
    <Svg viewBox={`0 0 ${x + QUIET} ${HIGH}`} preserveAspectRatio="none" role="img" aria-label={`Barcode ${code.text}`}>
      <path d={d} fill="black" />
    </Svg>
  );
}
