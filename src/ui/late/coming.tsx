'use client';
import { Box } from '@chakra-ui/react';
import { useEffect, useState } from 'react';

/** What takes less than this is not told, ms. */
const TOLD_MS = 300;

/** Says that a part of the screen is on its way, where that takes long enough to be noticed. */
export function Coming() {
  const [told, setTold] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setTold(true), TOLD_MS);
    return () => clearTimeout(timer);
  }, []);
  if (!told) return null;
  return (
    <Box
      role="status"
      position="fixed"
      insetStart="4"
      bottom="4"
      px="2"
      py="1"
      bg="bg"
      border="1px solid"
      borderColor="border.emphasized"
      textStyle="label"
      zIndex="overlay"
    >
      Loading …
    </Box>
  );
}
