import { expect, test } from 'vitest';
import { totalCost } from '.';

const plan = { toolFirst: 100, perPart: 2, lotSetup: 10, lotSize: 50 };

test('nothing is bought for no pieces, and a part of none has no price', () => {
  expect(totalCost({ plan, q: 0 })).toEqual({ total: 0, perPart: null, tools: 0, lots: 0 });
});

test('one piece carries the tool and the lot', () => {
  expect(totalCost({ plan, q: 1 })).toEqual({ total: 112, perPart: 112, tools: 1, lots: 1 });
});
