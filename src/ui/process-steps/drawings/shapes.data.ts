/** A stroke, a thin stroke, or a filled shape of a drawing, on a field of 56 by 40. */
export interface Shape {
  readonly d: string;
  readonly as: 'line' | 'thin' | 'metal' | 'ink';
}

const line = (d: string): Shape => ({ d, as: 'line' });
const thin = (d: string): Shape => ({ d, as: 'thin' });
/** Metal, hot where it is poured. */
const metal = (d: string): Shape => ({ d, as: 'metal' });
const ink = (d: string): Shape => ({ d, as: 'ink' });

/** What is done in a step of making, each a section or a side view in one weight of stroke. */
export const DRAWINGS = {
  drawing: [line('M8 5H48V35H8Z'), thin('M14 24H30V12H14Z M14 28H30 M34 12H43 M34 16H43 M34 20H40 M34 29H43')],
  layout: [
    line('M6 8H50V32H6Z M6 20H16 M40 20H50'),
    metal('M16 17H40L36 26H20Z'),
    thin('M44 8V20 M44 20H40 M28 8V12'),
    ink('M26 12H30V17H26Z'),
  ],
  pattern: [line('M6 30H50 M14 30L17 14H39L42 30'), thin('M24 14V8H32V14 M10 34H46')],
  master: [line('M18 30V18L28 10L38 18V30Z'), thin('M12 34H44 M18 24H38 M44 12V30 M42 12H46 M42 30H46')],
  die: [
    line('M8 7H27V33H8Z M29 7H48V33H29Z'),
    thin('M18 13H27V27H18Z M29 13H38V27H29Z'),
    ink('M4 12H8V15H4Z M4 25H8V28H4Z M48 12H52V15H48Z M48 25H52V28H48Z'),
  ],
  wax: [line('M12 6H44V18H12Z M12 22H44V34H12Z'), ink('M18 18H38V22H18Z'), thin('M44 20H52 M4 20H12')],
  tree: [
    line('M26 4H30V34H26Z'),
    ink('M12 9H26V13H12Z M30 9H44V13H30Z M12 18H26V22H12Z M30 18H44V22H30Z M12 27H26V31H12Z M30 27H44V31H30Z'),
  ],
  shell: [
    line('M24 3H32V8H46V15H32V18H46V25H32V28H36V36H20V28H24V25H10V18H24V15H10V8H24Z'),
    thin('M27 3V32 M29 3V32 M14 11H27 M29 11H42 M14 21H27 M29 21H42'),
  ],
  flask: [
    line('M14 5H42V36H14Z'),
    ink('M26.5 5H29.5V30H26.5Z M19 10H26V13H19Z M30 10H37V13H30Z M19 18H26V21H19Z M30 18H37V21H30Z'),
    thin('M17 8V8.1 M39 15V15.1 M17 27V27.1 M37 31V31.1 M22 33V33.1'),
  ],
  oven: [
    line('M8 5H48V31H8Z M14 11H42V27H14Z'),
    thin('M18 36L20 32L22 36 M27 36L29 32L31 36 M36 36L38 32L40 36'),
    metal('M22 17H34V27H22Z'),
  ],
  sand: [
    line('M10 14H46L42 33H14Z'),
    thin('M28 5V22 M20 22H36 M24 6H32'),
    ink('M17 26h2v2h-2z M24 29h2v2h-2z M31 27h2v2h-2z M37 24h2v2h-2z M21 20h2v2h-2z'),
  ],
  ram: [
    line('M8 14V34H48V14 M8 34H48'),
    ink('M18 27H38L35 34H21Z'),
    thin('M28 2V14 M22 14H34V18H22Z'),
    thin('M13 22V22.1 M43 24V24.1 M14 29V29.1 M41 30V30.1'),
  ],
  core: [line('M8 26H48V34H8Z M8 26H18 M38 26H48'), ink('M18 19H38V26H18Z'), thin('M28 6V16 M24 12L28 16L32 12')],
  close: [
    line('M8 22H48V34H8Z M8 6H48V16H8Z'),
    thin('M16 22L19 28H37L40 22 M16 16L19 11H37L40 16 M4 8V20 M52 8V20 M2 17L4 20L6 17 M50 17L52 20L54 17'),
  ],
  brush: [line('M8 16V34H48V16'), thin('M8 16H18V28H38V16H48'), thin('M22 24L34 6 M34 6L38 9L27 25Z')],
  slurry: [line('M12 14H44V34H12Z'), thin('M12 20C18 17 22 23 28 20S38 17 44 20'), line('M28 3V26 M23 26H33')],
  disc: [
    line('M6 17H50V23H6Z'),
    ink('M12 19H22V21H12Z M34 19H44V21H34Z'),
    thin('M28 6V17 M28 23V34 M20 9C23 6 33 6 36 9 M34 6L36 9L32 10'),
  ],
  stock: [line('M6 12H44L50 18V30H12L6 24Z'), thin('M44 12V24H6 M44 24L50 30')],
  program: [
    line('M8 8H36V28H8Z M16 34H28 M22 28V34'),
    thin('M13 14H24 M13 18H30 M13 22H20 M42 12V30 M38 30H46 M40 12H44'),
  ],
  melt: [
    line('M16 10V26C16 31 20 34 28 34S40 31 40 26V10'),
    metal('M18 16H38V25C38 29 34 32 28 32S18 29 18 25Z'),
    thin('M20 3L22 8 M28 2V7 M36 3L34 8'),
  ],
  treat: [
    line('M14 12V26C14 31 19 34 28 34S42 31 42 26V12'),
    metal('M16 18H40V25C40 29 35 32 28 32S16 29 16 25Z'),
    line('M28 2V27 M24 27H32'),
    thin('M21 23V23.1 M35 22V22.1 M33 27V27.1 M22 28V28.1'),
  ],
  pour: [
    line('M6 20H22V24H34V20H50V36H6Z'),
    metal('M22 26H34L32 33H24Z M27 13H29V25H27Z'),
    thin('M18 12C18 7 20 4 24 4H42C42 9 38 12 30 12Z'),
  ],
  shot: [
    line('M26 5H38V35H26Z M38 5H50V35H38Z'),
    metal('M32 11H44V27H32Z M18 24H32V27H18Z'),
    line('M4 22H26 M4 29H26'),
    ink('M12 22H18V29H12Z M4 24H12V27H4Z'),
  ],
  spin: [
    line('M6 19H50V25H6Z'),
    metal('M27 6H29V21H40V23H16V21H27Z'),
    thin('M28 25V35 M16 11C20 7 24 6 26 6 M40 11C36 7 32 6 30 6 M14 8L16 11L19 9'),
  ],
  cool: [line('M8 12V34H34V12'), metal('M13 20H29V29H13Z'), thin('M44 7A8 8 0 1 1 43.9 7Z M44 10V15L48 17')],
  warm: [
    line('M12 6H27V34H12Z M29 6H44V34H29Z'),
    thin('M4 34C8 30 2 26 6 22S4 16 6 12 M52 34C48 30 54 26 50 22S52 16 50 12'),
    metal('M22 14H34V26H22Z'),
  ],
  eject: [
    line('M5 7H18V33H5Z M38 7H51V33H38Z'),
    ink('M23 14H33V26H23Z'),
    thin('M18 20H21 M35 20H38 M33 20H36 M24 5L28 2L32 5'),
  ],
  shake: [
    line('M8 30H48 M12 30V36 M44 30V36'),
    ink('M20 14H36L33 22H23Z'),
    thin('M14 26V26.1 M22 27V27.1 M30 26V26.1 M38 27V27.1 M43 24V24.1 M6 18L10 22L6 26 M50 18L46 22L50 26'),
  ],
  saw: [line('M28 20A12 12 0 1 1 27.9 20Z'), ink('M32 16H50V24H32Z'), thin('M16 26V26.1 M28 32H50')],
  grind: [line('M18 18A10 10 0 1 1 17.9 18Z'), ink('M28 24H50V32H28Z'), thin('M29 20L36 14 M30 17L34 11 M32 21L39 18')],
  blast: [
    line('M6 10L20 15V19L6 24Z'),
    thin('M22 17H22.1 M26 14H26.1 M27 20H27.1 M31 16H31.1 M33 22H33.1 M35 12H35.1'),
    ink('M40 10H50V32H40Z'),
  ],
  quench: [
    line('M10 14V35H46V14'),
    thin('M10 19C16 16 20 22 26 19S38 16 46 19'),
    metal('M22 21H34V30H22Z'),
    thin('M28 4V21'),
  ],
  straighten: [line('M20 3H36V12H20Z M8 34H48'), thin('M8 24C18 16 38 16 48 24 M28 12V17 M12 34V27 M44 34V27')],
  machine: [
    line('M6 22H50V35H6Z'),
    line('M22 4H34V14H22Z'),
    ink('M24 14H32V26H24Z'),
    thin('M38 14L44 10 M18 14L12 10'),
  ],
  drill: [
    line('M6 24H50V35H6Z'),
    ink('M26 8H30V31L28 34L26 31Z'),
    line('M22 3H34V8H22Z'),
    thin('M26 14L30 17 M26 19L30 22'),
  ],
  coat: [line('M6 10H18V26H6Z'), thin('M20 14L30 8 M20 18H32 M20 22L30 28 M12 10V5H20'), ink('M38 8H50V32H38Z')],
  leak: [
    line('M8 12V35H48V12'),
    thin('M8 17C16 14 20 20 28 17S40 14 48 17'),
    ink('M20 24H36V31H20Z'),
    thin('M24 14V14.1 M28 20V20.1 M31 13V13.1 M28 8V8.1'),
  ],
  gauge: [
    line('M6 10H50 M6 10V26 M34 10V26 M6 26H10L6 32 M34 26H30L34 32'),
    thin('M12 10V14 M18 10V13 M24 10V14 M30 10V13 M40 10V14 M46 10V13'),
    ink('M12 20H28V34H12Z'),
  ],
  inspect: [ink('M8 20H28V32H8Z'), line('M36 8A9 9 0 1 1 35.9 8Z M42 24L50 34')],
  pack: [line('M10 14L28 7L46 14V32L28 37L10 32Z'), thin('M10 14L28 20L46 14 M28 20V37 M19 10.5L37 17')],
} as const satisfies Readonly<Record<string, readonly Shape[]>>;

export type DrawingId = keyof typeof DRAWINGS;
