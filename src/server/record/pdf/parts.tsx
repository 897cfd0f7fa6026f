import { Path, Svg, Text, View } from '@react-pdf/renderer';
import type { Status } from '@/core/screening';
import type { ReactNode } from 'react';
import { INK, styles, text } from './style';

/** A heading with what stands under it, kept together at its start. */
export function Section({
  title,
  note,
  onNewPage = false,
  whole = false,
  children,
}: {
  readonly title: string;
  readonly note?: string;
  readonly onNewPage?: boolean;
  /** Never parted between two pages. */
  readonly whole?: boolean;
  readonly children: ReactNode;
}) {
  return (
    <View break={onNewPage} wrap={!whole} style={styles.body}>
      <View style={styles.h2} minPresenceAhead={30} wrap={false}>
        <Text>
          {text(title)}{' '}
          {note === undefined ? '' : <Text style={[styles.small, { fontWeight: 400 }]}>{text(note)}</Text>}
        </Text>
      </View>
      {children}
    </View>
  );
}

/** Sentences one under the other. */
export function Lines({ lines, numbered = false }: { readonly lines: readonly string[]; readonly numbered?: boolean }) {
  return lines.map((line, i) => (
    <View key={`${i} ${line}`} style={[styles.row, styles.item]} wrap={false}>
      {numbered && <Text style={[styles.quiet, { width: 12 }]}>{i + 1}.</Text>}
      <Text style={{ flex: 1 }}>{text(line)}</Text>
    </View>
  ));
}

/** The mould section of a verdict, as on the screen. */
export function MarkShape({ status }: { readonly status: Status }) {
  const cavity = 'M4 4.5 H12 L10.6 12 H5.4 Z';
  return (
    <Svg width={9} height={9} viewBox="0 0 16 16">
      <Path
        d="M1.2 4.5 V14.8 H14.8 V4.5"
        fill="none"
        stroke={INK}
        strokeWidth={1.3}
        {...(status === 'not-known' ? { strokeDasharray: '1.4 1.8' } : {})}
      />
      {status === 'fits' && <Path d={cavity} fill={INK} />}
      {status === 'tight' && <Path d={cavity} fill="none" stroke={INK} strokeWidth={1.1} />}
      {status === 'tight' && <Path d="M4.7 8.2 H11.3 L10.6 12 H5.4 Z" fill={INK} />}
      {status === 'special' && <Path d={cavity} fill="none" stroke={INK} strokeWidth={1.1} />}
      {status === 'special' && (
        <Path d="M8 1 L9 3.2 L11.3 3.4 L9.6 5 L10.1 7.3 L8 6.1 L5.9 7.3 L6.4 5 L4.7 3.4 L7 3.2 Z" fill={INK} />
      )}
      {status === 'second-operation' && <Path d="M4 4.5 H8.6 L11.6 8 L10.6 12 H5.4 Z" fill={INK} />}
      {status === 'blocked' && <Path d="M4 4 L12 12.5 M12 4 L4 12.5" stroke={INK} strokeWidth={1.5} />}
    </Svg>
  );
}
