import type { ProcessStep } from '@/core/catalogue/process-steps';
import { INK } from '../../theme/ink';
import { drawingOfStep } from './drawing-of-step';
import { DRAWINGS, type Shape } from './shapes.data';

/** Weight of a stroke and of a thin one. */
const LINE = 1.6;
const THIN = 1.1;

function drawn({ d, as }: Shape) {
  if (as === 'metal') return <path key={d} d={d} fill={INK.hot} />;
  if (as === 'ink') return <path key={d} d={d} fill={INK.ink} />;
  return (
    <path
      key={d}
      d={d}
      fill="none"
      stroke={INK.ink}
      strokeWidth={as === 'line' ? LINE : THIN}
      strokeLinecap="round"
      strokeLinejoin="round"
    />
  );
}

/** The small drawing of a step: it stands beside the step's words and says nothing alone. */
export function StepDrawing({ step }: { readonly step: Pick<ProcessStep, 'name' | 'phase'> }) {
  const id = drawingOfStep(step);
  return (
    <svg viewBox="0 0 56 40" width="84" height="60" aria-hidden="true" data-drawing={id} style={{ flex: 'none' }}>
      {(DRAWINGS[id] as readonly Shape[]).map(drawn)}
    </svg>
  );
}
