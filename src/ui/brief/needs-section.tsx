'use client';
import { useWatch } from 'react-hook-form';
import { CheckField } from '../fields/check-field';
import { AnswerField, NumberField, SelectField } from '../fields/inputs';
import { FormGrid, Section } from '../kit';
import { useBriefForm } from './form-context';

/** Skin, environment and what the part must bear. */
export function NeedsSection() {
  const { control } = useBriefForm();
  const tight: unknown = useWatch({ name: 'needs.pressureTight', control });
  return (
    <Section title="Surface and needs">
      <FormGrid>
        <NumberField
          path="surface.Ra_um"
          label="Surface roughness, Ra"
          dimension="roughness"
          help="A route whose best skin is rougher is ruled out, unless the part may be polished."
        />
        <CheckField path="surface.polishAllowed" label="May be polished" help="Opens routes whose skin is too rough." />
        <SelectField
          path="needs.environment"
          label="Environment"
          empty="not said"
          options={[
            ['indoor', 'indoor'],
            ['outdoor', 'outdoor'],
            ['marine', 'marine'],
            ['hot', 'hot'],
          ]}
          help="What the bare metal must resist."
        />
        <AnswerField
          path="needs.pressureTight"
          label="Must hold pressure"
          help="Porous castings leak; each piece is then tested."
        />
        {tight === true && (
          <AnswerField
            path="needs.gasTest"
            label="Tested with gas"
            help="Air, nitrogen or helium under pressure is a danger of its own; water or dye is not."
          />
        )}
        <AnswerField
          path="needs.heatTreated"
          label="Heat treated"
          help="Castings with trapped gas blister in the furnace."
        />
        <CheckField
          path="needs.heatTreatOptional"
          label="Heat treatment optional"
          help="Keeps routes open whose castings can only be aged."
        />
        <CheckField path="needs.coated" label="Painted or plated" help="Protects a metal that would corrode." />
        <CheckField path="needs.xray" label="Each piece X-rayed" help="Costs money on every piece." />
        <AnswerField path="needs.welded" label="Welded later" />
        <AnswerField path="needs.leadFree" label="Lead-free" />
        <AnswerField path="needs.inserts" label="Inserts cast in" />
        <AnswerField path="needs.castThread" label="Threads cast" help="Where a route cannot, they are tapped." />
        <AnswerField path="needs.cosmeticFace" label="Cosmetic face" help="Needs a better finished tool or pattern." />
      </FormGrid>
    </Section>
  );
}
