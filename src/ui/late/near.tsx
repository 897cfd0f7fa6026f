'use client';
import { Box } from '@chakra-ui/react';
import { startTransition, useEffect, useRef, useState, type ReactNode } from 'react';
import { flushSync } from 'react-dom';
import { Coming } from './coming';
import { Meanwhile } from './meanwhile';
import { whenTouched } from './when-touched';

/** How far below the view something is got ready: the wheel or a key has had it fetched before. */
const AHEAD = '0px';

/** Holds the height of what is being fetched. */
const Holding = ({ height }: { readonly height: string }) => (
  <Box minH={height}>
    <Coming />
  </Box>
);

/**
 * What stands below the first screen: drawn when it comes near the view, in a free moment after the page was first
 * touched, or when the page is printed or its address asks for a place in it. Its height is held until then.
 * @param untilTouched waits for the hand even where it is in view: what the first screen can be read without
 */
export function Near({
  height,
  untilTouched = false,
  children,
}: {
  readonly height: string;
  readonly untilTouched?: boolean;
  readonly children: ReactNode;
}) {
  const place = useRef<HTMLDivElement>(null);
  const [near, setNear] = useState(false);
  useEffect(() => {
    const element = place.current;
    if (element === null) return;
    const show = (): void => startTransition(() => setNear(true));
    // The address asks for something further down that is not drawn yet.
    if (location.hash !== '') show();
    const watching = new IntersectionObserver((entries) => entries.some((e) => e.isIntersecting) && show(), {
      rootMargin: `0px 0px ${AHEAD}`,
    });
    if (!untilTouched) watching.observe(element);
    const leave = whenTouched(show);
    const print = (): void => flushSync(() => setNear(true));
    addEventListener('beforeprint', print);
    return () => {
      leave();
      watching.disconnect();
      removeEventListener('beforeprint', print);
    };
  }, [near, untilTouched]);
  if (!near) return <Box ref={place} minH={height} aria-hidden="true" _print={{ display: 'none' }} />;
  return <Meanwhile.Provider value={<Holding height={height} />}>{children}</Meanwhile.Provider>;
}
