'use client';
import { Box, Button, Heading, Text } from '@chakra-ui/react';

/** What failed, in plain words, and a way on. */
export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <Box mt="6" role="alert">
      <Heading as="h1" size="lg" mt="3">
        This view could not be shown
      </Heading>
      <Text>The database or the server did not answer as it should. What you typed is kept in this browser.</Text>
      <Button size="sm" onClick={reset} mt="3">
        Try again
      </Button>
    </Box>
  );
}
