import { Document, Page, Text, View, renderToBuffer } from '@react-pdf/renderer';
import { dateWords } from '@/core/base/day';
import { fixed, significant, whole } from '@/core/base/numbers';
import { laneWords } from '@/core/catalogue/routes';
import type { QuoteRequest } from '@/core/comparison/quotes';
import { Lines, Section } from './parts';
import { registerFonts, styles, text } from './style';

/** A request for quotation as it is sent: to whom, for which routes, and until when. */
export interface RequestPaper {
  readonly number: number;
  readonly sentBy: string;
  /** ISO dates. */
  readonly sentOn: string;
  readonly answerBy: string | null;
  readonly to: readonly { readonly foundry: string; readonly laneId: string }[];
  readonly request: QuoteRequest;
  readonly paper: 'A4' | 'LETTER';
}

/** The request as a PDF: what is asked, the tolerances, what is left to the foundry, and the questions that decide. */
export async function requestPdf(of: RequestPaper): Promise<Uint8Array> {
  registerFonts();
  return new Uint8Array(await renderToBuffer(<RequestDocument of={of} />));
}

const routeOf = (laneId: string): string => {
  const { route, variant } = laneWords(laneId);
  return `${route}, ${variant}`;
};

function RequestDocument({ of }: { readonly of: RequestPaper }) {
  const { request: r, number, sentBy, sentOn, answerBy, to } = of;
  const head: readonly (readonly [string, string])[] = [
    ['From', sentBy],
    ['Sent', dateWords(sentOn)],
    ['Answer by', answerBy === null ? 'as soon as you can' : dateWords(answerBy)],
    ['To', to.map((t) => `${t.foundry} (${routeOf(t.laneId)})`).join('; ')],
    ['Alloy', r.alloy?.name ?? 'to be agreed'],
    [
      'Quantity',
      `${whole(r.asked.need)} good pieces${r.asked.perYear === null ? '' : `, ${whole(r.asked.perYear)} a year`}, in lots of ${whole(r.asked.lot)}`,
    ],
    ['First delivery', r.firstDelivery === null ? 'to be agreed' : dateWords(r.firstDelivery)],
    ['Size', r.box_mm === null ? 'see the part file' : `${r.box_mm.map((x) => significant(x, 4)).join(' × ')} mm`],
    ['Mass', r.mass_kg === null ? 'see the part file' : `${significant(r.mass_kg, 3)} kg, of the model`],
  ];
  return (
    <Document
      title={`Request for quotation ${number}: ${r.title}`}
      author={sentBy}
      creator="Nine Pours"
      producer="Nine Pours"
    >
      <Page size={of.paper} style={styles.page}>
        <Text
          style={styles.footer}
          fixed
          render={({ pageNumber, totalPages }) =>
            text(`Request for quotation ${number}, ${r.title} · page ${pageNumber} of ${totalPages}`)
          }
        />
        <View style={styles.body}>
          <Text style={styles.small}>Request for quotation {number}</Text>
          <Text style={styles.title}>{text(r.title)}</Text>
        </View>
        <View style={[{ marginTop: 8 }, styles.body]}>
          {head.map(([name, words]) => (
            <View key={name} style={[styles.row, { marginBottom: 2 }]}>
              <Text style={[styles.quiet, { width: 76 }]}>{name}</Text>
              <Text style={{ flex: 1 }}>{text(words)}</Text>
            </View>
          ))}
        </View>
        {r.features.length > 0 && (
          <Section title="Tolerances" note="total width; machined where it may be and you do not hold it as cast">
            <FeatureRow
              cells={['', 'Dimension', 'Nominal, mm', 'Width, mm', 'As cast or machined', 'Across the parting']}
              bold
            />
            {r.features.map((f) => (
              <FeatureRow
                key={f.id}
                cells={[
                  f.id,
                  `${f.name}${f.critical ? ' (critical)' : ''}`,
                  fixed(f.nominal_mm, 2),
                  fixed(f.tol_mm, 3),
                  f.mayMachine ? 'may be machined' : 'as cast',
                  f.acrossParting ? 'yes' : '',
                ]}
              />
            ))}
          </Section>
        )}
        {r.holes.length > 0 && (
          <Section title="Holes">
            <Lines
              lines={r.holes.map(
                (h) =>
                  `${h.count} of ${significant(h.dia_mm, 4)} mm, ${significant(h.depth_mm, 4)} mm deep${h.thread ? ', threaded' : ''}`,
              )}
            />
          </Section>
        )}
        <Section title="To be quoted line by line" note="in the price, left out, or extra with its price">
          <Lines lines={[...r.scope, 'packing and freight']} />
        </Section>
        <Section title="Left to you">
          <Lines lines={r.leftToFoundry} />
        </Section>
        <Section title="Questions that decide" note="please answer each">
          <Lines lines={r.questions} numbered />
        </Section>
        <Section title="How to answer">
          <Lines
            lines={[
              'Fill in the column “value” of the reply sheet beside this paper (workbook or CSV); the other columns stay as they are.',
              'Units stand beside each row and are fixed: prices are in your own currency, lengths in mm, masses in kg.',
              'Where you would not quote, say why in its row, and what you would offer instead.',
              'Quoting binds neither side. Safe working, local codes and licensed practice decide over anything that stands here.',
            ]}
          />
        </Section>
      </Page>
    </Document>
  );
}

const WIDTHS = [28, 190, 62, 56, 100, 70];

function FeatureRow({ cells, bold = false }: { readonly cells: readonly string[]; readonly bold?: boolean }) {
  return (
    <View style={styles.cellRow} wrap={false}>
      {cells.map((cell, i) => (
        <Text
          key={i}
          style={[
            { width: WIDTHS[i], paddingRight: 6 },
            bold ? styles.bold : {},
            i === 2 || i === 3 ? { textAlign: 'right' } : {},
          ]}
        >
          {text(cell)}
        </Text>
      ))}
    </View>
  );
}
