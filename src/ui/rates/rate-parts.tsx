'use client';
import { Box, chakra, Input, Span } from '@chakra-ui/react';
import type { PartOfSet } from './rate-search';

const Item = chakra('button', {
  base: {
    textAlign: 'start',
    textStyle: 'label',
    cursor: 'pointer',
    borderBottom: '1px solid transparent',
    _hover: { borderBottomColor: 'fg' },
    '&[aria-current]': { fontWeight: 'bold', borderBottomColor: 'fg' },
  },
});

/** The parts of a set, and the search over all of them. */
export function RateParts({
  parts,
  own,
  typed,
  openId,
  search,
  onSearch,
  onOpen,
  searchLabel = 'Search the coefficients',
}: {
  readonly parts: readonly PartOfSet[];
  /** Figures that are the set's own. */
  readonly own: Readonly<Record<string, unknown>>;
  /** Figures typed and not saved. */
  readonly typed: Readonly<Record<string, unknown>>;
  readonly openId: string;
  readonly search: string;
  readonly onSearch: (text: string) => void;
  readonly onOpen: (partId: string) => void;
  readonly searchLabel?: string;
}) {
  return (
    <Box as="nav" aria-label="Parts of the set" position={{ md: 'sticky' }} top="0" alignSelf="start" py="3">
      <Input
        aria-label={searchLabel}
        placeholder="Search all parts"
        value={search}
        onChange={(e) => onSearch(e.target.value)}
      />
      <Box as="ul" listStyleType="none" pt="2" columns={{ base: 2, md: 1 }}>
        {parts.map((p) => {
          const mine = p.entries.filter((e) => own[e.path] !== undefined).length;
          const unsaved = p.entries.filter((e) => typed[e.path] !== undefined).length;
          return (
            <li key={p.id}>
              <Item
                type="button"
                aria-current={search.trim() === '' && p.id === openId ? 'true' : undefined}
                onClick={() => onOpen(p.id)}
              >
                {p.name}
              </Item>
              {(mine > 0 || unsaved > 0) && (
                <Span color="fg.muted" textStyle="label">
                  {mine > 0 ? ` ${mine} own` : ''}
                  {unsaved > 0 ? ` ${unsaved} unsaved` : ''}
                </Span>
              )}
            </li>
          );
        })}
      </Box>
    </Box>
  );
}
