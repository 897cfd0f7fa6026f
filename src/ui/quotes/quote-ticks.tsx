'use client';
import { chakra } from '@chakra-ui/react';
import { perPart, whole } from '../format';
import { WIDTH, x } from '../rail/places';
import { useQuotes } from './use-quotes';

const Tick = chakra('span', {
  base: {
    position: 'absolute',
    top: '15px',
    width: '0',
    height: '6px',
    borderLeft: '2px dotted',
    borderColor: 'fg',
    pointerEvents: 'none',
  },
});

/** Price breaks and least orders of the quotes that hold, as they lie on the rail. */
export function QuoteTicks() {
  const { found } = useQuotes();
  if (found === null) return null;
  const code = found.assessed.setting.currency;
  const places = new Map<number, string[]>();
  const put = (pieces: number, words: string): void => {
    if (pieces > 1) places.set(pieces, [...(places.get(pieces) ?? []), words]);
  };
  for (const a of found.assessed.quotes) {
    if (a.out !== null) continue;
    const { quote, foundry } = a.held;
    for (const b of quote.priceBreaks)
      put(b.from, `${foundry}: ${perPart(b.price)} ${quote.currency} (${quote.unit}) in lots from ${whole(b.from)}`);
    if (quote.minOrder > 0) put(quote.minOrder, `${foundry}: minimum order ${whole(quote.minOrder)}`);
    if (quote.maxPieces !== null) put(quote.maxPieces, `${foundry}: at most ${whole(quote.maxPieces)} pieces`);
  }
  if (places.size === 0) return null;
  return (
    <span
      data-quote-ticks=""
      role="img"
      aria-label={`Price breaks and minimum orders of quotes, ${code}: ${[...places.values()].flat().join('; ')}`}
    >
      {[...places].map(([pieces, words]) => (
        <Tick key={pieces} style={{ left: `${(100 * x(pieces)) / WIDTH}%` }} title={words.join('\n')} />
      ))}
    </span>
  );
}
