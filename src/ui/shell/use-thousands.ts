import { useEffect } from 'react';
import type { UnitSystem } from '@/core/base/units';

/** Parts thousands as the units of the screen do: by commas in inch units. */
export function useThousands(units: UnitSystem): void {
  useEffect(() => {
    if (units !== 'inch') return;
    let left = false;
    let end: (() => void) | null = null;
    // Where it does not come, thin spaces stay.
    import('./thousands').then(
      ({ commaThousands }) => {
        if (!left) end = commaThousands(document.body);
      },
      () => undefined,
    );
    return () => {
      left = true;
      end?.();
    };
  }, [units]);
}
