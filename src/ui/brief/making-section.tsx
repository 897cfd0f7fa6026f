'use client';
import { Fieldset, Flex, Text } from '@chakra-ui/react';
import { useController, useWatch } from 'react-hook-form';
import { LANES, laneWords } from '@/core/catalogue/routes';
import type { CoatingId } from '@/core/rates';
import { CheckField } from '../fields/check-field';
import { NumberField, SelectField } from '../fields/inputs';
import { CheckBox, FormGrid, Section } from '../kit';
import { useStudy } from '../study/study-context';
import { useBriefForm } from './form-context';

/** Lanes that have a tool which can be at hand, by the name of route and variant. */
const TOOLED = LANES.filter(
  (l) => l.capability.layout.toolPerPosition || (l.capability.layout.toolCavities ?? []).length > 0,
).map((l) => {
  const { route, variant } = laneWords(l.id);
  return [l.id, `${route}, ${variant}`] as const;
});

/** What the making must bear beside the shape: coats, grain, cores, a tool that is there, the machines of other ways. */
export function MakingSection() {
  const { control } = useBriefForm();
  const coated: unknown = useWatch({ name: 'needs.coated', control });
  const coats: unknown = useWatch({ name: 'needs.coating', control });
  const geometry: unknown = useWatch({ name: 'geometry', control });
  const asksCoat = coated === true || (Array.isArray(coats) && coats.length > 0);
  const cored = countOf(geometry, 'passages') + countOf(geometry, 'undercuts') > 0;
  return (
    <Section title="Coats, grain, cores and tools" under="left empty, the usual way is taken">
      {asksCoat && <Coats />}
      <FormGrid mt="3.5">
        {asksCoat && (
          <CheckField
            path="needs.chromate"
            label="Chromate bath asked for"
            help="Hexavalent chromium: the shop must contain it, and in many places may not use it."
          />
        )}
        <SelectField
          path="needs.grain"
          label="Grain"
          empty="as the mould gives it"
          options={[
            ['normal', 'usual'],
            ['fine', 'fine: cooled fast or inoculated'],
            ['directional', 'grown from one end'],
          ]}
          help="Rules out moulds that cool otherwise; more scrap, and for a directed grain weeks of trials."
        />
        <CheckField path="needs.hardened" label="Hardened" help="From solid it is then ground, not cut." />
        <NumberField
          path="needs.hardness_HRC"
          label="Hardness"
          unit="HRC"
          help="Above 45 a way from solid is ground or sparked."
        />
        <NumberField
          path="surface.Rq_um"
          label="Roughness as root mean square, Rq"
          dimension="roughness"
          help="Where the drawing gives it so; taken as Ra × 1.11."
        />
        <CheckField
          path="geometry.flatFace"
          label="One flat face may lie open"
          help="Opens the simple one-piece die: that face sinks, and is machined or hidden."
        />
        {cored && (
          <SelectField
            path="cores.maker"
            label="Cores are made by"
            empty="a hand of their own"
            options={[
              ['hand', 'a hand of their own'],
              ['caster', 'whoever casts'],
              ['bought', 'bought'],
            ]}
            help="Made by the caster they limit the pours; bought they cost more and take days."
          />
        )}
      </FormGrid>
      <ToolAtHand />
    </Section>
  );
}

const countOf = (geometry: unknown, key: 'passages' | 'undercuts'): number =>
  Number((geometry as Record<string, unknown> | null)?.[key] ?? 0) || 0;

/** Which coats are asked for; none named is paint. */
function Coats() {
  const { control } = useBriefForm();
  const { rates } = useStudy('study').study;
  const { field } = useController({ name: 'needs.coating', control });
  const chosen = (Array.isArray(field.value) ? field.value : []) as CoatingId[];
  return (
    <Fieldset.Root id="field-needs.coating">
      <Fieldset.Legend>Which coats</Fieldset.Legend>
      <Text textStyle="label" color="fg.muted">
        None chosen is paint. Each costs a lot charge and a price by surface; the longest joins the pass of every lot.
      </Text>
      <Flex wrap="wrap" gap="3.5">
        {(Object.keys(rates.coatings) as CoatingId[]).map((id) => (
          <CheckBox
            key={id}
            checked={chosen.includes(id)}
            onChange={(on) => field.onChange(on ? [...chosen, id] : chosen.filter((c) => c !== id))}
          >
            {rates.coatings[id].name}
          </CheckBox>
        ))}
      </Flex>
    </Fieldset.Root>
  );
}

/** A tool that is there already, or another way to make it. */
function ToolAtHand() {
  const { control } = useBriefForm();
  const { rates } = useStudy('study').study;
  const state: unknown = useWatch({ name: 'tool.state', control });
  const optional: unknown = useWatch({ name: 'toolOption.variant', control });
  const there = typeof state === 'string' && state !== '';
  const options = Object.entries(rates.variants).filter(([, v]) => v.toolOptions !== undefined);
  const chosen = rates.variants[typeof optional === 'string' ? optional : '']?.toolOptions ?? {};
  return (
    <FormGrid mt="3.5">
      <SelectField
        path="tool.state"
        label="Tool at hand"
        empty="none: it is made"
        options={[
          ['owned', 'our own'],
          ['borrowed', 'borrowed'],
          ['shared', 'shared with other parts'],
        ]}
        help="A tool that is there is fitted up, not made: money and weeks fall away."
      />
      {there && (
        <>
          <SelectField path="tool.variant" label="It is for" empty="not said" options={TOOLED} />
          <NumberField path="tool.lifeLeft" label="Shots it has left" unit="shots" help="Empty: its whole life." />
          {state === 'shared' ? (
            <NumberField path="tool.share" label="Share this part pays" unit="of 1" help="Empty: its own inserts." />
          ) : (
            <NumberField path="tool.fitUp_USD" label="Fitting it up" unit="USD" help="Empty: a share of a new one." />
          )}
          <NumberField path="tool.storagePerYear_USD" label="Keeping it" unit="USD a year" />
        </>
      )}
      <SelectField
        path="toolOption.variant"
        label="Tool made another way, for"
        empty="as usual"
        options={options.map(([id]) => [id, laneWords(id).route] as const)}
        help="A soft die is quick and short-lived; a hardened one is the reverse."
      />
      {Object.keys(chosen).length > 0 && (
        <SelectField
          path="toolOption.id"
          label="That way"
          empty="not said"
          options={Object.entries(chosen).map(([id, o]) => [id, o.name] as const)}
        />
      )}
    </FormGrid>
  );
}
