'use client';
import { FigureButton, PageLink, Unit } from '../kit';
import { Box, chakra, Table, Text } from '@chakra-ui/react';
import { expression } from '../theme/recipes/messages';
import { equationOf } from '@/core/reference/model-document';
import { inUnitsOf } from '@/core/base/units';
import { isFigure } from '@/core/study/workings';
import { type Working, type WorkingSymbol } from '@/core/equations';
import { significant } from '../format';
import { useUnits } from '../preferences';
import { BASIS_WORDS } from './basis-words';
import { pretty } from './pretty';
import { SOURCE_WORDS } from './source-words';

const Expression = chakra('div', expression);

/** Addresses of where values are kept. */
export interface WorkingLinks {
  readonly brief?: (path: string) => string;
  readonly rates?: (path: string) => string;
}

interface BodyProps {
  /** Opens the working of a symbol; a lane is named where it is another one's. */
  readonly onDeeper: (figure: string, laneId: string | null) => void;
  /** Whether a lane, or the working's own when null, is a baseline or the plan: those have few workings, all of which open. */
  readonly isBaseline: (laneId: string | null) => boolean;
  /** Where values of the brief and of the rate set are kept; nothing for what is of no study. */
  readonly links: WorkingLinks;
}

const STAY = (): void => undefined;
const NEVER = (): boolean => false;
const NO_LINKS: WorkingLinks = {};

/** Equation, symbols and note of a working. A figure of no lane opens nothing further. */
export function WorkingBody({
  w,
  onDeeper = STAY,
  isBaseline = NEVER,
  links = NO_LINKS,
}: Partial<BodyProps> & { readonly w: Working }) {
  return (
    <>
      <Text textStyle="label" color="fg.muted">
        <EquationLink w={w} />
      </Text>
      <Expression data-testid="expression">
        {pretty(w.expression)}
        <br />= <strong>{significant(w.value, 6)}</strong> {w.unit === '1' ? '' : w.unit}{' '}
        <InInches value={w.value} unit={w.unit} />
      </Expression>
      {w.note !== null && <Text my="2">{w.note}</Text>}
      <Table.ScrollArea>
        <Table.Root size="sm" mt="2.5">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Symbol</Table.ColumnHeader>
              <Table.ColumnHeader>Meaning</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Value</Table.ColumnHeader>
              <Table.ColumnHeader>Source</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {w.symbols.map((s) => (
              <Row key={s.symbol} s={s} onDeeper={onDeeper} isBaseline={isBaseline} links={links} />
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
    </>
  );
}

/** Name and number of an equation, leading to its place in the model's document where it has one. */
function EquationLink({ w }: { readonly w: Working }) {
  const anchor = equationOf(w);
  if (anchor === null) return w.equation;
  return (
    <PageLink href={`/model#${anchor}`} data-testid="equation">
      {w.equation}
    </PageLink>
  );
}

function Row({ s, onDeeper, isBaseline, links }: BodyProps & { readonly s: WorkingSymbol }) {
  /** The alloy that a value is of, where it has a page. */
  const alloy = s.path === null ? null : (/^(?:metals|alloys)\.([^.]+)/.exec(s.path)?.[1] ?? null);
  const opens = s.opens !== null && (isBaseline(s.opensLane) || isFigure(s.opens)) ? s.opens : null;
  return (
    <Table.Row>
      <Table.Cell textStyle="mono">{pretty(s.symbol)}</Table.Cell>
      <Table.Cell>
        {s.meaning}
        {s.note !== null && (
          <Box textStyle="label" color="fg.muted">
            {s.note}
          </Box>
        )}
      </Table.Cell>
      <Table.Cell className="num">
        {opens === null ? (
          significant(s.value, 6)
        ) : (
          <FigureButton onClick={() => onDeeper(opens, s.opensLane)}>{significant(s.value, 6)}</FigureButton>
        )}
        {s.unit !== '1' && <Unit>{s.unit}</Unit>}
        <InInches value={s.value} unit={s.unit} />
        {s.range !== null && (
          <Box textStyle="label" color="fg.muted">
            {significant(s.range[0], 3)}–{significant(s.range[1], 3)}
          </Box>
        )}
      </Table.Cell>
      <Table.Cell textStyle="label">
        {s.source === 'brief' && s.path !== null && links.brief !== undefined ? (
          <PageLink href={links.brief(s.path)}>brief</PageLink>
        ) : s.source === 'rate' && s.path !== null && links.rates !== undefined ? (
          <PageLink href={links.rates(s.path)}>rates</PageLink>
        ) : s.source === 'alloy' && alloy !== null ? null : (
          SOURCE_WORDS[s.source]
        )}
        {alloy !== null && (
          <>
            {s.source === 'alloy' ? '' : ', '}
            <PageLink href={`/alloys/${alloy}`}>alloy</PageLink>
          </>
        )}
        {s.basis !== null && <Box color="fg.muted">{BASIS_WORDS[s.basis]}</Box>}
        {s.path !== null && s.source !== 'brief' && (
          <Box color="fg.muted" textStyle="mono" overflowWrap="anywhere">
            {s.path}
          </Box>
        )}
      </Table.Cell>
    </Table.Row>
  );
}

/** A measure in inches and pounds beside the SI unit its equation is written in, where the screen is set to them. */
function InInches({ value, unit }: { readonly value: number; readonly unit: string }) {
  const [units] = useUnits();
  const shown = units === 'inch' ? inUnitsOf(value, unit, units) : null;
  return shown === null ? null : (
    <Box textStyle="label" color="fg.muted">
      {significant(shown.value, 5)} {shown.unit}
    </Box>
  );
}
