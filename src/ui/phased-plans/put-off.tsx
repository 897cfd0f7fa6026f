import { Text } from '@chakra-ui/react';
import type { PlanDue } from '@/core/phased-plans';
import { dateAfter, whole } from '../format';

/** Days asked that nobody can meet, and what was looked for instead. */
export function PutOff({
  deliveries,
  orderDate,
}: {
  readonly deliveries: readonly PlanDue[];
  readonly orderDate: string;
}) {
  const off = deliveries.filter((d) => d.day_d > d.asked_d);
  if (off.length === 0) return null;
  return (
    <Text textStyle="label" data-testid="put-off">
      No two routes together meet{' '}
      {off
        .slice(0, 3)
        .map(
          (d) =>
            `${d.name} (${whole(d.pieces)}) by ${dateAfter(orderDate, d.asked_d)}: ${d.day_d === Infinity ? 'too many for any two routes' : `possible by ${dateAfter(orderDate, d.day_d)}`}`,
        )
        .join('; ')}
      {off.length > 3 && ` and ${off.length - 3} more`}.
    </Text>
  );
}
