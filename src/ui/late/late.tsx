'use client';
import { lazy, Suspense, useContext, type ComponentType, type ReactNode } from 'react';
import { COMING, Meanwhile } from './meanwhile';
import { whenTouched } from './when-touched';

/** How long until a part that did not come is asked for again, ms. */
const AGAIN_MS = 2000;

/**
 * A part of a screen that is not needed when a page opens: its code is fetched when the page is first touched, or when
 * the part is shown, whichever comes first. A part that does not come (the server is away) is asked for again until it
 * does; the rest of the screen stands.
 *
 * @param load fetches the part
 * @param meanwhile what is shown until it has come; where not given, what its place holds
 */
export function late<P extends object>(load: () => Promise<ComponentType<P>>, meanwhile?: ReactNode): ComponentType<P> {
  let fetched: Promise<ComponentType<P>> | null = null;
  const fetchOnce = (): Promise<ComponentType<P>> => {
    fetched ??= load().catch((error: unknown) => {
      fetched = null;
      throw error;
    });
    return fetched;
  };
  const fetchUntilCome = async (): Promise<ComponentType<P>> => {
    if (typeof window === 'undefined') return fetchOnce();
    for (;;) {
      try {
        return await fetchOnce();
      } catch {
        await new Promise((done) => setTimeout(done, AGAIN_MS));
      }
    }
  };
  whenTouched(() => void fetchOnce().catch(() => undefined));
  const Part = lazy(async () => ({ default: await fetchUntilCome() }));
  return function Late(props: P) {
    const held = useContext(Meanwhile);
    return (
      <Suspense fallback={meanwhile ?? held}>
        <Meanwhile.Provider value={COMING}>
          <Part {...props} />
        </Meanwhile.Provider>
      </Suspense>
    );
  };
}
