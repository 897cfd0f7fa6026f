'use client';
import { startTransition, useEffect, useState, type ReactNode } from 'react';
import { whenTouched } from './when-touched';

/** What only a hand or a key has use for: drawn in a free moment after the page was first touched. */
export function Touched({ children }: { readonly children: ReactNode }) {
  const [touched, setTouched] = useState(false);
  useEffect(() => whenTouched(() => startTransition(() => setTouched(true))), []);
  return touched ? children : null;
}
