import { Text, View } from '@react-pdf/renderer';
import { cautionsFor, WHO_DECIDES } from '@/core/catalogue/cautions';
import { dateWords } from '@/core/base/day';
import { cautionsOf } from '@/core/part';
import type { RecordSheet } from '../sheet';
import { Lines, Section } from './parts';
import { styles, text } from './style';

/** What the record ends with, kept together so that no page holds the last few lines alone: cautions, dissent, signatures. */
export function Closing({ sheet, dissent }: { readonly sheet: RecordSheet; readonly dissent: readonly string[] }) {
  const { decision, study } = sheet;
  const { plan } = decision.snapshot;
  const routes = [
    ...new Set([plan?.first, decision.laneId].flatMap((id) => (id == null ? [] : [id.split('/')[0] ?? id]))),
  ];
  const cautions = [
    ...new Map(
      routes.flatMap((r) => cautionsFor(r, study.alloy, cautionsOf(study.brief, study.alloy))).map((c) => [c.id, c]),
    ).values(),
  ];
  return (
    <View wrap={false}>
      <Section title="Cautions that come with it">
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'space-between' }}>
          {cautions.map((c) => (
            <View key={c.id} style={{ width: '48.5%', marginBottom: 2.4, fontSize: 7.6 }} wrap={false}>
              <Text>
                <Text style={styles.bold}>{text(c.title)}</Text>{' '}
                <Text style={styles.quiet}>
                  {c.severity === 'life' ? '(can kill)' : c.severity === 'injury' ? '(injures)' : '(harms by dose)'}
                </Text>{' '}
                {text(c.precautions[0] ?? '')}
              </Text>
            </View>
          ))}
        </View>
        <Text style={[styles.small, { marginTop: 3 }]}>{text(WHO_DECIDES)}</Text>
      </Section>
      {dissent.length > 0 && (
        <Section title="Dissent">
          <Lines lines={dissent} />
        </Section>
      )}
      <View style={styles.row} wrap={false}>
        <Text style={styles.sign}>
          Signed: {text(decision.signedBy)}, {text(dateWords(decision.signedOn))}
        </Text>
        <Text style={styles.sign}>Foundry</Text>
        <Text style={[styles.sign, { marginRight: 0 }]}>Quality</Text>
      </View>
    </View>
  );
}
