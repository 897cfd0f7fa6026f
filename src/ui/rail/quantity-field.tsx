'use client';
import { Box, Flex, Input } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { RAIL_MAX } from '@/core/comparison/board';
import { readFigure } from '../fields/numbers';
import { whole, withCommas } from '../format';
import { Unit } from '../kit';
import { useUnits } from '../preferences';
import { useQuantity } from '../study/study-context';

/** The typed figure beside the rail. What is not a whole number from 1 to a million is refused in words and kept. */
export function QuantityField() {
  const { q, setQ } = useQuantity();
  const [units] = useUnits();
  const [typed, setTyped] = useState<string | null>(null);
  // A count has no decimals: a comma here parts thousands, in any units.
  const read = typed === null ? null : readFigure(typed, null, 'inch');
  const value = typed === null ? null : typeof read === 'number' ? read : NaN;
  const bad = value !== null && !(Number.isInteger(value) && value >= 1 && value <= RAIL_MAX);
  useEffect(() => {
    if (value !== null && !bad) setQ(value);
  }, [value, bad, setQ]);
  return (
    <div>
      <Flex align="baseline" gap="1" pb={{ base: 0, md: '4' }}>
        <Input
          aria-label="Quantity, pieces"
          inputMode="numeric"
          width="9ch"
          textAlign="end"
          fontSize="title"
          fontWeight="bold"
          color={bad ? 'alarm' : 'hot'}
          py="0"
          value={typed ?? (units === 'inch' ? withCommas(whole(q)) : whole(q))}
          aria-invalid={bad}
          aria-describedby={bad ? 'quantity-bad' : undefined}
          onFocus={(event) => event.currentTarget.select()}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => !bad && setTyped(null)}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && !bad) event.currentTarget.blur();
            if (event.key === 'Escape') setTyped(null);
          }}
        />
        <Unit>pieces</Unit>
      </Flex>
      {bad && (
        <Box id="quantity-bad" role="alert" textStyle="label" color="alarm" maxW="24ch">
          Quantity “{typed}”: a whole number from 1 to 1 000 000 is wanted.
        </Box>
      )}
    </div>
  );
}
