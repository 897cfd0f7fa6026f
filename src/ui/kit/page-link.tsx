'use client';
import { chakra } from '@chakra-ui/react';
import NextLink from 'next/link';
import { link } from '../theme/recipes/actions';

/** A way to another page of the product. */
export const PageLink = chakra(NextLink, link);

/** A way to something the server sends: a file, a sheet. */
export const FileLink = chakra('a', link);
