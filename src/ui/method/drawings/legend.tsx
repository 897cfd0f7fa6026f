'use client';
import { Box, Flex, Table } from '@chakra-ui/react';
import { inUnitsOf } from '@/core/base/units';
import type { PlacedDrawing } from '@/core/drawing';
import type { Method } from '@/core/method';
import { significant } from '../../format';
import { FigureButton } from '../../kit';
import { useUnits } from '../../preferences';

const DIGITS = 4;

/** The names of a drawing by their numbers, each with the figures it is drawn from. */
export function Legend({
  drawing,
  method,
  onFigure,
}: {
  readonly drawing: PlacedDrawing;
  readonly method: Method;
  readonly onFigure: (id: string) => void;
}) {
  const [units] = useUnits();
  const all = new Map([...method.givens, ...method.figures].map((x) => [x.id, x]));
  const opens = new Set(method.figures.map((f) => f.id));
  return (
    <Table.ScrollArea tabIndex={0}>
      <Table.Root size="sm" aria-label={`${drawing.title}: names`}>
        <Table.Body>
          {drawing.balloons.map(({ piece, number }) => {
            const p = drawing.pieces.find((x) => x.id === piece);
            if (p === undefined) return null;
            const figures = p.figures.flatMap((id) => {
              const x = all.get(id);
              return x === undefined ? [] : [x];
            });
            return (
              <Table.Row key={piece} data-legend={piece}>
                <Table.Cell className="num" width="2rem">
                  {number}
                </Table.Cell>
                <Table.Cell whiteSpace="normal">{p.name}</Table.Cell>
                <Table.Cell whiteSpace="normal">
                  <Flex gap="3" flexWrap="wrap">
                    {figures.map((f) => {
                      const shown = inUnitsOf(f.value, f.unit, units) ?? { value: f.value, unit: f.unit };
                      const text = `${significant(shown.value, DIGITS)}${shown.unit === '1' ? '' : ` ${shown.unit}`}`;
                      const words = 'title' in f ? f.title : f.meaning.replace(/^./, (x) => x.toUpperCase());
                      return (
                        <Box key={f.id} as="span">
                          <Box as="span" textStyle="label" color="fg.muted">
                            {words}{' '}
                          </Box>
                          {opens.has(f.id) ? (
                            <FigureButton title={`${words}: open the working`} onClick={() => onFigure(f.id)}>
                              {text}
                            </FigureButton>
                          ) : (
                            text
                          )}
                        </Box>
                      );
                    })}
                  </Flex>
                </Table.Cell>
              </Table.Row>
            );
          })}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}
