'use client';
import { Input } from '@chakra-ui/react';
import { useCallback, useEffect, useLayoutEffect, useRef, type RefCallback } from 'react';
import { FIRST_DATE, LAST_DATE } from '@/core/base/plain-date';

/** What stands for a date that was begun and not finished: no text of a date field ever reads so. */
export const HALF_DATE = 'half a date';

interface Props {
  readonly id?: string;
  readonly 'aria-label'?: string;
  readonly 'aria-describedby'?: string | undefined;
  readonly 'aria-invalid'?: boolean | undefined;
  /** ISO text, or empty for none; HALF_DATE leaves what stands in the field alone. */
  readonly value: string;
  /** Called when a date is whole: with ISO text, with nothing for an emptied field, or with HALF_DATE. */
  readonly onTake: (value: string) => void;
  readonly inputRef?: RefCallback<HTMLInputElement>;
}

/**
 * A date field that is taken when it is whole. A date typed digit by digit passes through others (the year 2 on the way
 * to 2027, January on the way to December); none of them is taken. What is typed is taken when the field is left, on
 * Enter, and when the page goes; what is picked from the calendar at once.
 */
export function PlainDateInput({ value, onTake, inputRef, ...rest }: Props) {
  const own = useRef<HTMLInputElement | null>(null);
  /** What stands in the field and was not taken yet; null where all was. */
  const waiting = useRef<string | null>(null);
  const typing = useRef(false);
  const taker = useRef(onTake);
  useLayoutEffect(() => {
    taker.current = onTake;
  }, [onTake]);
  const take = useCallback(() => {
    typing.current = false;
    if (waiting.current === null) return;
    const text = waiting.current;
    waiting.current = null;
    taker.current(text);
  }, []);
  useEffect(() => {
    window.addEventListener('pagehide', take);
    return () => window.removeEventListener('pagehide', take);
  }, [take]);
  // A view that is left takes along what stood in it.
  useLayoutEffect(() => take, [take]);
  useEffect(() => {
    const input = own.current;
    if (input !== null && waiting.current === null && value !== HALF_DATE && input.value !== value) input.value = value;
  }, [value]);
  const both = useCallback(
    (element: HTMLInputElement | null) => {
      own.current = element;
      inputRef?.(element);
    },
    [inputRef],
  );
  return (
    <Input
      {...rest}
      type="date"
      min={FIRST_DATE}
      max={LAST_DATE}
      defaultValue={value === HALF_DATE ? '' : value}
      ref={both}
      onKeyDown={(event) => {
        if (event.key === 'Enter') take();
        else if (event.key !== 'Tab' && event.key !== 'Shift') typing.current = true;
      }}
      onPointerDown={() => (typing.current = false)}
      onInput={(event) => {
        const { value: text, validity } = event.currentTarget;
        waiting.current = validity.badInput ? HALF_DATE : text;
        if (!typing.current) take();
      }}
      onBlur={(event) => {
        // A begun date in an empty field is no change of its value, so that no input event came.
        if (event.currentTarget.validity.badInput) waiting.current = HALF_DATE;
        take();
      }}
    />
  );
}
