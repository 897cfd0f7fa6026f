/** One stroke or, where `full`, one filled shape of an emblem, on a field of 24 by 24. */
export interface EmblemPath {
  readonly d: string;
  readonly full?: boolean;
}

const line = (d: string): EmblemPath => ({ d });
const full = (d: string): EmblemPath => ({ d, full: true });

/** A section through each route's mould, and of each way without a casting, in one weight of stroke. */
export const EMBLEMS: Readonly<Record<string, readonly EmblemPath[]>> = {
  // A flask of two boxes, parted at half height, sprue from above.
  'green-sand': [
    line('M2.5 4.5H21.5V19.5H2.5Z M2.5 12H7 M17 12H21.5'),
    full('M7 10H17L15.5 15H8.5Z'),
    line('M18.2 4.5V12'),
    full(
      'M4.6 7.1h1.3v1.3H4.6z M10.4 6.7h1.3V8h-1.3z M5 15.3h1.3v1.3H5z M18.2 15.6h1.3v1.3h-1.3z M12.4 17h1.3v1.3h-1.3z',
    ),
  ],
  // The block stands without a flask.
  'bonded-sand': [
    line('M4.5 3.5H19.5L21.5 5.5V18.5L19.5 20.5H4.5L2.5 18.5V5.5Z M2.5 12H7 M17 12H21.5'),
    full('M7 10H17L15.5 15H8.5Z'),
    line('M4 8L7.4 4.6 M4 20L8 16 M16 20L21 15 M15 8L19 4'),
  ],
  // Poured stone: a block with a smooth cavity, a pattern drawn out above it.
  plaster: [
    line('M2.5 10.5V20.5H21.5V10.5 M2.5 10.5H7.2 M16.8 10.5H21.5'),
    full('M7.2 10.5H16.8L15.2 16H8.8Z'),
    line('M7.2 7.5L8.8 2.8H15.2L16.8 7.5Z M12 2.8V1'),
  ],
  // A tree of waxes in a thin shell.
  'shell-investment': [
    line('M9.2 2.5H14.8V5.6H20.3V10.4H14.8V12.6H20.3V17.4H14.8V21.5H9.2V17.4H3.7V12.6H9.2V10.4H3.7V5.6H9.2Z'),
    full('M11 2.5H13V7.4H18.4V8.7H13V14.4H18.4V15.7H13V19.7H11V15.7H5.6V14.4H11V8.7H5.6V7.4H11Z'),
  ],
  // The tree stands in a flask filled with investment.
  'flask-investment': [
    line('M3.5 2.5H20.5V21.5H3.5Z'),
    full(
      'M10.6 2.5H13.4L12.8 5V8L17 6.2V9L12.8 10.8V13.2L17 11.4V14.2L12.8 16V18.5H11.2V16L7 14.2V11.4L11.2 13.2V10.8L7 9V6.2L11.2 8V5Z',
    ),
  ],
  // One open die, filled by the ladle.
  'gravity-die': [
    line('M2.5 10.5H6.5V17H17.5V10.5H21.5V21H2.5Z'),
    full('M6.5 12.5H17.5V17H6.5Z'),
    line('M13.5 8.5V6.5 M13.5 6.5C9.5 6.5 8.3 5 8 2.5H17.5C18 4.8 16.5 6.3 13.5 6.5Z'),
  ],
  // Two halves of metal, closed on an upright parting.
  'permanent-mould': [
    line('M12 2.5V7 M12 17.5V21.5 M3 5.5H12V21.5H3Z M21 5.5H12V21.5H21Z M1 10H3 M1 17H3 M21 10H23 M21 17H23'),
    full('M10.9 3H13.1V8.5H16.2L17 16.5H7L7.8 8.5H10.9Z'),
  ],
  // A closed die and the piston that fills it.
  'pressure-die': [
    line('M10.5 2.5H15.5V21.5H10.5Z M15.5 2.5H20.5V21.5H15.5Z'),
    full('M12.7 6.5H18.3V16.5H12.7Z'),
    line('M10.5 15H2 M10.5 19H2 M1 17H4.5'),
    full('M4.5 15H7V19H4.5Z M7 16.2H12.7V17.8H7Z'),
  ],
  // A disc of rubber that spins about its sprue.
  spin: [
    line('M2.5 10.5H21.5V14H2.5Z M2.5 14H21.5V17.5H2.5Z'),
    full('M11 4.5H13V13H18.5V15H5.5V13H11Z'),
    line('M12 17.5V21.5 M5 6.8C6 4.6 8 3.2 9.6 3 M19 6.8C18 4.6 16 3.2 14.4 3 M8.1 2L9.8 3L8.8 4.8'),
  ],
  // A block and the cutter in it.
  machined: [
    line('M2.5 20.5V9.5H9V15H15V9.5H21.5V20.5Z'),
    line('M9.8 2V8 M14.2 2V8 M9.8 2H14.2'),
    full('M9.8 5.5H14.2V14H9.8Z'),
  ],
  // A strip under the punch.
  stamped: [line('M8 2.5H16V9H8Z M2.5 14.5V21H8.5V16.5H15.5V21H21.5V14.5'), full('M2.5 11.2H21.5V12.8H2.5Z')],
  // Pieces joined.
  fabricated: [
    line('M2.5 14.5H21.5V19.5H2.5Z M9.5 3H14.5V14.5H9.5Z'),
    full('M9.5 10.5V14.5H5.5Z M14.5 10.5V14.5H18.5Z'),
  ],
  // One piece cast, the other cut, bolted.
  split: [line('M2.5 4H21.5V10H2.5Z M2.5 14H21.5V20H2.5Z'), full('M6.5 2.5H8.5V21.5H6.5Z M15.5 2.5H17.5V21.5H15.5Z')],
  // Two routes, one after the other.
  plan: [
    line('M2.5 6H10V18H2.5Z M14 6H21.5V18H14Z M10 12H14 M12.4 10.2L14.2 12L12.4 13.8'),
    full('M4.4 9.5H8.1V14.5H4.4Z M15.9 9.5H19.6V14.5H15.9Z'),
  ],
};
