import { Heading } from '@chakra-ui/react';
import Link from 'next/link';

export default function NotFound() {
  return (
    <div className="section">
      <Heading as="h1" size="lg">
        Nothing stands at this address
      </Heading>
      <p>
        The study may have been removed, or the address is mistyped. <Link href="/">To the list of parts</Link>.
      </p>
    </div>
  );
}
