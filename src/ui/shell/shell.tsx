'use client';
import { Kbd } from '@chakra-ui/react';
import { PageLink, TextButton } from '../kit';
import { useTheme } from 'next-themes';
import Link from 'next/link';
import { useMemo, useState, useSyncExternalStore, type ReactNode } from 'react';
import { useUnits } from '../preferences';
import { useHotkeys } from './hotkeys';
import { Notices } from './notices';
import { Shortcuts } from './shortcuts';

const nothing = (): (() => void) => () => undefined;

/** Frame of every screen: name, units, light or dark, the sheet of keys. */
export function Shell({ children }: { children: ReactNode }) {
  const [units, setUnits] = useUnits();
  const { resolvedTheme, setTheme } = useTheme();
  const [keys, setKeys] = useState(false);
  const mounted = useSyncExternalStore(
    nothing,
    () => true,
    () => false,
  );
  const dark = mounted && resolvedTheme === 'dark';
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
    <div className="frame">
      <a className="skip" href="#content">
        To the content
      </a>
      <header className="topbar">
        <Link href="/" className="name">
          <svg width="18" height="18" viewBox="0 0 32 32" aria-hidden="true">
            <path d="M3 6h26v22H3z" fill="var(--ink)" />
            <path d="M9 6h14l-3 14h-8z M14 1h4v5h-4z" fill="var(--hot)" />
          </svg>
          Nine Pours
        </Link>
        <nav aria-label="Main" className="small">
          <PageLink href="/">Parts</PageLink> &nbsp; <PageLink href="/rates">Rates</PageLink> &nbsp;{' '}
          <PageLink href="/bench">Bench</PageLink> &nbsp; <PageLink href="/model">Model</PageLink> &nbsp;{' '}
          <PageLink href="/check">Check the arithmetic</PageLink>
        </nav>
        <span className="grow" />
        <div className="toggle" role="group" aria-label="Units">
          {(['si', 'inch'] as const).map((u) => (
            <button key={u} type="button" aria-pressed={units === u} onClick={() => setUnits(u)}>
              {u === 'si' ? 'mm kg' : 'in lb'}
            </button>
          ))}
        </div>
        <div className="toggle" role="group" aria-label="Light or dark">
          <button type="button" aria-pressed={mounted && !dark} onClick={() => setTheme('light')}>
            Light
          </button>
          <button type="button" aria-pressed={dark} onClick={() => setTheme('dark')}>
            Dark
          </button>
        </div>
        <TextButton size="xs" onClick={() => setKeys(true)}>
          Keys <Kbd>?</Kbd>
        </TextButton>
      </header>
      <main id="content">{children}</main>
      <Shortcuts open={keys} onClose={() => setKeys(false)} />
      <Notices />
    </div>
  );
}
