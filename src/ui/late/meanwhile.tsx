'use client';
import { createContext, type ReactNode } from 'react';
import { Coming } from './coming';

/** A word that something is on its way, where that takes long. */
export const COMING: ReactNode = <Coming />;

/** What is shown in the place of a part of a screen until it has come. */
export const Meanwhile = createContext<ReactNode>(COMING);
