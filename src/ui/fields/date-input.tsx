'use client';
import { Box, IconButton, Input } from '@chakra-ui/react';
import { CalendarDays } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useCallback, useEffect, useLayoutEffect, useRef, useState, type RefCallback } from 'react';
import { isPlainDate, readDate } from '@/core/base/plain-date';
import { plainDate } from '../format';

/** The month to pick a day from comes when it is asked for. */
const DayPicker = dynamic(() => import('./day-picker').then((m) => m.DayPicker), { ssr: false });

/** A date as it is written everywhere; what is none, as it was typed. */
const shown = (text: string): string => (isPlainDate(text) ? plainDate(text) : text);

/**
 * A date as it is shown everywhere, "4 Jan 2027": typed so, or as 2027-01-04 or 4.1.2027, or picked from a month. What
 * is typed is taken when the field is left, on Enter, and when the page goes; what is picked at once.
 */
export function DateInput({
  id,
  label,
  describedBy,
  bad = false,
  value,
  onTake,
  onTyping,
  inputRef,
}: {
  readonly id?: string;
  readonly label: string;
  readonly describedBy?: string | undefined;
  readonly bad?: boolean;
  /** ISO text, empty for none, or what was typed and is no date. */
  readonly value: string;
  /** Called with ISO text, with nothing for an emptied field, or with what was typed where that is no date. */
  readonly onTake: (value: string) => void;
  /** Called at each letter: what was said of the date before may go. */
  readonly onTyping?: () => void;
  readonly inputRef?: RefCallback<HTMLInputElement>;
}) {
  /** What stands in the field; null where it is the value. */
  const [typed, setTyped] = useState<string | null>(null);
  const [picking, setPicking] = useState(false);
  /** What was typed and not taken yet. */
  const waiting = useRef<string | null>(null);
  const taker = useRef(onTake);
  useLayoutEffect(() => {
    taker.current = onTake;
  }, [onTake]);
  const take = useCallback(() => {
    const text = waiting.current;
    if (text === null) return;
    waiting.current = null;
    setTyped(null);
    taker.current(readDate(text) ?? text.trim());
  }, []);
  useEffect(() => {
    window.addEventListener('pagehide', take);
    return () => window.removeEventListener('pagehide', take);
  }, [take]);
  // A view that is left takes along what stood in it.
  useLayoutEffect(() => take, [take]);
  return (
    <Box position="relative">
      <Input
        {...(id === undefined ? { 'aria-label': label } : { id })}
        aria-describedby={describedBy}
        aria-invalid={bad}
        autoComplete="off"
        placeholder="date"
        pe="7"
        value={typed ?? shown(value)}
        ref={inputRef}
        onChange={(event) => {
          waiting.current = event.target.value;
          setTyped(event.target.value);
          onTyping?.();
        }}
        onKeyDown={(event) => event.key === 'Enter' && take()}
        onBlur={take}
      />
      <IconButton
        position="absolute"
        insetEnd="0"
        top="0"
        size="xs"
        variant="ghost"
        aria-label={`${label}: pick a day`}
        aria-expanded={picking}
        onClick={() => setPicking((open) => !open)}
      >
        <CalendarDays size={15} />
      </IconButton>
      {picking && (
        <DayPicker
          label={label}
          value={isPlainDate(value) ? value : ''}
          onClose={() => setPicking(false)}
          onPick={(iso) => {
            waiting.current = null;
            setTyped(null);
            setPicking(false);
            onTake(iso);
          }}
        />
      )}
    </Box>
  );
}
