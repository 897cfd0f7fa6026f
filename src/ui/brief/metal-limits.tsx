'use client';
import { useWatch } from 'react-hook-form';
import { NumberField } from '../fields/inputs';
import { useBriefForm } from './form-context';

/** Limits of the metal, where the alloy is whatever meets its needs; or where a limit was given before. */
export function MetalLimits() {
  const { control } = useBriefForm();
  const mode: unknown = useWatch({ name: 'alloyMode', control });
  const limits: unknown = useWatch({ name: 'alloyLimits', control });
  const given = Object.values(limits ?? {}).some((x) => x !== null);
  if (mode !== 'needs' && !given) return null;
  return (
    <>
      <NumberField
        path="alloyLimits.yieldMin_MPa"
        label="Yield strength, at least"
        dimension="stress"
        help="Of the condition it is used in."
      />
      <NumberField
        path="alloyLimits.elongationMin_pct"
        label="Elongation, at least"
        unit="%"
        help="Bends before it breaks."
      />
      <NumberField
        path="alloyLimits.densityMax_kg_m3"
        label="Density, at most"
        dimension="density"
        help="How heavy it may be."
      />
      <NumberField
        path="alloyLimits.priceMax_USD_kg"
        label="Metal price, at most"
        dimension="metalPrice"
        help="By the rates of the study."
      />
    </>
  );
}
