import { Heading } from '@chakra-ui/react';
import type { Metadata } from 'next';
import { CalculatorView } from '@/ui/calculator/calculator-view';

export const metadata: Metadata = { title: 'Calculator' };

export default function Page() {
  return (
    <>
      <Heading as="h1" size="lg" mt="3">
        Calculator
      </Heading>
      <CalculatorView fill={null} />
    </>
  );
}
