import { Text, View } from '@react-pdf/renderer';
import { COMPARISON_COLUMNS, reasonOf, type ComparisonColumn, type Evaluation } from '@/core/comparison/board';
import { findLane, shortName } from '@/core/catalogue/routes';
import { STATUS_WORDS } from '@/core/screening';
import { fixed, perPart, whole } from '@/core/base/numbers';
import { MarkShape } from './parts';
import { HOT, styles, text } from './style';

const WIDTHS = { name: 132, money: 46, days: 40, verdict: 84 } as const;

const COLUMNS = COMPARISON_COLUMNS.filter((c) => c.onPaper !== null);
const widthOf = (c: ComparisonColumn): number => (c.kind === 'days' ? WIDTHS.days : WIDTHS.money);

/** A figure as paper has it: money of a part to the cent, other money whole, days in weeks. */
function shown(c: ComparisonColumn, value: string | number | null): string {
  if (typeof value !== 'number') return value ?? '';
  if (c.kind === 'days') return fixed(value / 7, 1);
  return c.id === 'allIn' ? perPart(value) : whole(value);
}

/** The nine routes by their best variant, and what may be had without a casting, as they stood when it was signed. */
export function BoardTable({ evaluation, chosen }: { readonly evaluation: Evaluation; readonly chosen: string }) {
  const best = new Map<string, Evaluation['lanes'][number]>();
  for (const lane of evaluation.lanes) {
    const route = lane.id.split('/')[0] ?? lane.id;
    const known = best.get(route);
    const open = (l: Evaluation['lanes'][number]): boolean => l.status !== 'blocked' && l.total !== null;
    if (known === undefined || lane.id === chosen) best.set(route, lane);
    else if (
      known.id !== chosen &&
      (open(lane) !== open(known) ? open(lane) : (lane.total ?? Infinity) < (known.total ?? Infinity))
    )
      best.set(route, lane);
  }
  const rows = [...best.values()].sort(
    (a, b) =>
      Number(a.status === 'blocked') - Number(b.status === 'blocked') || (a.allIn ?? Infinity) - (b.allIn ?? Infinity),
  );
  const money = evaluation.currency;
  return (
    <View style={{ fontSize: 7.8, lineHeight: 1.2 }}>
      <View style={[styles.cellRow, styles.small]}>
        <Text style={{ width: WIDTHS.name }}>Route, best variant</Text>
        {COLUMNS.map((c) => (
          <Num key={c.id} width={widthOf(c)} words={c.onPaper?.(money) ?? ''} />
        ))}
        <Text style={{ width: WIDTHS.verdict, marginLeft: 8 }}>Verdict</Text>
        <Text style={{ flex: 1 }}>Why</Text>
      </View>
      {rows.map((lane) => {
        const mine = lane.id === chosen;
        return (
          <View
            key={lane.id}
            style={[styles.cellRow, mine ? { ...styles.bold, borderBottomColor: HOT, borderBottomWidth: 1 } : {}]}
            wrap={false}
          >
            <Text style={{ width: WIDTHS.name }}>
              {text(findLane(lane.id) === undefined ? lane.name : shortName(lane.id))}
              {lane.foundry === undefined ? '' : text(`, ${lane.foundry}`)}
            </Text>
            {COLUMNS.map((c) => (
              <Num key={c.id} width={widthOf(c)} words={shown(c, c.value(lane, evaluation))} />
            ))}
            <View style={{ width: WIDTHS.verdict, marginLeft: 8, flexDirection: 'row' }}>
              <MarkShape status={lane.status} />
              <Text style={{ marginLeft: 3 }}>{STATUS_WORDS[lane.status].replace('needs a ', '')}</Text>
            </View>
            <Text style={[{ flex: 1 }, styles.small]}>{text(reasonOf(lane))}</Text>
          </View>
        );
      })}
    </View>
  );
}

function Num({ width, words }: { readonly width: number; readonly words: string }) {
  return <Text style={{ width, textAlign: 'right' }}>{text(words)}</Text>;
}
