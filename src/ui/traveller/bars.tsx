import { chakra } from '@chakra-ui/react';
import type { Barcode } from '@/server/travellers';

const HIGH = 34;
const QUIET = 10;
const Svg = chakra('svg', { base: { display: 'block', width: '100%', height: '3rem', bg: 'white' } });

/** A barcode, black on white in any light: a scanner reads no other. */
export function Bars({ code }: { readonly code: Barcode }) {
  let x = QUIET;
  const d = code.bars
    .map((wide, i) => {
      const at = x;
      x += wide;
      return i % 2 === 0 ? `M${at} 0h${wide}v${HIGH}h${-wide}z` : '';
    })
    .join('');
  return (
    <Svg viewBox={`0 0 ${x + QUIET} ${HIGH}`} preserveAspectRatio="none" role="img" aria-label={`Barcode ${code.text}`}>
      <path d={d} fill="black" />
    </Svg>
  );
}
