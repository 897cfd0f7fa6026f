'use client';
import { chakra } from '@chakra-ui/react';
import { figure } from '../theme/recipes/actions';

/** A figure, a name or a word that opens what stands behind it: its working, its reasons. */
export const FigureButton = chakra('button', figure, { defaultProps: { type: 'button' } });
