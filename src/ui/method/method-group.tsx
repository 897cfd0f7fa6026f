'use client';
import { Table } from '@chakra-ui/react';
import type { Method, MethodGroup } from '@/core/method';
import { inUnitsOf } from '@/core/base/units';
import { significant } from '../format';
import { FigureButton, Fold, Section, TwoColumns, Unit } from '../kit';
import { late } from '../late';
import { useUnits } from '../preferences';
import { Finding } from './finding';
import { GROUP_WORDS } from './method-words';

const GivenTable = late(() => import('./given-table').then((m) => m.GivenTable));

/** Digits that a figure of the sheet is shown with. */
const DIGITS = 4;

/** One group of the method: what it says, what comes out, and what goes in. */
export function MethodGroupSection({
  group,
  method,
  onFigure,
  onPut,
  children,
}: {
  readonly group: MethodGroup;
  readonly method: Method;
  readonly onFigure: (id: string) => void;
  readonly onPut: (id: string, value: number | null) => void;
  readonly children?: React.ReactNode;
}) {
  const figures = method.figures.filter((f) => f.group === group && !/^size\d/.test(f.id));
  const givens = method.givens.filter((g) => g.group === group && !/^size\d/.test(g.id));
  const findings = method.findings.filter((f) => f.group === group);
  if (figures.length + givens.length + findings.length === 0) return null;
  const [title, under] = GROUP_WORDS[group];
  return (
    <Section title={title} under={under} data-group={group}>
      {findings.map((f) => (
        <Finding key={f.id} finding={f} onFigure={onFigure} />
      ))}
      {children}
      <TwoColumns>
        {figures.length > 0 && <Figures {...{ figures, onFigure }} title={title} />}
        {givens.length > 0 && (
          <Fold
            summary={`${givens.length} ${givens.length === 1 ? 'value that goes' : 'values that go'} in`}
            defaultOpen={givens.some((g) => g.from === 'own')}
          >
            <GivenTable {...{ title, givens, onPut }} />
          </Fold>
        )}
      </TwoColumns>
    </Section>
  );
}

function Figures({
  figures,
  title,
  onFigure,
}: {
  readonly figures: Method['figures'];
  readonly title: string;
  readonly onFigure: (id: string) => void;
}) {
  const [units] = useUnits();
  return (
    <Table.ScrollArea tabIndex={0}>
      <Table.Root size="sm" aria-label={`${title}: figures`}>
        <Table.Body>
          {figures.map((f) => {
            const shown = inUnitsOf(f.value, f.unit, units) ?? { value: f.value, unit: f.unit };
            return (
              <Table.Row key={f.id} data-figure={f.id}>
                <Table.Cell whiteSpace="normal">{f.title}</Table.Cell>
                <Table.Cell className="num">
                  <FigureButton title={`${f.title}: open the working`} onClick={() => onFigure(f.id)}>
                    {significant(shown.value, DIGITS)}
                  </FigureButton>
                </Table.Cell>
                <Table.Cell>{shown.unit !== '1' && <Unit>{shown.unit}</Unit>}</Table.Cell>
              </Table.Row>
            );
          })}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}
