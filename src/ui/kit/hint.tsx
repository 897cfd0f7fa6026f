'use client';
import { cloneElement, useId, useState, type ReactElement, type ReactNode } from 'react';
import { late } from '../late';

const HintText = late(() => import('./hint-text').then((m) => m.HintText));

/** What an element that is explained takes: it says by which text, and when pointer or focus rests on it. */
type Explained = Readonly<{
  'aria-describedby'?: string | undefined;
  onPointerEnter?: (e: { readonly currentTarget: HTMLElement }) => void;
  onPointerLeave?: () => void;
  onFocus?: (e: { readonly currentTarget: HTMLElement }) => void;
  onBlur?: () => void;
}>;

/**
 * A sentence that explains what the pointer or the focus rests on. Its child takes both; what shows the sentence is
 * fetched for the first one.
 */
export function Hint({ text, children }: { readonly text: ReactNode; readonly children: ReactElement<Explained> }) {
  const id = useId();
  const [at, setAt] = useState<HTMLElement | null>(null);
  const [open, setOpen] = useState(false);
  const show = ({ currentTarget }: { readonly currentTarget: HTMLElement }): void => {
    setAt(currentTarget);
    setOpen(true);
  };
  const hide = (): void => setOpen(false);
  return (
    <>
      {cloneElement(children, {
        'aria-describedby': open ? id : undefined,
        onPointerEnter: show,
        onPointerLeave: hide,
        onFocus: show,
        onBlur: hide,
      })}
      {at !== null && <HintText id={id} at={at} open={open} onOpen={setOpen} text={text} />}
    </>
  );
}
