'use client';
import { Button, Heading } from '@chakra-ui/react';

/** What failed, in plain words, and a way on. */
export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <div className="section" role="alert">
      <Heading as="h1" size="lg">
        This view could not be shown
      </Heading>
      <p>The database or the server did not answer as it should. What you typed is kept in this browser.</p>
      <Button size="sm" onClick={reset} mt="3">
        Try again
      </Button>
    </div>
  );
}
