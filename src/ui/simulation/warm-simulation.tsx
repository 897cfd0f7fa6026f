'use client';
import { simulationWorker } from '@/workers/simulation.client';
import { useSpreadShown } from '../preferences';

/**
 * Starts the worker that draws while the page is still being put together: on a study at once, elsewhere when there is
 * time to spare. It is this module's only doing; the component shows nothing and stands first, so that it is loaded
 * before what is heavy.
 */
export function WarmSimulation() {
  return null;
}

function warm(): void {
  if (useSpreadShown.read() === 'shown') simulationWorker.warm();
}

if (typeof window !== 'undefined') {
  if (window.location.pathname.startsWith('/studies/')) warm();
  else if ('requestIdleCallback' in window) window.requestIdleCallback(warm);
  else setTimeout(warm, 1000);
}
