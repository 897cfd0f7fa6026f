'use client';
import { FormGrid, Section } from '../kit';
import { Fieldset } from '@chakra-ui/react';
import { TOUCHING } from '@/core/screening/advice';
import type { Dimension } from '@/core/base/units';
import { NumberField, SelectField } from '../fields/inputs';

type Row = readonly [field: string, label: string, dimension: Dimension | null, unit: string, help: string];

const WALLS: readonly Row[] = [
  ['flowLength_mm', 'From the gate to the end of the thin wall', 'length', '', 'Thin walls fill only so far.'],
  ['step_mm', 'Largest step in thickness', 'length', '', 'From one wall to the next.'],
  ['blend_mm', 'Blended over', 'length', '', 'The length of that step.'],
  ['filletMin_mm', 'Smallest inside radius', 'length', '', 'Sharp corners tear.'],
  ['jointCircle_mm', 'Largest circle where walls meet', 'length', '', 'A lump stays liquid.'],
  ['rib_mm', 'Thickest rib', 'length', '', 'Ribs draw their wall in.'],
  ['bossWall_mm', 'Wall of the thickest boss', 'length', '', 'Half its width if it is solid.'],
  ['restrainedLength_mm', 'Length held between two ends', 'length', '', 'By cores or flanges, as the metal shrinks.'],
  ['flatSpan_mm', 'Widest flat face without ribs', 'length', '', 'Flat faces sink and warp.'],
];
const MOULD: readonly Row[] = [
  ['pocketDepth_mm', 'Deepest pocket: depth', 'length', '', 'Deep pockets want more draft.'],
  ['pocketWidth_mm', 'Deepest pocket: width', 'length', '', ''],
  ['partingSteps', 'Steps in the parting', null, 'count', 'None is best.'],
  ['partingDetail_mm', 'Finest detail beside the parting', 'length', '', 'It washes out first.'],
  ['relatedAcross', 'Pairs that must agree across the parting', null, 'pairs', 'Mismatch parts them.'],
  ['coreVolume_cm3', 'Largest core', 'volume', '', 'It floats in the metal.'],
  ['printArea_cm2', 'Its prints bear on', 'area', '', ''],
  ['passageMin_mm', 'Narrowest inner passage', 'length', '', 'The core must survive.'],
  ['openings', 'Openings a passage', null, 'count', 'Two, to clean it through.'],
  ['head_mm', 'Metal above the parting', 'length', '', 'From the parting to the cup: it lifts the mould.'],
  ['holdDown_kg', 'Weight and clamps a piece', 'mass', '', 'Cope, weights and clamps together.'],
];
const DRAWING: readonly Row[] = [
  ['datumTargets', 'Datum targets on the drawing', null, 'count', 'Three, two and one.'],
  ['stockLeft_mm', 'Stock on faces to be cut', 'length', '', ''],
  ['isolatedSections', 'Heavy sections without a place for a feeder', null, 'count', 'They shrink inside.'],
  ['feedDistance_mm', 'Furthest from a feeder', 'length', '', ''],
  ['gateFaces', 'Faces marked for the gate', null, 'count', 'Metal must enter somewhere.'],
  ['ejectorPlaces', 'Places for ejectors', null, 'count', 'Metal moulds push the part out.'],
  ['letterStroke_mm', 'Finest stroke of letters', 'length', '', ''],
];

const GROUPS = [
  ['Walls', WALLS],
  ['Mould and cores', MOULD],
  ['On the drawing', DRAWING],
] as const;

/** What a drawing says of its details. None of it bars a route: advice beside each lane is shown from it. */
export function DrawingSection() {
  return (
    <Section
      title="The drawing in detail"
      under="for advice only; what is left empty is told as a thing to look for"
      id="drawing"
    >
      {GROUPS.map(([name, rows]) => (
        <Fieldset.Root key={name} mt="3">
          <Fieldset.Legend>{name}</Fieldset.Legend>
          <FormGrid dense>
            {rows.map(([field, label, dimension, unit, help]) => (
              <NumberField
                key={field}
                path={`detail.${field}`}
                label={label}
                {...(dimension === null ? { unit } : { dimension })}
                help={help}
              />
            ))}
            {name === 'On the drawing' && (
              <SelectField
                path="detail.touches"
                label="Touches, bare metal on metal"
                empty="not said"
                options={Object.entries(TOUCHING).map(([id, t]) => [id, t.name] as const)}
                help="The baser metal pays for the nobler one."
              />
            )}
          </FormGrid>
        </Fieldset.Root>
      ))}
    </Section>
  );
}
