import { Box } from '@chakra-ui/react';
import type { StandingState } from '@/core/decision';

export const STANDING_WORDS: Readonly<Record<StandingState, string>> = {
  stands: 'still stands',
  weaker: 'weaker',
  overturned: 'overturned',
};

/** A signed choice as a stamp: whole where it stands, notched where it is weaker, broken where it is overturned. */
export function StandingMark({ state }: { readonly state: StandingState }) {
  return (
    <Box
      as="span"
      data-state={state}
      whiteSpace="nowrap"
      {...(state === 'stands' ? {} : { fontWeight: 'bold' })}
      {...(state === 'overturned' ? { color: 'alarm' } : {})}
    >
      <svg
        width="14"
        height="14"
        viewBox="0 0 16 16"
        aria-hidden="true"
        style={{ display: 'inline', verticalAlign: '-2px' }}
      >
        {state === 'stands' && (
          <path
            d="M2 13.5 H14 M4 13.5 V6 H12 V13.5 M6 6 V3 H10 V6"
            fill="none"
            stroke="currentColor"
            strokeWidth="1.4"
          />
        )}
        {state === 'weaker' && (
          <path
            d="M2 13.5 H14 M4 13.5 V6 H7 L8 9 L9 6 H12 V13.5"
            fill="none"
            stroke="currentColor"
            strokeWidth="1.4"
            strokeDasharray="3 1.4"
          />
        )}
        {state === 'overturned' && (
          <path
            d="M2 13.5 H14 M3.2 12 L8.4 6.4 M5.8 13 L13.6 9.6 L11 5.2"
            fill="none"
            stroke="currentColor"
            strokeWidth="1.4"
          />
        )}
      </svg>{' '}
      {STANDING_WORDS[state]}
    </Box>
  );
}
