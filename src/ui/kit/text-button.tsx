'use client';
import { Button, type ButtonProps } from '@chakra-ui/react';

/** Words that act, without a box. */
export const TextButton = (props: ButtonProps) => <Button type="button" variant="plain" {...props} />;
