import { Document, Page, Text, View, renderToBuffer } from '@react-pdf/renderer';
import { inUnitsOf, type UnitSystem } from '@/core/base/units';
import { dateWords } from '@/core/base/day';
import { significant, whole } from '@/core/base/numbers';
import { textInUnits } from '@/core/base/text-in-units';
import { WHO_DECIDES } from '@/core/catalogue/cautions';
import { laneWords } from '@/core/catalogue/routes';
import { placed, type PlacedDrawing } from '@/core/drawing';
import { METHOD_GROUPS, methodOf, type Method } from '@/core/method';
import { methodDrawings } from '@/core/method/drawings';
import type { PartOutline } from '@/core/part-file/outline';
import type { Study } from '@/core/study';
import { DrawingOnPaper } from './drawing';
import { Lines, Section } from './parts';
import { registerFonts, styles, text } from './style';

/** A method sheet on paper: of which lane, at how many pieces, in which units. */
export interface MethodPaper {
  readonly laneId: string;
  readonly q: number;
  readonly units: UnitSystem;
  readonly paper: 'A4' | 'LETTER';
  /** What of the part is drawn; null draws the block of its box. */
  readonly outline: PartOutline | null;
  /** ISO date. */
  readonly madeOn: string;
}

const DIGITS = 4;
const WIDE = 515;
const HIGH = 330;
const TITLES: Readonly<Record<(typeof METHOD_GROUPS)[number], string>> = {
  ...{ metal: 'Metal', layout: 'Layout', sizes: 'Sizes', feeding: 'Feeding', gating: 'Gating' },
  ...{ freezing: 'Freezing and time', forces: 'Forces', safety: 'Before the pour' },
};
const LEVELS = { refused: 'Refused', look: 'Look at', fits: '' } as const;

/** The method of a study on one lane as a PDF: what it says, both drawings with their names, every figure and every value that goes in. */
export async function methodPdf(study: Study, of: MethodPaper): Promise<Uint8Array> {
  registerFonts();
  const own = study.brief.overrides.method?.[of.laneId] ?? {};
  const method = methodOf(study, of.laneId, of.q, own);
  const { facts } = study;
  const gap = study.lanes.find((l) => l.lane.id === of.laneId)?.lane.capability.layout.gap_mm ?? 20;
  const say = (mm: number): string => shown(mm, 'mm', of.units);
  const drawings = methodDrawings(method, {
    ...{ outline: of.outline, undercuts: facts?.nU ?? 0, gap_mm: gap },
    box_mm: facts === null ? [1, 1, 1] : [facts.L, facts.W, facts.H],
  }).map((d) => placed(d, say));
  return new Uint8Array(await renderToBuffer(<MethodDocument {...{ study, method, drawings, of }} />));
}

const capital = (words: string): string => words.replace(/^./, (x) => x.toUpperCase());

const shown = (value: number, unit: string, units: UnitSystem): string => {
  const to = inUnitsOf(value, unit, units) ?? { value, unit };
  return `${significant(to.value, DIGITS)}${to.unit === '1' ? '' : ` ${to.unit}`}`;
};

function MethodDocument({
  study,
  method,
  drawings,
  of,
}: {
  readonly study: Study;
  readonly method: Method;
  readonly drawings: readonly PlacedDrawing[];
  readonly of: MethodPaper;
}) {
  const { route, variant } = laneWords(method.laneId);
  const { title } = study.brief;
  const loud = method.findings.filter((f) => f.level !== 'fits');
  const all = new Map([...method.givens, ...method.figures].map((x) => [x.id, x]));
  return (
    <Document title={`Method: ${title}`} creator="Nine Pours" producer="Nine Pours">
      <Page size={of.paper} style={styles.page}>
        <Text
          style={styles.footer}
          fixed
          render={({ pageNumber, totalPages }) => text(`Method, ${title} · page ${pageNumber} of ${totalPages}`)}
        />
        <View style={styles.body}>
          <Text style={styles.small}>Method sheet, {dateWords(of.madeOn)}</Text>
          <Text style={styles.title}>{text(title)}</Text>
          <Text style={styles.verdict}>
            {text(
              `${route}, ${variant}; ${study.alloy?.name ?? ''}; in the layout that costs least at ${whole(of.q)} pieces`,
            )}
          </Text>
        </View>
        <Section
          title={
            loud.some((f) => f.level === 'refused')
              ? 'Not to be poured so'
              : loud.length > 0
                ? 'To be looked at'
                : 'Nothing stands against it'
          }
        >
          <Lines lines={loud.map((f) => textInUnits(`${LEVELS[f.level]}: ${f.text} ${f.fix}`, of.units))} />
          <Text style={styles.small}>{text(WHO_DECIDES)}</Text>
        </Section>
        {drawings.map((d) => (
          <Section key={d.id} title={d.title} whole>
            <DrawingOnPaper drawing={d} wide={WIDE} high={HIGH} />
            <Lines
              lines={d.balloons.map(({ piece, number }) => {
                const p = d.pieces.find((x) => x.id === piece);
                const figures = (p?.figures ?? []).flatMap((id) => {
                  const x = all.get(id);
                  return x === undefined
                    ? []
                    : [`${'title' in x ? x.title : capital(x.meaning)} ${shown(x.value, x.unit, of.units)}`];
                });
                return `${number}  ${p?.name ?? ''}${figures.length === 0 ? '' : `: ${figures.join(', ')}`}`;
              })}
            />
          </Section>
        ))}
        {method.sizes.length > 0 && (
          <Section title="Sizes of the tool" note={`finished, raw casting, ${method.tool}`}>
            {method.sizes.map((s, i) => (
              <View key={i} style={styles.cellRow} wrap={false}>
                <Text style={{ width: 250, paddingRight: 6 }}>{text(s.name)}</Text>
                {[s.finished_mm, s.raw_mm, s.tool_mm].map((mm, k) => (
                  <Text key={k} style={[{ width: 80, textAlign: 'right' }, k === 2 ? styles.bold : {}]}>
                    {text(shown(mm, 'mm', of.units))}
                  </Text>
                ))}
              </View>
            ))}
          </Section>
        )}
        {METHOD_GROUPS.map((group) => {
          const rows = [
            ...method.figures
              .filter((f) => f.group === group && !/^size\d/.test(f.id))
              .map((f) => [f.title, shown(f.value, f.unit, of.units), f.working.equation] as const),
            ...method.givens
              .filter((g) => g.group === group && !/^size\d/.test(g.id))
              .map((g) => {
                const chosen = g.choices?.find(([value]) => value === g.value)?.[1];
                const from = g.from === 'own' ? 'typed for this study' : g.from;
                return [capital(g.meaning), chosen ?? shown(g.value, g.unit, of.units), from] as const;
              }),
          ];
          if (rows.length === 0) return null;
          return (
            <Section key={group} title={TITLES[group]}>
              {rows.map(([name, value, how], i) => (
                <View key={i} style={styles.cellRow} wrap={false}>
                  <Text style={{ width: 250, paddingRight: 6 }}>{text(name)}</Text>
                  <Text style={[styles.bold, { width: 90, textAlign: 'right', paddingRight: 10 }]}>{text(value)}</Text>
                  <Text style={[styles.small, { flex: 1 }]}>{text(how)}</Text>
                </View>
              ))}
            </Section>
          );
        })}
      </Page>
    </Document>
  );
}
