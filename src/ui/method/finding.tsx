'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import type { MethodFinding } from '@/core/method';
import { FigureButton } from '../kit';
import { useUnits } from '../preferences';
import { textInUnits } from '../text-in-units';
import { LEVEL_WORDS } from './method-words';

/** What a figure says, and what to do about it. */
export function Finding({
  finding,
  onFigure,
}: {
  readonly finding: MethodFinding;
  readonly onFigure: (id: string) => void;
}) {
  const [units] = useUnits();
  const { level, text, fix, figures, id } = finding;
  const [mark, word] = LEVEL_WORDS[level];
  const [first] = figures;
  return (
    <Box py="1" data-finding={id} data-level={level} color={level === 'refused' ? 'alarm' : 'fg'}>
      <Flex gap="2" alignItems="baseline">
        <Text as="span" fontWeight={level === 'fits' ? 'normal' : 'bold'} flex="none">
          {mark} {level === 'fits' ? '' : `${word}:`}
        </Text>
        {first === undefined ? (
          <span>{textInUnits(text, units)}</span>
        ) : (
          <FigureButton whiteSpace="normal" textAlign="start" title="Open the working" onClick={() => onFigure(first)}>
            {textInUnits(text, units)}
          </FigureButton>
        )}
      </Flex>
      {fix !== '' && (
        <Text textStyle="label" color="fg.muted">
          {textInUnits(fix, units)}
        </Text>
      )}
    </Box>
  );
}
