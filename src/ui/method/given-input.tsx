'use client';
import { Box, Input } from '@chakra-ui/react';
import { useState } from 'react';
import type { MethodGiven } from '@/core/method';
import { readOver, showIn, unitIn } from '../fields/numbers';
import { Choice, TextButton, Unit } from '../kit';
import { useUnits } from '../preferences';
import { FROM_WORDS } from './method-words';

/** A value that goes into the method: typed over here, kept once it is whole, with what is usual beside it. */
export function GivenInput({
  given,
  onPut,
}: {
  readonly given: MethodGiven;
  readonly onPut: (value: number | null) => void;
}) {
  const [units] = useUnits();
  const [typed, setTyped] = useState<string | null>(null);
  const [bad, setBad] = useState('');
  const unit = given.unit === '1' ? '' : unitIn(given.unit, units);
  const shown = (value: number): string => showIn(Number(value.toPrecision(6)), given.unit, units);
  const leave = (): void => {
    if (typed === null) return;
    const read = readOver(typed, given.value, given.unit, units);
    if (read === null) onPut(null);
    else if (typeof read === 'string') {
      setBad(`“${typed}”: a number${unit === '' ? '' : ` (${unit})`} is wanted.`);
      return;
    } else onPut(Number(read.toPrecision(9)));
    setBad('');
    setTyped(null);
  };
  const own = given.from === 'own';
  if (given.choices !== null) return <GivenChoice given={given} onPut={onPut} />;
  return (
    <>
      <Box display="flex" gap="2" alignItems="baseline" justifyContent="flex-end">
        <Input
          size="sm"
          width="6.5rem"
          textAlign="end"
          inputMode="decimal"
          autoComplete="off"
          aria-label={given.meaning}
          aria-invalid={bad !== '' || undefined}
          fontWeight={own ? 'bold' : 'normal'}
          value={typed ?? shown(given.value)}
          onChange={(e) => setTyped(e.target.value)}
          onBlur={leave}
          onKeyDown={(e) => e.key === 'Enter' && leave()}
        />
        <Box minW="4.5rem">{unit !== '' && <Unit>{unit}</Unit>}</Box>
      </Box>
      <Box textStyle="label" color={bad === '' ? 'fg.muted' : 'alarm'} role={bad === '' ? undefined : 'alert'}>
        {bad !== '' ? (
          bad
        ) : own ? (
          <>
            typed here, usual {shown(given.usual)}{' '}
            <TextButton size="sm" onClick={() => onPut(null)}>
              use the usual
            </TextButton>
          </>
        ) : (
          [
            FROM_WORDS[given.from],
            given.basis === null || given.basis === given.from ? '' : given.basis,
            given.range === null ? '' : `${shown(given.range[0])} to ${shown(given.range[1])}`,
          ]
            .filter(Boolean)
            .join(', ')
        )}
      </Box>
    </>
  );
}

/** A value that is one of a few. */
function GivenChoice({
  given,
  onPut,
}: {
  readonly given: MethodGiven;
  readonly onPut: (value: number | null) => void;
}) {
  const usual = given.choices?.find(([value]) => value === given.usual)?.[1] ?? '';
  return (
    <>
      <Choice
        size="sm"
        width="13rem"
        aria-label={given.meaning}
        options={(given.choices ?? []).map(([value, words]) => [String(value), words])}
        value={String(given.value)}
        onChange={(e) => onPut(Number(e.target.value) === given.usual ? null : Number(e.target.value))}
      />
      <Box textStyle="label" color="fg.muted">
        {given.from === 'own' ? `chosen here, usual: ${usual}` : FROM_WORDS[given.from]}
      </Box>
    </>
  );
}
