'use client';
import { Table } from '@chakra-ui/react';
import type { Method } from '@/core/method';
import { inUnitsOf } from '@/core/base/units';
import { significant } from '../format';
import { FigureButton } from '../kit';
import { useUnits } from '../preferences';
import { GivenInput } from './given-input';

const DIGITS = 5;

/** Every toleranced dimension: finished, raw as cast, and of the tool. */
export function SizesTable({
  method,
  onFigure,
  onPut,
}: {
  readonly method: Method;
  readonly onFigure: (id: string) => void;
  readonly onPut: (id: string, value: number | null) => void;
}) {
  const [units] = useUnits();
  const mm = (value: number): string => significant(inUnitsOf(value, 'mm', units)?.value ?? value, DIGITS);
  const unit = inUnitsOf(1, 'mm', units)?.unit ?? 'mm';
  if (method.sizes.length === 0) return null;
  return (
    <Table.ScrollArea tabIndex={0}>
      <Table.Root size="sm" aria-label="Sizes of the tool">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Dimension</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Finished, {unit}</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Raw casting, {unit}</Table.ColumnHeader>
            <Table.ColumnHeader className="num">
              {method.tool.replace(/^./, (x) => x.toUpperCase())}, {unit}
            </Table.ColumnHeader>
            <Table.ColumnHeader>While it shrinks</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Tool as made</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {method.sizes.map((s) => (
            <Table.Row key={s.toolFigure}>
              <Table.Cell>{s.name}</Table.Cell>
              <Table.Cell className="num">{mm(s.finished_mm)}</Table.Cell>
              <Table.Cell className="num">
                {s.rawFigure === null ? (
                  'as cast'
                ) : (
                  <FigureButton onClick={() => onFigure(s.rawFigure ?? '')}>{mm(s.raw_mm)}</FigureButton>
                )}
              </Table.Cell>
              <Table.Cell className="num">
                <FigureButton onClick={() => onFigure(s.toolFigure)}>
                  <strong>{mm(s.tool_mm)}</strong>
                </FigureButton>
              </Table.Cell>
              {[s.held, s.made].map((id) => {
                const given = method.givens.find((g) => g.id === id);
                return (
                  <Table.Cell key={id} data-given={id}>
                    {given !== undefined && <GivenInput given={given} onPut={(value) => onPut(id, value)} />}
                  </Table.Cell>
                );
              })}
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}
