'use client';
import { Box, Button, chakra, Flex, Kbd, SkipNavLink } from '@chakra-ui/react';
import { useTheme } from 'next-themes';
import NextLink from 'next/link';
import { usePathname } from 'next/navigation';
import { useMemo, useState, type ReactNode } from 'react';
import { Segments } from '../kit';
import { late } from '../late';
import { useUnits } from '../preferences';
import { useHotkeys } from './hotkeys';
import { Logo } from './logo';
import { Notices } from './notices';
import { useThousands } from './use-thousands';
import { useReady } from './use-ready';

const Shortcuts = late(() => import('./shortcuts').then((m) => m.Shortcuts));

const PLACES = [
  ['/', 'Parts'],
  ['/rates', 'Rates'],
  ['/foundries', 'Foundries'],
  ['/alloys', 'Alloys'],
  ['/calculator', 'Calculator'],
  ['/model', 'Model'],
  ['/check', 'Check'],
] as const;

/** Whether an address lies within a place; a study belongs to the parts. */
const within = (path: string, place: string): boolean =>
  place === '/'
    ? path === '/' || path.startsWith('/studies') || path.startsWith('/bought-parts')
    : path.startsWith(place) || (place === '/rates' && path.startsWith('/process-values'));

const Place = chakra(NextLink, {
  base: {
    color: 'fg.muted',
    fontSize: { base: 'label', md: 'inherit' },
    py: '1',
    borderBottom: '2px solid transparent',
    _hover: { color: 'fg' },
    '&[aria-current]': { color: 'fg', fontWeight: 'medium', borderBottomColor: 'fg' },
  },
});

/** Frame of every screen: name, places, units, light or dark, the list of keys. */
export function Shell({ children }: { children: ReactNode }) {
  const [units, setUnits] = useUnits();
  const { resolvedTheme, setTheme } = useTheme();
  /** Null until they are asked for the first time. */
  const [keys, setKeys] = useState<boolean | null>(null);
  const path = usePathname();
  const ready = useReady();
  const dark = ready && resolvedTheme === 'dark';
  useThousands(units);
  useHotkeys(
    useMemo(
      () => ({
        '?': () => setKeys(true),
        u: () => setUnits(units === 'si' ? 'inch' : 'si'),
        m: () => setTheme(dark ? 'light' : 'dark'),
      }),
      [units, setUnits, dark, setTheme],
    ),
  );
  return (
    <Box maxW="92.5rem" mx="auto" px={{ base: '3', md: '5' }} pb="12" _print={{ maxW: 'none', p: 0 }}>
      <SkipNavLink id="content">Skip to content</SkipNavLink>
      <Flex
        as="header"
        align="center"
        gap={{ base: '2', md: '4' }}
        minH="11"
        flexWrap="wrap"
        borderBottomWidth="1px"
        borderColor="border"
        _print={{ display: 'none' }}
      >
        <Logo />
        <Flex as="nav" aria-label="Main" rowGap="0" columnGap="4" flexWrap="wrap" me="auto">
          {PLACES.map(([href, name]) => (
            <Place key={href} href={href} aria-current={within(path, href) ? 'page' : undefined}>
              {name}
            </Place>
          ))}
        </Flex>
        <Segments
          label="Units"
          value={units}
          options={[
            ['si', 'mm · kg'],
            ['inch', 'in · lb'],
          ]}
          onChange={setUnits}
        />
        <Segments
          label="Light or dark"
          value={ready ? (dark ? 'dark' : 'light') : null}
          options={[
            ['light', 'Light'],
            ['dark', 'Dark'],
          ]}
          onChange={setTheme}
        />
        <Button size="xs" variant="ghost" hideBelow="md" onClick={() => setKeys(true)}>
          Shortcuts <Kbd>?</Kbd>
        </Button>
      </Flex>
      <main id="content" tabIndex={-1} style={{ outline: 0 }}>
        {children}
      </main>
      {keys !== null && <Shortcuts open={keys} onClose={() => setKeys(false)} />}
      <Notices />
    </Box>
  );
}
