import { Document, Image, Page, Text, View, renderToBuffer } from '@react-pdf/renderer';
import { dateWords } from '@/core/base/day';
import { planExplanation } from '@/core/decision';
import { plain } from '@/core/explanation';
import { whole } from '@/core/base/numbers';
import type { RecordSheet } from '../sheet';
import { argumentLines, assumptions, simulationLines, headLines, quoteLines } from '../words';
import { BoardTable } from './board-table';
import { CalendarChart } from './calendar-chart';
import { Closing } from './closing';
import { CostChart } from './cost-chart';
import { Lines, Section } from './parts';
import { registerFonts, styles, text } from './style';
import { Workings } from './workings';

/** Paper that the record is laid out for. */
export type Paper = 'A4' | 'LETTER';

/** What else is printed: the picture of the part (PNG), and whose hands it still needs. */
export interface Printing {
  readonly paper: Paper;
  readonly still: Uint8Array | null;
}

/** The record as a PDF of two to four pages. */
export async function recordPdf(sheet: RecordSheet, printing: Printing): Promise<Uint8Array> {
  registerFonts();
  return new Uint8Array(await renderToBuffer(<RecordDocument sheet={sheet} printing={printing} />));
}

function RecordDocument({ sheet, printing }: { readonly sheet: RecordSheet; readonly printing: Printing }) {
  const { decision, study, currency, orderDate } = sheet;
  const { snapshot } = decision;
  const { evaluation, simulation, plan } = snapshot;
  const head = headLines(sheet);
  const of = new Map(argumentLines(sheet));
  const actions = decision.actions;
  return (
    <Document
      title={`Decision record: ${snapshot.brief.title}`}
      author={decision.signedBy}
      creator="Nine Pours"
      producer="Nine Pours"
    >
      <Page size={printing.paper} style={styles.page}>
        <Footer sheet={sheet} />
        <View style={[styles.between, styles.body]}>
          <View style={{ flex: 1, paddingRight: 16 }}>
            <Text style={styles.small}>Decision record</Text>
            <Text style={styles.title}>{text(snapshot.brief.title)}</Text>
            <Text style={styles.quiet}>{text(study.alloy?.name ?? '')}</Text>
            <Text style={styles.verdict}>{text(evaluation.verdict)}</Text>
          </View>
          {printing.still !== null && (
            <Image
              src={{ data: Buffer.from(printing.still), format: 'png' }}
              style={{ width: 132, height: 99, objectFit: 'contain' }}
            />
          )}
        </View>
        <View style={[{ marginTop: 8 }, styles.body]}>
          {head
            .filter(([name]) => name !== 'Decision' && name !== 'Verdict')
            .map(([name, words]) => (
              <View key={name} style={[styles.row, { marginBottom: 2 }]}>
                <Text style={[styles.quiet, { width: 68 }]}>{name}</Text>
                <Text style={[{ flex: 1 }, name === 'Chosen' || name === 'Why' ? styles.bold : {}]}>{text(words)}</Text>
              </View>
            ))}
        </View>
        <Section title="The figures that carry it" note="workings on a later page">
          <View style={{ flexDirection: 'row', flexWrap: 'wrap' }}>
            {(snapshot.figures ?? []).map((f) => (
              <View key={f.name} style={{ width: '33%', marginBottom: 4, paddingRight: 8 }}>
                <Text style={styles.small}>{f.name}</Text>
                <Text style={styles.bold}>{text(plain(f.explanation))}</Text>
              </View>
            ))}
          </View>
        </Section>
        {plan != null && (
          <Section title="Two-step plan">
            <Lines lines={planExplanation(plan, currency, orderDate).map(plain)} />
          </Section>
        )}
        <View style={styles.row}>
          <View style={{ flex: 1, paddingRight: 14 }}>
            <Section title="For it">
              <Lines lines={of.get('For it') ?? []} numbered />
            </Section>
          </View>
          <View style={{ flex: 1 }}>
            <Section title="Strongest reasons against it">
              <Lines lines={of.get('Against it') ?? ['No reason against it was found.']} numbered />
            </Section>
          </View>
        </View>
        {quoteLines(sheet).length > 0 && (
          <Section title="Quotes" note={`as of ${dateWords(snapshot.quotes?.asOf ?? decision.signedOn)}`}>
            <Lines lines={quoteLines(sheet)} />
          </Section>
        )}
        {simulation != null && (
          <Section title="Uncertainty">
            <Lines lines={simulationLines(sheet)} />
          </Section>
        )}
        {simulation != null && simulation.flips.length > 0 && (
          <Section title="What would change the choice" note="one input at a time, the others at their likely values">
            <Lines lines={simulation.flips} />
          </Section>
        )}
        {actions.length > 0 && (
          <Section title="Actions and owners">
            {actions.map((a) => (
              <View key={`${a.what} ${a.by}`} style={styles.cellRow} wrap={false}>
                <Text style={{ flex: 1 }}>{text(a.what)}</Text>
                <Text style={{ width: 110 }}>{a.owner === '' ? '........................' : text(a.owner)}</Text>
                <Text style={{ width: 66, textAlign: 'right' }}>{a.by === '' ? '' : text(dateWords(a.by))}</Text>
              </View>
            ))}
          </Section>
        )}
        <Section
          whole
          title="The board when it was signed"
          note={`at ${whole(decision.quantity)} pieces, rates “${snapshot.rates.name}”`}
        >
          <BoardTable evaluation={evaluation} chosen={decision.laneId} />
        </Section>
        <Section
          title="Cost against quantity"
          note={`total cost, ${currency} per part; both axes logarithmic; each route in its best variant`}
        >
          <CostChart study={study} q={decision.quantity} chosen={decision.laneId} />
        </Section>
        <Section
          title="From the order to the last part"
          note="open: to the first article; full: series production; dashed line: the first delivery asked"
        >
          <CalendarChart
            evaluation={evaluation}
            chosen={decision.laneId}
            orderDate={orderDate}
            due={snapshot.brief.quantity.firstDelivery}
          />
        </Section>
        <Section title="Assumptions">
          <Lines lines={assumptions(sheet)} />
        </Section>
        <Section
          onNewPage
          title="Workings of the key figures"
          note={
            sheet.sameCore
              ? 'each symbol with its value and where it comes from'
              : `calculated again by another version of the model than signed it (${decision.coreVersion})`
          }
        >
          <Workings sheet={sheet} />
        </Section>
        <Closing sheet={sheet} dissent={of.get('Dissent') ?? []} />
      </Page>
    </Document>
  );
}

function Footer({ sheet: { decision } }: { readonly sheet: RecordSheet }) {
  const seed = decision.snapshot.simulation == null ? '' : `, seed ${decision.snapshot.simulation.seed}`;
  const words = `${decision.snapshot.brief.title}, brief revision ${decision.revision}, core ${decision.coreVersion}${seed}, record ${decision.id.slice(0, 8)}`;
  return (
    <View style={styles.footer} fixed>
      <Text>{text(words)}</Text>
      <Text render={({ pageNumber, totalPages }) => `page ${pageNumber} of ${totalPages}`} />
    </View>
  );
}
