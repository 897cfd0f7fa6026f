import { Box, Heading, Text } from '@chakra-ui/react';
import { PageLink } from '@/ui/kit';

export default function NotFound() {
  return (
    <Box mt="6">
      <Heading as="h1" size="lg" mt="3">
        Page not found
      </Heading>
      <Text>
        The study may have been removed, or the address is wrong. <PageLink href="/">Back to the parts</PageLink>.
      </Text>
    </Box>
  );
}
