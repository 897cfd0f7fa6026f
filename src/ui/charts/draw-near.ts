import type { Chart, ChartConfiguration, ChartType } from 'chart.js';
import { useUnits } from '../preferences';
import { whenIdle } from '../when-idle';

type Library = ReturnType<typeof import('./chart-js').chartWithParts>;

/** How far outside the view a chart is got ready. */
const NEAR = '300px';
/** How long a first chart waits for a free moment, ms. */
const FIRST_MS = 1000;

let library: Library | null = null;
const drawn = new WeakSet<HTMLCanvasElement>();

/**
 * Draws a chart as soon as its canvas comes near the view; the chart library is fetched for the first one. A canvas that
 * was drawn on before is drawn on again at once.
 *
 * @param canvas where it is drawn
 * @param config what is drawn
 * @param onMade takes the chart when it stands
 * @returns what ends it
 */
export function drawNear<T extends ChartType>(
  canvas: HTMLCanvasElement,
  config: ChartConfiguration<T>,
  onMade: (chart: Chart<T>) => void = () => undefined,
): () => void {
  let chart: Chart<T> | null = null;
  let ended = false;
  let cancelIdle: (() => void) | null = null;
  let unsubscribe: (() => void) | null = null;
  let watching: IntersectionObserver | null = null;
  const make = (Made: Library): void => {
    drawn.add(canvas);
    chart = new Made(canvas, config);
    onMade(chart);
    unsubscribe = useUnits.subscribe(() => chart?.update('none'));
  };
  const fetchAndMake = async (): Promise<void> => {
    library ??= (await import('./chart-js')).chartWithParts();
    const fetched = library;
    // Of an opened page a chart is the last thing that is looked at.
    if (!ended) cancelIdle = whenIdle(() => make(fetched), FIRST_MS);
  };
  if (library !== null && drawn.has(canvas)) make(library);
  else {
    watching = new IntersectionObserver(
      (entries) => {
        if (!entries.some((e) => e.isIntersecting)) return;
        watching?.disconnect();
        // Where the library did not come, the frame stays empty; its label still says the figures.
        fetchAndMake().catch(() => undefined);
      },
      { rootMargin: NEAR },
    );
    watching.observe(canvas);
  }
  return () => {
    ended = true;
    watching?.disconnect();
    cancelIdle?.();
    unsubscribe?.();
    chart?.destroy();
  };
}
