'use client';
import { Box, chakra, Flex } from '@chakra-ui/react';
import type { AssessedQuote } from '@/core/comparison/quotes';
import { perPart } from '../format';
import { routeTone } from '../theme/ink';
import { SCOPE_WORDS } from './quote-words';

const Piece = chakra('span', { base: { display: 'block', height: 'full', flex: 'none' } });
const HATCH = 'repeating-linear-gradient(135deg, {colors.fg} 0 1px, transparent 1px 4px)';
/** A part of a bar thinner than this share of the scale is not drawn. */
const LEAST = 0.002;

/** Of what the cost of a good part is made, on the common scale of all quotes, with the model’s cost as a line across. */
export function QuoteBar({
  a,
  scale,
  currency,
}: {
  readonly a: AssessedQuote;
  readonly scale: number;
  readonly currency: string;
}) {
  const price = a.normalised?.price;
  if (price == null) return null;
  const need = price.programme / price.perGoodPart;
  const share = (money: number): number => money / need / scale;
  const work = share(price.bought * (price.unitComparable - price.scopeFilled));
  const filled = share(price.bought * price.scopeFilled);
  const tool = share(price.tooling + price.surplus);
  const charges = share(price.lotCharges);
  const tone = routeTone(a.laneId.split('/')[0] ?? '');
  const words = [
    `${perPart(work * scale)} quoted work`,
    filled > LEAST ? `${perPart(filled * scale)} filled in` : '',
    tool > LEAST ? `${perPart(tool * scale)} tooling` : '',
    charges > LEAST ? `${perPart(charges * scale)} charges of lots` : '',
    a.model === null ? '' : `the model ${perPart(a.model.allIn)}`,
  ].filter(Boolean);
  return (
    <Box
      position="relative"
      height="12px"
      width="full"
      minW="6rem"
      role="img"
      aria-label={`${words.join(', ')}, ${currency} per good part`}
      title={words.join(' · ')}
    >
      <Flex height="full" overflow="hidden">
        <Piece style={{ width: `${100 * work}%`, background: tone }} />
        <Piece style={{ width: `${100 * filled}%` }} bg={HATCH} border="1px solid" borderColor="fg" />
        <Piece style={{ width: `${100 * tool}%` }} bg="border.emphasized" />
        <Piece style={{ width: `${100 * charges}%` }} bg="fg.muted" />
      </Flex>
      {a.model !== null && a.model.allIn / scale <= 1 && (
        <Box
          position="absolute"
          top="-3px"
          bottom="-3px"
          width="2px"
          bg="fg"
          style={{ left: `${(100 * a.model.allIn) / scale}%` }}
        />
      )}
    </Box>
  );
}

const MARKS = { extra: '+', filled: '◪', unfilled: '?', unsaid: '○' } as const;

/** Work of the part as the quote stands to it: what is in the price in one line, each other kind by itself. */
export function ScopeMarks({ a }: { readonly a: AssessedQuote }) {
  const inPrice = a.scope.filter((s) => s.state === 'included').map((s) => s.line);
  return (
    <Box textStyle="label">
      {inPrice.length > 0 && <Box color="fg.muted">● {inPrice.join(', ')}</Box>}
      {a.scope.map(
        (s) =>
          s.state !== 'included' && (
            <div key={s.kind}>
              <Box as="span" color={s.state === 'extra' || s.state === 'filled' ? 'fg' : 'alarm'} aria-hidden>
                {MARKS[s.state]}
              </Box>{' '}
              {s.line}{' '}
              <Box as="span" color="fg.muted">
                {SCOPE_WORDS[s.state]}
              </Box>
            </div>
          ),
      )}
    </Box>
  );
}
