'use client';
import { DateField, NumberField } from '../fields/inputs';
import { RowOfFigures } from '../fields/row-of-figures';
import { FormGrid, Section } from '../kit';
import { LifeWords } from './life-words';

/** How many, for how long, and by when. */
export function QuantitySection() {
  return (
    <Section title="Quantity" under={<LifeWords />}>
      <FormGrid>
        <NumberField
          path="quantity.perYear"
          label="Pieces a year"
          unit="a year"
          help="With the years: the programme that pays for the tools."
        />
        <NumberField path="quantity.years" label="Years" unit="years" help="How long it will be made." />
        <NumberField path="quantity.lot" label="Lot size" unit="pieces an order" help="Every order pays a set-up." />
        <RowOfFigures
          path="quantity.demand"
          label="Demand a year: low, likely, high"
          help="Drawn as a band on the rail."
          names={['Low demand a year', 'Likely demand a year', 'High demand a year']}
          unit="a year"
        />
        <NumberField
          path="quantity.prototypes"
          label="Prototypes"
          unit="pieces"
          help="Needed before the first delivery."
        />
        <DateField path="quantity.prototypeDate" label="Prototypes by" />
        <DateField path="quantity.orderDate" label="Order placed" help="Dates count from here; empty means today." />
        <DateField path="quantity.firstDelivery" label="First delivery" help="Routes that would be late say so." />
      </FormGrid>
    </Section>
  );
}
