'use client';
import { lazy, Suspense, type ComponentType, type ReactNode } from 'react';
import { whenTouched } from './when-touched';

/**
 * A part of a screen that is not needed when a page opens: its code is fetched when the page is first touched, or when
 * the part is shown, whichever comes first. It is never drawn on the server.
 *
 * @param load fetches the part
 * @param meanwhile what is shown until it has come
 */
export function late<P extends object>(
  load: () => Promise<ComponentType<P>>,
  meanwhile: ReactNode = null,
): ComponentType<P> {
  let fetched: Promise<ComponentType<P>> | null = null;
  const fetchOnce = (): Promise<ComponentType<P>> => {
    fetched ??= load().catch((error: unknown) => {
      fetched = null;
      throw error;
    });
    return fetched;
  };
  whenTouched(() => void fetchOnce().catch(() => undefined));
  const Part = lazy(async () => ({ default: await fetchOnce() }));
  return function Late(props: P) {
    return (
      <Suspense fallback={meanwhile}>
        <Part {...props} />
      </Suspense>
    );
  };
}
