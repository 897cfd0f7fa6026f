'use client';
import { Box } from '@chakra-ui/react';
import { SelectField, TextField } from '../fields/inputs';
import { FormGrid, Section } from '../kit';
import { AlloyField } from './alloy-field';
import { Candidates } from './candidates';
import { MetalLimits } from './metal-limits';

/** What the part is and what it is made of. */
export function PartSection() {
  return (
    <Section title="The part">
      <FormGrid>
        <TextField path="title" label="Title" help="What it is called in the shop and on the drawing." />
        <AlloyField
          path="alloy"
          label="Alloy"
          help="Decides which moulds it can be poured into. Search by name, family or designation."
        />
        <SelectField
          path="alloyMode"
          label="Alloy choice"
          options={[
            ['one', 'fixed'],
            ['candidates', 'one of several'],
            ['needs', 'any that meets the needs'],
          ]}
          help="The board uses the alloy above; the Alloys view compares all of them."
        />
        <Candidates />
        <MetalLimits />
        <TextField path="alloyWhy" label="Why this alloy" rows={2} help="So that nobody changes it unawares." />
        <SelectField
          path="geometry.form"
          label="Form"
          options={[
            ['prismatic', 'prismatic'],
            ['round', 'round'],
            ['flat', 'flat'],
          ]}
          help="When machined from solid, round parts start from bar, others from a block."
        />
      </FormGrid>
      <Box mt="3.5">
        <TextField
          path="what"
          label="What it does"
          rows={2}
          help="One or two sentences for whoever reads the record."
        />
      </Box>
    </Section>
  );
}
