'use client';
import { Fieldset, Heading, Text } from '@chakra-ui/react';
import { useWatch } from 'react-hook-form';
import { FormGrid, Section } from '../kit';
import { NumberField, SelectField, TextField } from '../fields/inputs';
import { useBriefForm } from './form-context';

/** How joints of today's assembly are made, and what one is called. */
const JOINTS = [
  ['weld', 'Welds'],
  ['bolt', 'Bolts'],
  ['rivet', 'Rivets'],
  ['bond', 'Bonds'],
  ['press', 'Press fits'],
] as const;

/** How parts of today's assembly are made; those not told are cut. */
const KINDS = [
  ['turned', 'Turned'],
  ['stamped', 'Stamped'],
  ['bought', 'Bought'],
] as const;

/** How the part is made today, and what the ways without a casting need to know. */
export function TodaySection() {
  const { control } = useBriefForm();
  const parts: unknown = useWatch({ name: 'today.parts', control });
  return (
    <Section title="Today">
      <FormGrid>
        <SelectField
          path="today.how"
          label="How it is made now"
          empty="not made yet"
          options={[
            ['machined', 'machined from solid'],
            ['fabricated', 'fabricated from several parts'],
            ['green-sand', 'green sand'],
            ['bonded-sand', 'bonded sand'],
            ['gravity-die', 'gravity die'],
            ['bought', 'bought'],
          ]}
        />
        <NumberField path="today.cost_USD" label="Costs today" unit="USD a piece" help="Empty: it is calculated." />
        <NumberField path="today.parts" label="Parts in it" unit="parts" help="Several parts may become one casting." />
        <NumberField
          path="today.partCost_USD"
          label="Those parts cost"
          unit="USD a piece"
          help="Bought or made, before joining."
        />
        <NumberField
          path="today.floor_m2"
          label="Floor its joining takes"
          unit="m²"
          help="Its rent joins the cost of today’s way."
        />
        <NumberField
          path="today.returns_pct"
          label="Come back"
          unit="% of assemblies"
          help="Loose, leaking or cracked joints."
        />
        <NumberField path="today.repair_USD" label="A repair costs" unit="USD" />
        {typeof parts === 'number' && parts > 1 && (
          <NumberField
            path="today.repairPerYear_USD"
            label="Damage in use"
            unit="USD a piece and year"
            help="Empty: a share loses one of its parts. Held against the damage of one casting."
          />
        )}
        <TextField path="today.note" label="Note" rows={2} />
      </FormGrid>
      <Fieldset.Root mt="3.5">
        <Fieldset.Legend>Parts in it, by how they are made</Fieldset.Legend>
        <FormGrid dense>
          {KINDS.map(([kind, label]) => (
            <NumberField key={kind} path={`today.partKinds.${kind}`} label={label} unit="parts" />
          ))}
        </FormGrid>
      </Fieldset.Root>
      <Fieldset.Root mt="3.5">
        <Fieldset.Legend>Joints in it</Fieldset.Legend>
        <FormGrid dense>
          {JOINTS.map(([kind, label]) => (
            <NumberField key={kind} path={`today.joints.${kind}`} label={label} unit="a piece" />
          ))}
        </FormGrid>
      </Fieldset.Root>
      <Heading as="h3" mt="2.5" style={{ marginTop: 18, fontWeight: 650 }}>
        Split in two
      </Heading>
      <Text textStyle="label" color="fg.muted">
        One piece cast, the other stamped or machined, then joined: told below the lanes once it says how much.
      </Text>
      <FormGrid>
        <SelectField
          path="split.other"
          label="The other piece is"
          empty="no split"
          options={[
            ['stamped', 'stamped from strip'],
            ['machined', 'machined from solid'],
          ]}
        />
        <NumberField path="split.share_pct" label="It takes of the metal" unit="%" help="The rest stays cast." />
        <NumberField path="split.wall_mm" label="Its thickness" dimension="length" help="A plate of one wall." />
        <NumberField path="split.undercutsOff" label="Undercuts it takes away" unit="count" />
        <NumberField path="split.passagesOff" label="Passages it takes away" unit="count" />
      </FormGrid>
      <Fieldset.Root mt="3.5">
        <Fieldset.Legend>Joints between the two</Fieldset.Legend>
        <FormGrid dense>
          {JOINTS.map(([kind, label]) => (
            <NumberField key={kind} path={`split.joints.${kind}`} label={label} unit="a piece" />
          ))}
        </FormGrid>
      </Fieldset.Root>
      <FormGrid mt="3.5">
        <NumberField
          path="bends"
          label="Bends if stamped"
          unit="count"
          help="Forms of the strip after blanking; empty: three for a part higher than twice its wall."
        />
        <NumberField
          path="machiningSetups"
          label="Set-ups to machine the casting"
          unit="count"
          help="Empty: calculated from the dimensions that are cut."
        />
      </FormGrid>
    </Section>
  );
}
