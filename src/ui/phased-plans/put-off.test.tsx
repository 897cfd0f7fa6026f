import { ChakraProvider } from '@chakra-ui/react';
import type { ComponentProps } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, test } from 'vitest';
import { prepareStudy } from '@/core/study';
import { deliveriesOf, settledDeliveries } from '@/core/phased-plans';
import { bracket } from '@/core/testing/demo-briefs';
import { textOf } from '../testing/html-faults';
import { system } from '../theme/system';
import { PutOff } from './put-off';

const ORDER = '2027-01-04';
const shown = (deliveries: ComponentProps<typeof PutOff>['deliveries']): string =>
  renderToStaticMarkup(
    <ChakraProvider value={system}>
      <PutOff deliveries={deliveries} orderDate={ORDER} />
    </ChakraProvider>,
  );
const words = (perYear: number, q: number, firstDelivery: string): string => {
  const brief = bracket({
    alloy: 'ss-cf8m',
    quantity: { perYear, years: q / perYear, lot: 100, orderDate: ORDER, firstDelivery },
  });
  const study = prepareStudy(brief);
  const deliveries = settledDeliveries(study, q, deliveriesOf(study, q, ORDER));
  return textOf(shown(deliveries)).replaceAll('\u0001', '');
};

describe('days asked that no two routes meet', () => {
  test('are told with the day that was looked for instead', () => {
    expect(words(400, 800, '2027-01-11')).toMatch(
      /^No two routes together meet first lot \(100\) by 11 Jan 2027: possible by \d+ (Jan|Feb|Mar|Apr) 2027/,
    );
  });
  test('of which there are none, are not told', () => {
    expect(words(400, 800, '2028-01-10')).toBe('');
  });
  test('that no two reach at their pace are told as such, and no date is made up', () => {
    const never = { name: 'lot 9', pieces: 900_000, asked_d: 400, day_d: Infinity };
    const html = shown([never]);
    expect(textOf(html).replaceAll('\u0001', '')).toBe(
      'No two routes together meet lot 9 (900\u202f000) by 8 Feb 2028: too many for any two routes.',
    );
  });
});
