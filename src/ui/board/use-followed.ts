import { useDeferredValue, useEffect, useState, type RefObject } from 'react';

/** How long the hand must rest before what is out of sight is drawn again, ms. */
const REST = 200;

/**
 * A value for a part of the page that may lag behind the rail. On screen it follows in the moments that more urgent
 * parts leave free; out of sight it is taken up only when the value has rested, so that it costs a drag nothing.
 * @param element the part of the page; it must stand as long as the component does
 */
export function useFollowed<T>(value: T, element: RefObject<Element | null>): T {
  const [seen, setSeen] = useState(true);
  const [rested, setRested] = useState(value);
  const deferred = useDeferredValue(value);
  useEffect(() => {
    const target = element.current;
    if (target === null) return;
    const watch = new IntersectionObserver(([entry]) => setSeen(entry?.isIntersecting !== false), {
      rootMargin: '60px',
    });
    watch.observe(target);
    return () => watch.disconnect();
  }, [element]);
  useEffect(() => {
    if (seen) return;
    const timer = setTimeout(() => setRested(value), REST);
    return () => clearTimeout(timer);
  }, [seen, value]);
  return seen ? deferred : rested;
}
