import type { Quote, QuoteSetting, ScopeFill } from '@/core/quotes';

/** A quote of the demo world: of which part, as it was received, and what the study takes for work it leaves out. */
export interface DemoQuote {
  readonly part: string;
  readonly quote: Quote;
  readonly fills: readonly ScopeFill[];
}

/** The day, the currencies and the calendar that the demo quotes are compared by. */
export const DEMO_QUOTE_SETTING: QuoteSetting = {
  asOf: '2027-02-15',
  currency: 'USD',
  rates: {
    USD: {
      rate: 1,
      date: '2027-02-12',
    },
    EUR: {
      rate: 1.09,
      date: '2027-02-12',
    },
    GBP: {
      rate: 1.28,
      date: '2027-02-12',
    },
    CAD: {
      rate: 0.73,
      date: '2027-02-12',
    },
  },
  calendarPerWorkday: 1.4,
  workdaysPerWeek: 5,
  workdaysPerMonth: 21,
};

/** Suppliers that are not foundries, by the id they have in the quotes. */
export const DEMO_SUPPLIERS: Readonly<Record<string, string>> = { 's-s': 'Shop S – lathe bench' };

/** Quotes that the foundries of the demo world gave. Every figure is invented. */
export const DEMO_QUOTES: readonly DemoQuote[] = [
  {
    part: 'q-pier-foot',
    quote: {
      id: 'qt-01',
      foundryId: 'f-a',
      route: 'green-sand',
      variant: 'bench',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 20,
          price: 94,
        },
        {
          from: 40,
          price: 86.5,
        },
        {
          from: 80,
          price: 83,
        },
      ],
      minOrder: 20,
      lotCharge: 0,
      tooling: {
        mode: 'separate',
        first: 4600,
        replacement: 3700,
        ownedBy: 'buyer',
        life: {
          v: 10000,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'stress relief',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'primer',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 32,
          low: 24,
          high: 45,
          unit: 'calendar days',
        },
        lot: {
          v: 14,
          low: 10,
          high: 21,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'One per mould; core box for the duct in the price.',
    },
    fills: [],
  },
  {
    part: 'q-pier-foot',
    quote: {
      id: 'qt-02',
      foundryId: 'f-c',
      route: 'green-sand',
      variant: 'loose',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 5,
          price: 139,
        },
        {
          from: 20,
          price: 131,
        },
        {
          from: 40,
          price: 126,
        },
      ],
      minOrder: 5,
      lotCharge: 0,
      tooling: {
        mode: 'separate',
        first: 3300,
        replacement: 2600,
        ownedBy: 'buyer',
        life: {
          v: 110,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 27,
          low: 18,
          high: 40,
          unit: 'calendar days',
        },
        lot: {
          v: 21,
          low: 14,
          high: 30,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'Wooden pattern; reckon a new one after a hundred or so.',
    },
    fills: [],
  },
  {
    part: 'q-pier-foot',
    quote: {
      id: 'qt-03',
      foundryId: 'f-b',
      route: 'bonded-sand',
      variant: 'pattern',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 20,
          price: 118,
        },
        {
          from: 40,
          price: 112,
        },
        {
          from: 80,
          price: 109,
        },
      ],
      minOrder: 20,
      lotCharge: 40,
      tooling: {
        mode: 'separate',
        first: 5900,
        replacement: 4700,
        ownedBy: 'buyer',
        life: {
          v: 800,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 38,
          low: 28,
          high: 55,
          unit: 'calendar days',
        },
        lot: {
          v: 18,
          low: 12,
          high: 28,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [],
  },
  {
    part: 'q-fork-arm',
    quote: {
      id: 'qt-04',
      foundryId: 'f-d',
      route: 'bonded-sand',
      variant: 'pattern',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 5,
          price: 208,
        },
        {
          from: 10,
          price: 192,
        },
        {
          from: 20,
          price: 184,
        },
      ],
      minOrder: 5,
      lotCharge: 60,
      tooling: {
        mode: 'separate',
        first: 7400,
        replacement: 5900,
        ownedBy: 'buyer',
        life: {
          v: 700,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'T6',
          status: 'included',
        },
        {
          line: 'straightening',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'borescope of passages',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 42,
          low: 32,
          high: 60,
          unit: 'calendar days',
        },
        lot: {
          v: 20,
          low: 14,
          high: 30,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'Core windows plugged and sealed by us.',
    },
    fills: [],
  },
  {
    part: 'q-fork-arm',
    quote: {
      id: 'qt-05',
      foundryId: 'f-e',
      route: 'bonded-sand',
      variant: 'printed',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 1,
          price: 460,
        },
        {
          from: 3,
          price: 410,
        },
        {
          from: 10,
          price: 376,
        },
      ],
      minOrder: 1,
      lotCharge: 0,
      tooling: {
        mode: 'separate',
        first: 900,
        replacement: 0,
        ownedBy: 'buyer',
      },
      alloy: null,
      scope: [
        {
          line: 'printed mould',
          status: 'included',
        },
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'T6',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 14,
          low: 9,
          high: 21,
          unit: 'calendar days',
        },
        lot: {
          v: 13,
          low: 9,
          high: 20,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'Model on Monday, metal on the second Friday.',
    },
    fills: [],
  },
  {
    part: 'q-fork-arm',
    quote: {
      id: 'qt-06',
      foundryId: 'f-n',
      route: 'permanent-mould',
      variant: 'tilt',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 40,
          price: 139,
        },
      ],
      minOrder: 40,
      lotCharge: 280,
      tooling: {
        mode: 'separate',
        first: 58000,
        replacement: 40000,
        ownedBy: 'buyer',
        life: {
          v: 60000,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 110,
          low: 90,
          high: 150,
          unit: 'calendar days',
        },
        lot: {
          v: 20,
          low: 14,
          high: 28,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'Sand cores inside; least order forty.',
    },
    fills: [],
  },
  {
    part: 'q-filter-drawer',
    quote: {
      id: 'qt-07',
      foundryId: 'f-f',
      route: 'plaster',
      variant: 'resin',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 5,
          price: 66,
        },
        {
          from: 10,
          price: 56,
        },
        {
          from: 20,
          price: 49.5,
        },
        {
          from: 60,
          price: 46,
        },
      ],
      minOrder: 5,
      lotCharge: 40,
      tooling: {
        mode: 'separate',
        first: 3900,
        replacement: 2300,
        ownedBy: 'buyer',
        life: {
          v: 900,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 29,
          low: 20,
          high: 42,
          unit: 'calendar days',
        },
        lot: {
          v: 14,
          low: 9,
          high: 21,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'Skin as the sample sent.',
    },
    fills: [],
  },
  {
    part: 'q-filter-drawer',
    quote: {
      id: 'qt-08',
      foundryId: 'f-g',
      route: 'shell-investment',
      variant: 'wax-die',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 20,
          price: 74,
        },
        {
          from: 60,
          price: 69,
        },
      ],
      minOrder: 20,
      lotCharge: 50,
      tooling: {
        mode: 'separate',
        first: 7300,
        replacement: 4000,
        ownedBy: 'buyer',
        life: {
          v: 50000,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 48,
          low: 38,
          high: 66,
          unit: 'calendar days',
        },
        lot: {
          v: 22,
          low: 16,
          high: 32,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [],
  },
  {
    part: 'q-filter-drawer',
    quote: {
      id: 'qt-09',
      foundryId: 'f-h',
      route: 'pressure-die',
      variant: 'cold',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 240,
          price: 22,
        },
        {
          from: 1000,
          price: 11.5,
        },
      ],
      minOrder: 240,
      lotCharge: 380,
      tooling: {
        mode: 'separate',
        first: 44000,
        replacement: 30000,
        ownedBy: 'buyer',
        life: {
          v: 110000,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 93,
          low: 75,
          high: 130,
          unit: 'calendar days',
        },
        lot: {
          v: 16,
          low: 12,
          high: 25,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'We will run it, but you will still be paying for the tool when the camera is obsolete.',
    },
    fills: [],
  },
  {
    part: 'q-hinge-lug',
    quote: {
      id: 'qt-10',
      foundryId: 'f-g',
      route: 'shell-investment',
      variant: 'wax-die',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 50,
          price: 19.9,
        },
        {
          from: 150,
          price: 17.2,
        },
        {
          from: 450,
          price: 16.1,
        },
      ],
      minOrder: 50,
      lotCharge: 0,
      tooling: {
        mode: 'separate',
        first: 5600,
        replacement: 3200,
        ownedBy: 'buyer',
        life: {
          v: 100000,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'solution anneal',
          status: 'included',
        },
        {
          line: 'passivation',
          status: 'included',
        },
        {
          line: 'reaming of pin holes',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 46,
          low: 36,
          high: 64,
          unit: 'calendar days',
        },
        lot: {
          v: 22,
          low: 16,
          high: 32,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'Two-cavity aluminium die.',
    },
    fills: [],
  },
  {
    part: 'q-hinge-lug',
    quote: {
      id: 'qt-11',
      foundryId: 'f-j',
      route: 'shell-investment',
      variant: 'wax-die',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 50,
          price: 20.6,
        },
        {
          from: 150,
          price: 18.4,
        },
        {
          from: 450,
          price: 17.6,
        },
      ],
      minOrder: 50,
      lotCharge: 45,
      tooling: {
        mode: 'separate',
        first: 4300,
        replacement: 3900,
        ownedBy: 'buyer',
        life: {
          v: 6000,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 35,
          low: 26,
          high: 50,
          unit: 'calendar days',
        },
        lot: {
          v: 26,
          low: 18,
          high: 38,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'One-cavity soft die.',
    },
    fills: [],
  },
  {
    part: 'q-hinge-lug',
    quote: {
      id: 'qt-12',
      foundryId: 's-s',
      route: 'machined',
      variant: 'machined',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 50,
          price: 52,
        },
        {
          from: 150,
          price: 46,
        },
        {
          from: 450,
          price: 43.5,
        },
      ],
      minOrder: 50,
      lotCharge: 0,
      tooling: {
        mode: 'separate',
        first: 900,
        replacement: 0,
        ownedBy: 'buyer',
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 15,
          low: 9,
          high: 24,
          unit: 'calendar days',
        },
        lot: {
          v: 18,
          low: 12,
          high: 26,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [],
  },
  {
    part: 'q-hinge-lug',
    quote: {
      id: 'qt-13',
      foundryId: 'f-m',
      route: 'gravity-die',
      variant: 'hand',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 150,
          price: 0,
        },
      ],
      minOrder: 150,
      lotCharge: 0,
      tooling: {
        mode: 'separate',
        first: 0,
        replacement: 0,
        ownedBy: 'buyer',
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 0,
          low: 0,
          high: 0,
          unit: 'calendar days',
        },
        lot: {
          v: 0,
          low: 0,
          high: 0,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: {
        reason: 'Cannot pour stainless into a metal die; asked for Al-Si7-Mg instead.',
        counter: null,
      },
      maxPieces: null,
      remarks: '',
    },
    fills: [],
  },
  {
    part: 'q-gimbal-ring',
    quote: {
      id: 'qt-14',
      foundryId: 'f-k',
      route: 'flask-investment',
      variant: 'rubber-mould',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 10,
          price: 27.5,
        },
        {
          from: 30,
          price: 24,
        },
        {
          from: 60,
          price: 22.8,
        },
      ],
      minOrder: 10,
      lotCharge: 0,
      tooling: {
        mode: 'separate',
        first: 1250,
        replacement: 420,
        ownedBy: 'buyer',
        life: {
          v: 380,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'tumbling',
          status: 'included',
        },
        {
          line: 'reaming',
          status: 'included',
        },
        {
          line: 'polish on figures',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 20,
          low: 12,
          high: 30,
          unit: 'calendar days',
        },
        lot: {
          v: 12,
          low: 8,
          high: 18,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'Rubber is recut from the master when the figures soften.',
    },
    fills: [],
  },
  {
    part: 'q-gimbal-ring',
    quote: {
      id: 'qt-15',
      foundryId: 'f-g',
      route: 'shell-investment',
      variant: 'wax-die',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 30,
          price: 29,
        },
        {
          from: 100,
          price: 26.5,
        },
      ],
      minOrder: 30,
      lotCharge: 50,
      tooling: {
        mode: 'separate',
        first: 5500,
        replacement: 3200,
        ownedBy: 'buyer',
        life: {
          v: 50000,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 45,
          low: 35,
          high: 62,
          unit: 'calendar days',
        },
        lot: {
          v: 22,
          low: 16,
          high: 32,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'Figures under 0.5 mm at your risk.',
    },
    fills: [],
  },
  {
    part: 'q-gimbal-ring',
    quote: {
      id: 'qt-16',
      foundryId: 's-s',
      route: 'machined',
      variant: 'machined',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 10,
          price: 49,
        },
        {
          from: 30,
          price: 46,
        },
      ],
      minOrder: 10,
      lotCharge: 0,
      tooling: {
        mode: 'separate',
        first: 400,
        replacement: 0,
        ownedBy: 'buyer',
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 14,
          low: 8,
          high: 22,
          unit: 'calendar days',
        },
        lot: {
          v: 15,
          low: 10,
          high: 22,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'Engraved, so the figures are cut in, not raised.',
    },
    fills: [],
  },
  {
    part: 'q-tripod-hub',
    quote: {
      id: 'qt-17',
      foundryId: 'f-m',
      route: 'gravity-die',
      variant: 'hand',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 80,
          price: 22.4,
        },
        {
          from: 160,
          price: 19.8,
        },
        {
          from: 320,
          price: 19.2,
        },
      ],
      minOrder: 80,
      lotCharge: 185,
      tooling: {
        mode: 'separate',
        first: 6400,
        replacement: 4500,
        ownedBy: 'buyer',
        life: {
          v: 12000,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'T6',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 34,
          low: 24,
          high: 50,
          unit: 'calendar days',
        },
        lot: {
          v: 13,
          low: 9,
          high: 20,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'Two cavities.',
    },
    fills: [],
  },
  {
    part: 'q-tripod-hub',
    quote: {
      id: 'qt-18',
      foundryId: 'f-a',
      route: 'green-sand',
      variant: 'bench',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 80,
          price: 33,
        },
        {
          from: 160,
          price: 31.4,
        },
        {
          from: 320,
          price: 30.2,
        },
      ],
      minOrder: 80,
      lotCharge: 60,
      tooling: {
        mode: 'separate',
        first: 1900,
        replacement: 1500,
        ownedBy: 'buyer',
        life: {
          v: 10000,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 30,
          low: 20,
          high: 44,
          unit: 'calendar days',
        },
        lot: {
          v: 14,
          low: 10,
          high: 22,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'As today; across lugs and height to be machined as well.',
    },
    fills: [],
  },
  {
    part: 'q-tripod-hub',
    quote: {
      id: 'qt-19',
      foundryId: 'f-n',
      route: 'permanent-mould',
      variant: 'tilt',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 160,
          price: 20.6,
        },
        {
          from: 320,
          price: 19.6,
        },
      ],
      minOrder: 160,
      lotCharge: 260,
      tooling: {
        mode: 'separate',
        first: 21000,
        replacement: 15000,
        ownedBy: 'buyer',
        life: {
          v: 80000,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 60,
          low: 48,
          high: 85,
          unit: 'calendar days',
        },
        lot: {
          v: 14,
          low: 10,
          high: 20,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [],
  },
  {
    part: 'q-gear-head',
    quote: {
      id: 'qt-20',
      foundryId: 'f-n',
      route: 'permanent-mould',
      variant: 'tilt',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 150,
          price: 27.2,
        },
        {
          from: 300,
          price: 24.9,
        },
        {
          from: 900,
          price: 24.1,
        },
      ],
      minOrder: 150,
      lotCharge: 160,
      tooling: {
        mode: 'separate',
        first: 33500,
        replacement: 23000,
        ownedBy: 'buyer',
        life: {
          v: 80000,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'T6',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'leak test of every part',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 84,
          low: 66,
          high: 118,
          unit: 'calendar days',
        },
        lot: {
          v: 14,
          low: 10,
          high: 20,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'Two cavities, leak rate logged by serial.',
    },
    fills: [],
  },
  {
    part: 'q-gear-head',
    quote: {
      id: 'qt-21',
      foundryId: 'f-w',
      route: 'permanent-mould',
      variant: 'low-pressure',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 150,
          price: 28,
        },
        {
          from: 300,
          price: 25.6,
        },
        {
          from: 900,
          price: 24.6,
        },
      ],
      minOrder: 150,
      lotCharge: 160,
      tooling: {
        mode: 'separate',
        first: 38500,
        replacement: 26000,
        ownedBy: 'buyer',
        life: {
          v: 80000,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 89,
          low: 70,
          high: 125,
          unit: 'calendar days',
        },
        lot: {
          v: 14,
          low: 10,
          high: 20,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [],
  },
  {
    part: 'q-gear-head',
    quote: {
      id: 'qt-22',
      foundryId: 'f-m',
      route: 'gravity-die',
      variant: 'hand',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 150,
          price: 30.4,
        },
        {
          from: 300,
          price: 29.2,
        },
        {
          from: 900,
          price: 28.6,
        },
      ],
      minOrder: 150,
      lotCharge: 185,
      tooling: {
        mode: 'separate',
        first: 9200,
        replacement: 8000,
        ownedBy: 'buyer',
        life: {
          v: 13500,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
        {
          line: 'leak test',
          status: 'excluded',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 38,
          low: 26,
          high: 55,
          unit: 'calendar days',
        },
        lot: {
          v: 17,
          low: 12,
          high: 25,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'Leak test at your house.',
    },
    fills: [],
  },
  {
    part: 'q-gear-head',
    quote: {
      id: 'qt-23',
      foundryId: 'f-d',
      route: 'bonded-sand',
      variant: 'pattern',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 20,
          price: 64,
        },
        {
          from: 50,
          price: 59,
        },
        {
          from: 100,
          price: 56.5,
        },
      ],
      minOrder: 20,
      lotCharge: 0,
      tooling: {
        mode: 'separate',
        first: 3600,
        replacement: 2900,
        ownedBy: 'buyer',
        life: {
          v: 700,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 33,
          low: 24,
          high: 48,
          unit: 'calendar days',
        },
        lot: {
          v: 17,
          low: 12,
          high: 26,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: 1200,
      remarks:
        'Bridge only, to twelve hundred; two as-cast sizes machined because sand will not hold them; leak scrap is ours.',
    },
    fills: [],
  },
  {
    part: 'q-handset-shell',
    quote: {
      id: 'qt-24',
      foundryId: 'f-h',
      route: 'pressure-die',
      variant: 'cold',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 1000,
          price: 3.4,
        },
        {
          from: 3500,
          price: 2.55,
        },
        {
          from: 7000,
          price: 2.38,
        },
      ],
      minOrder: 1000,
      lotCharge: 380,
      tooling: {
        mode: 'separate',
        first: 48500,
        replacement: 34000,
        ownedBy: 'buyer',
        life: {
          v: 240000,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'trim',
          status: 'included',
        },
        {
          line: 'tumble',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 93,
          low: 75,
          high: 130,
          unit: 'calendar days',
        },
        lot: {
          v: 12,
          low: 8,
          high: 18,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'Two cavities.',
    },
    fills: [],
  },
  {
    part: 'q-handset-shell',
    quote: {
      id: 'qt-25',
      foundryId: 'f-t',
      route: 'pressure-die',
      variant: 'cold',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 1000,
          price: 3.7,
        },
        {
          from: 3500,
          price: 2.92,
        },
        {
          from: 7000,
          price: 2.8,
        },
      ],
      minOrder: 1000,
      lotCharge: 350,
      tooling: {
        mode: 'separate',
        first: 36000,
        replacement: 26000,
        ownedBy: 'buyer',
        life: {
          v: 120000,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'trim',
          status: 'included',
        },
        {
          line: 'tumble',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 84,
          low: 68,
          high: 120,
          unit: 'calendar days',
        },
        lot: {
          v: 13,
          low: 9,
          high: 20,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'One cavity.',
    },
    fills: [],
  },
  {
    part: 'q-handset-shell',
    quote: {
      id: 'qt-26',
      foundryId: 'f-f',
      route: 'plaster',
      variant: 'resin',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 20,
          price: 31,
        },
        {
          from: 100,
          price: 24.5,
        },
      ],
      minOrder: 20,
      lotCharge: 40,
      tooling: {
        mode: 'separate',
        first: 4400,
        replacement: 2600,
        ownedBy: 'buyer',
        life: {
          v: 900,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 27,
          low: 18,
          high: 40,
          unit: 'calendar days',
        },
        lot: {
          v: 14,
          low: 9,
          high: 21,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: 1500,
      remarks: 'For the launch, until the die is ready.',
    },
    fills: [],
  },
  {
    part: 'q-scale-knob',
    quote: {
      id: 'qt-27',
      foundryId: 'f-p',
      route: 'spin',
      variant: 'silicone-rubber',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 50,
          price: 5.6,
        },
        {
          from: 100,
          price: 4.9,
        },
        {
          from: 175,
          price: 4.4,
        },
        {
          from: 700,
          price: 4.1,
        },
      ],
      minOrder: 50,
      lotCharge: 25,
      tooling: {
        mode: 'separate',
        first: 1450,
        replacement: 110,
        ownedBy: 'buyer',
        life: {
          v: 1400,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'tumbling',
          status: 'included',
        },
        {
          line: 'reaming',
          status: 'included',
        },
        {
          line: 'tapping',
          status: 'included',
        },
        {
          line: 'plating',
          status: 'excluded',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 9,
          low: 5,
          high: 15,
          unit: 'calendar days',
        },
        lot: {
          v: 7,
          low: 4,
          high: 12,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'Four variants share discs. plating, 0.55 each from the plater next door.',
    },
    fills: [],
  },
  {
    part: 'q-scale-knob',
    quote: {
      id: 'qt-28',
      foundryId: 'f-u',
      route: 'pressure-die',
      variant: 'hot',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 175,
          price: 5.6,
        },
        {
          from: 700,
          price: 4.3,
        },
        {
          from: 5000,
          price: 1.1,
        },
      ],
      minOrder: 175,
      lotCharge: 120,
      tooling: {
        mode: 'separate',
        first: 18500,
        replacement: 12000,
        ownedBy: 'buyer',
        life: {
          v: 450000,
          unit: 'good parts',
        },
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
        {
          line: 'plating',
          status: 'excluded',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 62,
          low: 50,
          high: 90,
          unit: 'calendar days',
        },
        lot: {
          v: 12,
          low: 8,
          high: 18,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'plating, 0.55 each.',
    },
    fills: [],
  },
  {
    part: 'q-scale-knob',
    quote: {
      id: 'qt-29',
      foundryId: 's-s',
      route: 'machined',
      variant: 'machined',
      date: '2027-01-11',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 50,
          price: 7.8,
        },
        {
          from: 175,
          price: 7.1,
        },
        {
          from: 700,
          price: 6.7,
        },
      ],
      minOrder: 50,
      lotCharge: 0,
      tooling: {
        mode: 'separate',
        first: 280,
        replacement: 0,
        ownedBy: 'buyer',
      },
      alloy: null,
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining to drawing',
          status: 'included',
        },
        {
          line: 'inspection',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 9,
          low: 5,
          high: 14,
          unit: 'calendar days',
        },
        lot: {
          v: 12,
          low: 8,
          high: 18,
          unit: 'calendar days',
        },
      },
      capacity: null,
      incomingBad: 0,
      decline: null,
      maxPieces: null,
      remarks: 'Brass; needs no plating.',
    },
    fills: [],
  },
  {
    part: 'q-tripod-hub',
    quote: {
      id: 'mq-01',
      foundryId: 'f-a',
      route: 'green-sand',
      variant: 'bench',
      date: '2027-01-18',
      validDays: 60,
      unit: 'hundred',
      currency: 'USD',
      priceBreaks: [
        {
          from: 80,
          price: 2790,
        },
        {
          from: 160,
          price: 2640,
        },
      ],
      minOrder: 80,
      lotCharge: 65,
      tooling: {
        mode: 'separate',
        first: 1950,
        replacement: 1500,
        ownedBy: 'buyer',
        life: {
          v: 9000,
          unit: 'moulds',
        },
        perTool: 4,
      },
      alloy: 'al-a356',
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'T6',
          status: 'excluded',
        },
        {
          line: 'machining',
          status: 'excluded',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 21,
          unit: 'working days',
        },
        lot: {
          v: 9,
          unit: 'working days',
        },
      },
      capacity: {
        v: 400,
        per: 'week',
      },
      incomingBad: 0.03,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [
      {
        line: 'T6',
        price: 0.65,
        basis: 'model',
      },
      {
        line: 'machining',
        price: 4.9,
        basis: 'model',
      },
    ],
  },
  {
    part: 'q-pier-foot',
    quote: {
      id: 'mq-02',
      foundryId: 'f-b',
      route: 'bonded-sand',
      variant: 'pattern',
      date: '2027-01-20',
      validDays: 45,
      unit: 'kg',
      quotedMass_kg: 13.9,
      currency: 'GBP',
      priceBreaks: [
        {
          from: 10,
          price: 4.2,
        },
        {
          from: 40,
          price: 3.85,
        },
      ],
      minOrder: 10,
      lotCharge: 0,
      tooling: {
        mode: 'separate',
        first: 4300,
        replacement: 3400,
        ownedBy: 'buyer',
        life: {
          v: 600,
          unit: 'moulds',
        },
        perTool: 1,
      },
      alloy: 'iron-gjl-250',
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining',
          status: 'excluded',
        },
        {
          line: 'primer',
          status: 'excluded',
        },
        {
          line: 'freight',
          status: 'extra',
          price: 3.1,
        },
      ],
      exceptions: [
        {
          feature: 'd',
          offers_mm: 5,
        },
      ],
      lead: {
        first: {
          v: 8,
          unit: 'weeks',
        },
        lot: {
          v: 20,
          unit: 'calendar days',
        },
      },
      capacity: {
        v: 60,
        per: 'week',
      },
      incomingBad: 0.04,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [
      {
        line: 'machining',
        price: 24,
        basis: 'model',
      },
      {
        line: 'primer',
        price: 1.6,
        basis: 'model',
      },
    ],
  },
  {
    part: 'q-gear-head',
    quote: {
      id: 'mq-03',
      foundryId: 'f-n',
      route: 'permanent-mould',
      variant: 'tilt',
      date: '2027-01-19',
      validDays: 90,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 150,
          price: 29.4,
        },
        {
          from: 300,
          price: 27.1,
        },
      ],
      minOrder: 150,
      lotCharge: 160,
      tooling: {
        mode: 'amortised',
        first: 33500,
        replacement: 23000,
        ownedBy: 'foundry',
        life: {
          v: 80000,
          unit: 'shots',
        },
        cavities: 1,
        goodShare: 0.95,
        perTool: 1,
        over: 14000,
        inPriceEach: 2.4,
        dropsAfter: true,
      },
      alloy: 'al-a356',
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'T6',
          status: 'included',
        },
        {
          line: 'machining',
          status: 'included',
        },
        {
          line: 'leak test',
          status: 'included',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 84,
          unit: 'calendar days',
        },
        lot: {
          v: 10,
          unit: 'working days',
        },
      },
      capacity: {
        v: 220,
        per: 'day',
      },
      incomingBad: 0.01,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [],
  },
  {
    part: 'q-handset-shell',
    quote: {
      id: 'mq-04',
      foundryId: 'f-t',
      route: 'pressure-die',
      variant: 'cold',
      date: '2027-01-15',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 1000,
          price: 3.55,
        },
        {
          from: 3500,
          price: 2.78,
        },
      ],
      minOrder: 1000,
      lotCharge: 120,
      tooling: {
        mode: 'separate',
        first: 36500,
        replacement: 26000,
        ownedBy: 'buyer',
        life: {
          v: 60000,
          unit: 'shots',
        },
        cavities: 1,
        goodShare: 0.93,
        perTool: 1,
      },
      alloy: 'al-46000',
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'trim',
          status: 'included',
        },
        {
          line: 'tumble',
          status: 'included',
        },
        {
          line: 'tapping',
          status: 'excluded',
        },
        {
          line: 'paint',
          status: 'excluded',
        },
      ],
      exceptions: [
        {
          feature: 'c',
          offers_mm: 1,
        },
      ],
      lead: {
        first: {
          v: 62,
          unit: 'working days',
        },
        lot: {
          v: 14,
          unit: 'calendar days',
        },
      },
      capacity: {
        v: 2600,
        per: 'week',
      },
      incomingBad: 0.02,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [
      {
        line: 'tapping',
        price: 0.42,
        basis: 'model',
      },
      {
        line: 'paint',
        price: 0.85,
        basis: 'model',
      },
    ],
  },
  {
    part: 'q-hinge-lug',
    quote: {
      id: 'mq-05',
      foundryId: 'f-g',
      route: 'shell-investment',
      variant: 'wax-die',
      date: '2027-01-21',
      validDays: 60,
      unit: 'each',
      currency: 'EUR',
      priceBreaks: [
        {
          from: 50,
          price: 17.6,
        },
        {
          from: 150,
          price: 15.2,
        },
        {
          from: 450,
          price: 14.3,
        },
      ],
      minOrder: 50,
      lotCharge: 0,
      tooling: {
        mode: 'separate',
        first: 5000,
        replacement: 2900,
        ownedBy: 'buyer',
        life: {
          v: 150000,
          unit: 'shots',
        },
        cavities: 1,
        goodShare: 0.9,
        perTool: 1,
      },
      clause: {
        metal: 'stainless scrap and nickel',
        share: 0.32,
        baseValue: 100,
        todayValue: 109,
        date: '2027-02',
      },
      alloy: 'ss-cf8m',
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'solution anneal',
          status: 'included',
        },
        {
          line: 'passivation',
          status: 'included',
        },
        {
          line: 'reaming',
          status: 'excluded',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 7,
          unit: 'weeks',
        },
        lot: {
          v: 22,
          unit: 'calendar days',
        },
      },
      capacity: {
        v: 150,
        per: 'week',
      },
      incomingBad: 0.02,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [
      {
        line: 'reaming',
        price: 1.7,
        basis: 'model',
      },
    ],
  },
  {
    part: 'q-hinge-lug',
    quote: {
      id: 'mq-06',
      foundryId: 'f-j',
      route: 'shell-investment',
      variant: 'wax-die',
      date: '2027-01-12',
      validDays: 60,
      unit: 'lb',
      quotedMass_kg: 0.118,
      currency: 'USD',
      priceBreaks: [
        {
          from: 50,
          price: 74,
        },
        {
          from: 150,
          price: 66,
        },
      ],
      minOrder: 50,
      lotCharge: 45,
      tooling: {
        mode: 'separate',
        first: 4100,
        replacement: 3700,
        ownedBy: 'buyer',
        life: {
          v: 5000,
          unit: 'good parts',
        },
        perTool: 1,
      },
      alloy: 'ss-cf3m',
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'solution anneal',
          status: 'included',
        },
        {
          line: 'passivation',
          status: 'excluded',
        },
        {
          line: 'reaming',
          status: 'excluded',
        },
      ],
      exceptions: [
        {
          feature: 'b',
          offers_mm: 0.5,
        },
      ],
      lead: {
        first: {
          v: 30,
          unit: 'working days',
        },
        lot: {
          v: 14,
          unit: 'working days',
        },
      },
      capacity: {
        v: 600,
        per: 'month',
      },
      incomingBad: 0.03,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [
      {
        line: 'passivation',
        price: 0.45,
        basis: 'model',
      },
      {
        line: 'reaming',
        price: 1.7,
        basis: 'model',
      },
    ],
  },
  {
    part: 'q-tripod-hub',
    quote: {
      id: 'mq-07',
      foundryId: 'f-x',
      route: 'gravity-die',
      variant: 'hand',
      date: '2027-01-22',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [],
      minOrder: 0,
      lotCharge: 0,
      tooling: {
        mode: 'none',
        first: 0,
        replacement: 0,
        ownedBy: 'buyer',
      },
      alloy: null,
      scope: [],
      exceptions: [],
      lead: null,
      capacity: null,
      incomingBad: 0,
      decline: {
        reason: 'We pour copper alloys only.',
        counter: {
          alloy: 'cu-al-bronze-c95400',
          price: 58,
          unit: 'each',
          toolFirst: 7200,
          currency: 'USD',
          why: 'If the hub may weigh near three times as much.',
        },
      },
      maxPieces: null,
      remarks: '',
    },
    fills: [],
  },
  {
    part: 'q-gimbal-ring',
    quote: {
      id: 'mq-08',
      foundryId: 'f-k',
      route: 'flask-investment',
      variant: 'rubber-mould',
      date: '2026-11-23',
      validDays: 45,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 10,
          price: 26,
        },
        {
          from: 30,
          price: 22.9,
        },
      ],
      minOrder: 10,
      lotCharge: 0,
      tooling: {
        mode: 'separate',
        first: 1200,
        replacement: 400,
        ownedBy: 'buyer',
        life: {
          v: 400,
          unit: 'shots',
        },
        cavities: 1,
        goodShare: 0.9,
        perTool: 1,
      },
      alloy: 'cu-silicon-bronze',
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'tumbling',
          status: 'included',
        },
        {
          line: 'reaming',
          status: 'included',
        },
        {
          line: 'polish',
          status: 'excluded',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 21,
          unit: 'calendar days',
        },
        lot: {
          v: 9,
          unit: 'working days',
        },
      },
      capacity: {
        v: 80,
        per: 'week',
      },
      incomingBad: 0.02,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [
      {
        line: 'polish',
        price: 2.1,
        basis: 'model',
      },
    ],
  },
  {
    part: 'q-scale-knob',
    quote: {
      id: 'mq-09',
      foundryId: 'f-p',
      route: 'spin',
      variant: 'silicone-rubber',
      date: '2027-01-25',
      validDays: 30,
      unit: 'hundred',
      currency: 'USD',
      priceBreaks: [
        {
          from: 100,
          price: 455,
        },
        {
          from: 350,
          price: 398,
        },
      ],
      minOrder: 350,
      lotCharge: 30,
      tooling: {
        mode: 'separate',
        first: 1400,
        replacement: 105,
        ownedBy: 'buyer',
        life: {
          v: 200,
          unit: 'spins',
        },
        cavities: 8,
        goodShare: 0.94,
        perTool: 1,
      },
      alloy: 'zn-alloy-5',
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'tumbling',
          status: 'included',
        },
        {
          line: 'reaming',
          status: 'included',
        },
        {
          line: 'tapping',
          status: 'included',
        },
        {
          line: 'plating',
          status: 'excluded',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 7,
          unit: 'working days',
        },
        lot: {
          v: 6,
          unit: 'working days',
        },
      },
      capacity: {
        v: 700,
        per: 'day',
      },
      incomingBad: 0.02,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [
      {
        line: 'plating',
        price: 1.05,
        basis: 'model',
      },
    ],
  },
  {
    part: 'q-scale-knob',
    quote: {
      id: 'mq-10',
      foundryId: 'f-u',
      route: 'pressure-die',
      variant: 'hot',
      date: '2027-01-26',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 1000,
          price: 1.62,
        },
        {
          from: 5000,
          price: 1.12,
        },
      ],
      minOrder: 1000,
      lotCharge: 85,
      tooling: {
        mode: 'foundry-pays',
        first: 0,
        replacement: 0,
        ownedBy: 'foundry',
        life: {
          v: 700000,
          unit: 'shots',
        },
        cavities: 2,
        goodShare: 0.97,
        perTool: 1,
        minTake: 20000,
        penalty: 9000,
      },
      alloy: 'zn-alloy-3',
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'tumbling',
          status: 'included',
        },
        {
          line: 'reaming',
          status: 'excluded',
        },
        {
          line: 'tapping',
          status: 'excluded',
        },
        {
          line: 'plating',
          status: 'excluded',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 95,
          unit: 'calendar days',
        },
        lot: {
          v: 11,
          unit: 'calendar days',
        },
      },
      capacity: {
        v: 9000,
        per: 'day',
      },
      incomingBad: 0.01,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [
      {
        line: 'reaming',
        price: 0.55,
        basis: 'model',
      },
      {
        line: 'tapping',
        price: 0.3,
        basis: 'model',
      },
      {
        line: 'plating',
        price: 1.05,
        basis: 'model',
      },
    ],
  },
  {
    part: 'q-filter-drawer',
    quote: {
      id: 'mq-11',
      foundryId: 'f-f',
      route: 'plaster',
      variant: 'resin',
      date: '2027-01-27',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 5,
          price: 58,
        },
        {
          from: 20,
          price: 43.5,
        },
        {
          from: 60,
          price: 41,
        },
      ],
      minOrder: 5,
      lotCharge: 0,
      tooling: {
        mode: 'amortised',
        first: 3900,
        replacement: 2300,
        ownedBy: 'buyer',
        life: {
          v: 900,
          unit: 'moulds',
        },
        perTool: 1,
        over: 500,
        inPriceEach: 7.8,
        dropsAfter: false,
        balanceDue: true,
      },
      alloy: 'al-44200',
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining',
          status: 'excluded',
        },
        {
          line: 'anodise',
          status: 'excluded',
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 26,
          unit: 'calendar days',
        },
        lot: {
          v: 11,
          unit: 'working days',
        },
      },
      capacity: {
        v: 45,
        per: 'week',
      },
      incomingBad: 0.03,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [
      {
        line: 'machining',
        price: 6.2,
        basis: 'model',
      },
      {
        line: 'anodise',
        price: 2.4,
        basis: 'model',
      },
    ],
  },
  {
    part: 'q-fork-arm',
    quote: {
      id: 'mq-12',
      foundryId: 'f-z',
      route: 'bonded-sand',
      variant: 'pattern',
      date: '2027-01-28',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [
        {
          from: 5,
          price: 342,
        },
        {
          from: 10,
          price: 318,
        },
      ],
      minOrder: 5,
      lotCharge: 180,
      tooling: {
        mode: 'separate',
        first: 7900,
        replacement: 6200,
        ownedBy: 'buyer',
        life: {
          v: 500,
          unit: 'moulds',
        },
        perTool: 1,
      },
      alloy: 'mg-az91',
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'T6',
          status: 'included',
        },
        {
          line: 'fettling',
          status: 'included',
        },
        {
          line: 'machining',
          status: 'excluded',
        },
        {
          line: 'coat',
          status: 'included',
        },
        {
          line: 'freight',
          status: 'extra',
          price: 9,
        },
      ],
      exceptions: [],
      lead: {
        first: {
          v: 30,
          unit: 'working days',
        },
        lot: {
          v: 24,
          unit: 'calendar days',
        },
      },
      capacity: {
        v: 10,
        per: 'week',
      },
      incomingBad: 0.05,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [
      {
        line: 'machining',
        price: 62,
        basis: 'model',
      },
    ],
  },
  {
    part: 'q-gear-head',
    quote: {
      id: 'mq-13',
      foundryId: 'f-d',
      route: 'bonded-sand',
      variant: 'pattern',
      date: '2027-01-14',
      validDays: 30,
      unit: 'each',
      currency: 'CAD',
      priceBreaks: [
        {
          from: 20,
          price: 78,
        },
        {
          from: 50,
          price: 71.5,
        },
        {
          from: 100,
          price: 68,
        },
      ],
      minOrder: 20,
      lotCharge: 0,
      tooling: {
        mode: 'separate',
        first: 4700,
        replacement: 3800,
        ownedBy: 'buyer',
        life: {
          v: 700,
          unit: 'moulds',
        },
        perTool: 2,
      },
      alloy: 'al-a356',
      scope: [
        {
          line: 'casting',
          status: 'included',
        },
        {
          line: 'T6',
          status: 'included',
        },
        {
          line: 'machining',
          status: 'excluded',
        },
        {
          line: 'leak test',
          status: 'excluded',
        },
        {
          line: 'impregnation',
          status: 'extra',
          price: 1.9,
        },
      ],
      exceptions: [
        {
          feature: 'a',
          offers_mm: 3.6,
        },
        {
          feature: 'g',
          offers_mm: 3.6,
        },
      ],
      lead: {
        first: {
          v: 28,
          unit: 'working days',
        },
        lot: {
          v: 17,
          unit: 'calendar days',
        },
      },
      capacity: {
        v: 55,
        per: 'week',
      },
      incomingBad: 0.06,
      decline: null,
      maxPieces: null,
      remarks: '',
    },
    fills: [
      {
        line: 'machining',
        price: 11.5,
        basis: 'model',
      },
      {
        line: 'leak test',
        price: 1.3,
        basis: 'model',
      },
    ],
  },
  {
    part: 'q-handset-shell',
    quote: {
      id: 'mq-14',
      foundryId: 'f-y',
      route: 'pressure-die',
      variant: 'cold',
      date: '2027-02-01',
      validDays: 60,
      unit: 'each',
      currency: 'USD',
      priceBreaks: [],
      minOrder: 0,
      lotCharge: 0,
      tooling: {
        mode: 'none',
        first: 0,
        replacement: 0,
        ownedBy: 'buyer',
      },
      alloy: null,
      scope: [],
      exceptions: [],
      lead: null,
      capacity: null,
      incomingBad: 0,
      decline: {
        reason: 'Too small for our machines.',
        counter: {
          alloy: null,
          price: null,
          unit: null,
          toolFirst: null,
          currency: 'USD',
          why: 'Foundry H – gate quay runs such shells for us.',
        },
      },
      maxPieces: null,
      remarks: '',
    },
    fills: [],
  },
];
