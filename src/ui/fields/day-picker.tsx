'use client';
import { Box, DatePicker, parseDate } from '@chakra-ui/react';
import { useEffect, useRef } from 'react';
import { FIRST_DATE, LAST_DATE } from '@/core/base/plain-date';

/** A month to pick a day from, under the field it is for. @param value ISO text, or empty */
export function DayPicker({
  label,
  value,
  onPick,
  onClose,
}: {
  readonly label: string;
  readonly value: string;
  readonly onPick: (iso: string) => void;
  readonly onClose: () => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key === 'Escape') onClose();
    };
    const onDown = (event: PointerEvent): void => {
      const { parentElement } = box.current ?? {};
      if (parentElement != null && !parentElement.contains(event.target as Node)) onClose();
    };
    window.addEventListener('keydown', onKey);
    window.addEventListener('pointerdown', onDown);
    return () => {
      window.removeEventListener('keydown', onKey);
      window.removeEventListener('pointerdown', onDown);
    };
  }, [onClose]);
  return (
    <Box
      ref={box}
      role="group"
      aria-label={label}
      position="absolute"
      insetEnd="0"
      top="100%"
      zIndex="popover"
      p="3"
      bg="bg"
      border="1px solid"
      borderColor="border.emphasized"
      boxShadow="0 8px 28px rgb(0 0 0 / 22%)"
    >
      <DatePicker.Root
        inline
        locale="en-GB"
        startOfWeek={1}
        min={parseDate(FIRST_DATE)}
        max={parseDate(LAST_DATE)}
        defaultValue={value === '' ? [] : [parseDate(value)]}
        onValueChange={(e) => {
          const day = e.value[0];
          if (day !== undefined) onPick(day.toString());
        }}
      >
        {(['day', 'month', 'year'] as const).map((view) => (
          <DatePicker.View key={view} view={view}>
            <DatePicker.Header />
            {view === 'day' ? (
              <DatePicker.DayTable />
            ) : view === 'month' ? (
              <DatePicker.MonthTable />
            ) : (
              <DatePicker.YearTable />
            )}
          </DatePicker.View>
        ))}
      </DatePicker.Root>
    </Box>
  );
}
