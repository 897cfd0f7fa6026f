import { increase, nth } from '@/core/base/lookup';
import { Text, View } from '@react-pdf/renderer';
import { sentence } from '@/core/simulation';
import { shortName } from '@/core/catalogue/routes';
import { significant, whole } from '@/core/base/numbers';
import type { Working } from '@/core/equations';
import { partsOf, type RecordSheet } from '../sheet';
import { HAIR, QUIET, styles, text } from './style';

/** The workings of the figures that carried the choice: equation, symbols, where each comes from. */
export function Workings({ sheet }: { readonly sheet: RecordSheet }) {
  const { workings, decision } = sheet;
  const carried = (decision.snapshot.figures ?? []).map((f) => ({
    name: f.name,
    working: workings.working(f.laneId, f.figure),
  }));
  // Of a plan, what its sums are made of: the programme of each step.
  const steps =
    decision.snapshot.plan == null
      ? []
      : partsOf(sheet).map((id) => {
          const { laneId, q } = workings.place(id);
          const name = `${sentence(shortName(id))}, ${whole(q)} on ${shortName(laneId)}`;
          return { name, working: workings.working(id, 'total') };
        });
  const list = [...carried, ...steps];
  return (
    <View style={{ flexDirection: 'row', justifyContent: 'space-between' }} wrap={false}>
      {twoColumns(list).map((column, i) => (
        <View key={i} style={{ width: '48.5%' }}>
          {column.map(({ name, working }) => (
            <OneWorking key={name} name={name} working={working} />
          ))}
        </View>
      ))}
    </View>
  );
}

interface Named {
  readonly name: string;
  readonly working: Working;
}

/** Letters of a line of a meaning, about. */
const LETTERS = 26;

/** Lines that a working takes, about. */
const linesOf = ({ working }: Named): number =>
  4 + working.symbols.reduce((sum, s) => sum + Math.ceil(s.meaning.length / LETTERS), 0);

/** Two columns about as long as each other: each working in turn goes to the shorter. */
function twoColumns(list: readonly Named[]): readonly (readonly Named[])[] {
  const columns: [Named[], Named[]] = [[], []];
  const lines = [0, 0];
  for (const named of list) {
    const to = nth(lines, 0) <= nth(lines, 1) ? 0 : 1;
    columns[to].push(named);
    increase(lines, to, linesOf(named));
  }
  return columns;
}

function OneWorking({ name, working }: { readonly name: string; readonly working: Working }) {
  return (
    <View style={{ marginBottom: 6 }} wrap={false}>
      <Text style={styles.bold}>{text(`${name}: ${significant(working.value, 6)} ${working.unit}`)}</Text>
      <Text style={styles.small}>{text(`${working.title}. ${working.equation}`)}</Text>
      <Text style={{ fontSize: 7.4, marginVertical: 1.5 }}>{text(working.expression)}</Text>
      {working.symbols.map((s) => (
        <View
          key={s.symbol}
          style={{
            flexDirection: 'row',
            borderBottomWidth: 0.3,
            borderBottomColor: HAIR,
            paddingVertical: 0.8,
            fontSize: 7,
          }}
        >
          <Text style={{ width: 44 }}>{text(s.symbol)}</Text>
          <Text style={{ flex: 1, color: QUIET }}>{text(s.meaning)}</Text>
          <Text style={{ width: 78, textAlign: 'right' }}>
            {text(`${significant(s.value, 6)} ${s.unit === '–' ? '' : s.unit}`)}
          </Text>
          <Text style={{ width: 48, textAlign: 'right', color: QUIET }}>
            {text(`${s.source}${s.basis === null ? '' : `, ${s.basis}`}`)}
          </Text>
        </View>
      ))}
    </View>
  );
}
