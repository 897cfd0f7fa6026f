'use client';
import { Button } from '@chakra-ui/react';

/** What failed, in plain words, and a way on. */
export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <div className="section" role="alert">
      <h1>This view could not be shown</h1>
      <p>The database or the server did not answer as it should. What you typed is kept in this browser.</p>
      <Button size="sm" onClick={reset} mt="3">
        Try again
      </Button>
    </div>
  );
}
