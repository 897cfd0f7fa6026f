'use client';
import { Box, Button, Heading, Text } from '@chakra-ui/react';

/** What failed, in plain words, and a way on. */
export default function ErrorPage({ error, reset }: { error: Error & { digest?: string }; reset: () => void }) {
  return (
    <Box mt="6" role="alert">
      <Heading as="h1" size="lg" mt="3">
        This view could not be shown
      </Heading>
      <Text>
        {error.digest === undefined
          ? 'Something in this page failed.'
          : 'The database or the server did not answer as it should.'}{' '}
        What you typed is kept in this browser.
      </Text>
      <Text textStyle="label" color="fg.muted">
        For whoever looks into it:{' '}
        {error.digest === undefined ? `${error.name}, ${error.message}` : `mark ${error.digest}`}
      </Text>
      <Button size="sm" onClick={reset} mt="3">
        Try again
      </Button>
    </Box>
  );
}
