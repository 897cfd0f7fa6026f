'use client';
import type { ComponentProps } from 'react';
import { late, Near } from '../late';
import type { CautionsList as List } from './cautions-list';

const CautionsList = late(() => import('./cautions-list').then((m) => m.CautionsList));

/** The cautions of routes and metal, where they stand below the first screen. */
export function Cautions(props: ComponentProps<typeof List>) {
  return (
    <Near height="16rem">
      <CautionsList {...props} />
    </Near>
  );
}
