'use client';
import { Box, Flex, Heading, Span, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** Head of a page that is no study: its name, what it is in a few words, ways from it, and a sentence. */
export function PageHead({
  title,
  under,
  ways,
  children,
}: {
  readonly title: ReactNode;
  readonly under?: ReactNode;
  readonly ways?: ReactNode;
  /** A sentence on what stands here. */
  readonly children?: ReactNode;
}) {
  return (
    <Box pt="3" pb="1">
      <Flex columnGap="3.5" rowGap="1" align="baseline" flexWrap="wrap">
        <Heading as="h1" size="lg">
          {title}
        </Heading>
        {under !== undefined && (
          <Span textStyle="label" color="fg.muted">
            {under}
          </Span>
        )}
        {ways !== undefined && (
          <Flex ms="auto" gap="4">
            {ways}
          </Flex>
        )}
      </Flex>
      {children !== undefined && (
        <Text textStyle="lead" maxW="60rem" mt="1">
          {children}
        </Text>
      )}
    </Box>
  );
}
