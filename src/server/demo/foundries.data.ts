import type { FoundryProfile } from '@/core/foundries';

/** Foundries that Quillmere Instruments asks, all invented: what each says, what was measured there, what is supposed. */
export const FOUNDRIES: readonly {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly profile: FoundryProfile;
}[] = [
  {
    id: 'f-a',
    name: 'Foundry A – north yard',
    note: 'Bench and squeeze moulding in iron and aluminium, own pattern bench.',
    profile: {
      lines: [
        {
          route: 'green-sand',
          variant: 'bench',
          volumePerYear: {
            v: {
              least: 50,
              most: 2500,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.1,
              usual: 14,
              most: 28,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [420, 320, 220],
              most: [460, 360, 240],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              aluminium: {
                usual: 4.5,
                exceptional: 3.5,
              },
              'grey-iron': {
                usual: 5,
                exceptional: 4,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 60,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 14,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 1.2,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 1.8,
              upTo_mm: 25,
              perMm: 0.008,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 1,
              upTo_mm: 25,
              perMm: 0.006,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.7,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 12.5,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['cores', 'loose pieces up to 4'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 4,
              reliable: 4,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 52,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
          scrap: {
            v: {
              new: 0.11,
              settled: 0.046,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 0,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 9000,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
        },
        {
          route: 'green-sand',
          variant: 'machine',
          volumePerYear: {
            v: {
              least: 1000,
              most: 60000,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.05,
              usual: 20,
              most: 40,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [500, 400, 200],
              most: [500, 400, 200],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              aluminium: {
                usual: 4,
                exceptional: 3.5,
              },
              'grey-iron': {
                usual: 4.5,
                exceptional: 4,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 50,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 14,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 1,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 1.2,
              upTo_mm: 25,
              perMm: 0.006,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.8,
              upTo_mm: 25,
              perMm: 0.005,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.6,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 12.5,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['cores'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 12,
              reliable: 11,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 380,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
          scrap: {
            v: {
              new: 0.09,
              settled: 0.038,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 0,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 45000,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['iron-gjl-150', 'iron-gjl-250', 'iron-gjs-400', 'al-a356', 'al-319', 'al-44200'],
          refused: [
            {
              what: 'magnesium',
              why: 'no licence',
            },
          ],
          offeredInstead: [
            {
              asked: 'al-206',
              offered: 'al-a356',
              why: 'tears in green sand',
            },
          ],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'squeeze moulder',
            n: 2,
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 5,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 1,
          hours: 8,
          daysPerWeek: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: true,
          changeDays: 4,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 6,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [22, 30, 45],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [9, 13, 20],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: false,
          xray: false,
          trim: true,
          paint: true,
          leakTest: false,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-b',
    name: 'Foundry B – canal street',
    note: 'Cold-set sand, iron and bronze, boxes to a metre.',
    profile: {
      lines: [
        {
          route: 'bonded-sand',
          variant: 'pattern',
          volumePerYear: {
            v: {
              least: 5,
              most: 600,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 1,
              usual: 150,
              most: 1200,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [1000, 800, 500],
              most: [1600, 1000, 700],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              'grey-iron': {
                usual: 5,
                exceptional: 4,
              },
              copper: {
                usual: 5,
                exceptional: 4,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 250,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 12,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 1.4,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 2,
              upTo_mm: 25,
              perMm: 0.008,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.9,
              upTo_mm: 25,
              perMm: 0.006,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.9,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 12.5,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['cores'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 1,
              reliable: 1,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 12,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
          scrap: {
            v: {
              new: 0.12,
              settled: 0.055,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 0,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 600,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'moulds',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['iron-gjl-250', 'iron-gjs-400', 'iron-gjs-700-2', 'cu-tin-bronze', 'cu-al-bronze-c95400'],
          refused: [
            {
              what: 'cu-be-c82500',
              why: 'beryllium: no closed room',
            },
          ],
          offeredInstead: [
            {
              asked: 'cu-be-c82500',
              offered: 'cu-al-bronze-c95400',
              why: 'no beryllium',
            },
          ],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'continuous mixer',
            n: 1,
          },
          {
            kind: 'crane',
            n: 1,
            detail: '3 t',
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 4,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 1,
          hours: 8,
          daysPerWeek: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: false,
          changeDays: 8,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 9,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [30, 42, 60],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [14, 20, 30],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: false,
          xray: false,
          trim: false,
          paint: false,
          leakTest: false,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-c',
    name: 'Foundry C – hill works',
    note: 'Two moulders, loose patterns, repairs and one-offs.',
    profile: {
      lines: [
        {
          route: 'green-sand',
          variant: 'loose',
          volumePerYear: {
            v: {
              least: 1,
              most: 120,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.2,
              usual: 40,
              most: 180,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [900, 600, 400],
              most: [900, 600, 400],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              'grey-iron': {
                usual: 6,
                exceptional: 5,
              },
              aluminium: {
                usual: 6,
                exceptional: 5,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 120,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 18,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 1.8,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 3,
              upTo_mm: 25,
              perMm: 0.012,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 1.5,
              upTo_mm: 25,
              perMm: 0.008,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 1,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 25,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['loose pieces up to 6', 'cores'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 1,
              reliable: 1,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 11,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
          scrap: {
            v: {
              new: 0.16,
              settled: 0.09,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 0,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 110,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['iron-gjl-150', 'iron-gjl-250', 'al-44200', 'al-a356'],
          refused: [
            {
              what: 'ductile-iron',
              why: 'no treatment ladle',
            },
          ],
          offeredInstead: [],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 2,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 1,
          hours: 9,
          daysPerWeek: 4,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: true,
          changeDays: 3,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 4,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [15, 24, 38],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [12, 20, 30],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: false,
          xray: false,
          trim: false,
          paint: false,
          leakTest: false,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-d',
    name: 'Foundry D – river lane',
    note: 'Cored aluminium with heat treatment on site.',
    profile: {
      lines: [
        {
          route: 'bonded-sand',
          variant: 'pattern',
          volumePerYear: {
            v: {
              least: 10,
              most: 900,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.3,
              usual: 20,
              most: 60,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [700, 500, 300],
              most: [700, 500, 300],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              aluminium: {
                usual: 4.5,
                exceptional: 3.2,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 60,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 10,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 1,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 1.4,
              upTo_mm: 25,
              perMm: 0.007,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.8,
              upTo_mm: 25,
              perMm: 0.005,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.7,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 8,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['cores'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 2,
              reliable: 2,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 18,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
          scrap: {
            v: {
              new: 0.11,
              settled: 0.052,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 0,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 700,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['al-a356', 'al-355', 'al-319', 'al-51300', 'al-206'],
          refused: [
            {
              what: 'iron',
              why: 'light-metal shop',
            },
          ],
          offeredInstead: [],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'core blower',
            n: 2,
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 4,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 1,
          hours: 8,
          daysPerWeek: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: true,
          changeDays: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 7,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [28, 38, 55],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [12, 17, 26],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: true,
          xray: false,
          trim: true,
          paint: false,
          leakTest: true,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-e',
    name: 'Foundry E – print hall',
    note: 'Printed sand moulds, no patterns, aluminium and iron poured next door.',
    profile: {
      lines: [
        {
          route: 'bonded-sand',
          variant: 'printed',
          volumePerYear: {
            v: {
              least: 1,
              most: 60,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.1,
              usual: 60,
              most: 240,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [900, 600, 450],
              most: [1600, 900, 600],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              aluminium: {
                usual: 4,
                exceptional: 3,
              },
              'grey-iron': {
                usual: 5,
                exceptional: 4,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 80,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 8,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.9,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 1.2,
              upTo_mm: 25,
              perMm: 0.006,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.7,
              upTo_mm: 25,
              perMm: 0.005,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.5,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 14,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['any (printed)'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 2,
              reliable: 2,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 9,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
          scrap: {
            v: {
              new: 0.1,
              settled: 0.06,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 0,
            basis: 'measured',
            date: '2026-12-07',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['al-a356', 'al-44200', 'iron-gjl-250', 'iron-gjs-400'],
          refused: [],
          offeredInstead: [],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'sand printer',
            n: 2,
            detail: '700 L box',
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 3,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 2,
          hours: 8,
          daysPerWeek: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: false,
          changeDays: 0,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 3,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [9, 13, 20],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [9, 13, 20],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: false,
          xray: false,
          trim: false,
          paint: false,
          leakTest: false,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-f',
    name: 'Foundry F – chalk row',
    note: 'Plaster moulds, thin aluminium, prototypes ahead of dies.',
    profile: {
      lines: [
        {
          route: 'plaster',
          variant: 'resin',
          volumePerYear: {
            v: {
              least: 10,
              most: 700,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.02,
              usual: 3,
              most: 9,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [420, 320, 180],
              most: [420, 320, 180],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              aluminium: {
                usual: 1.8,
                exceptional: 1.2,
              },
              zinc: {
                usual: 1.5,
                exceptional: 1,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 22,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 5,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.5,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 0.5,
              upTo_mm: 25,
              perMm: 0.006,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.3,
              upTo_mm: 25,
              perMm: 0.004,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.35,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 2.5,
            },
            basis: 'claimed',
            date: '2026-11-16',
            note: 'stated as 110 µin RMS',
          },
          undercuts: {
            v: {
              ways: ['flexible pattern', 'loose pieces up to 4'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 2,
              reliable: 2,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 15,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
          scrap: {
            v: {
              new: 0.14,
              settled: 0.068,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 0,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 900,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
        },
        {
          route: 'plaster',
          variant: 'printed',
          volumePerYear: {
            v: {
              least: 1,
              most: 60,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.02,
              usual: 2,
              most: 6,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [380, 280, 160],
              most: [380, 280, 160],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              aluminium: {
                usual: 2,
                exceptional: 1.4,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 20,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 5,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.6,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 0.8,
              upTo_mm: 25,
              perMm: 0.008,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.5,
              upTo_mm: 25,
              perMm: 0.006,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.45,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 4,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['flexible pattern'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 1,
              reliable: 1,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 12,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
          scrap: {
            v: {
              new: 0.17,
              settled: 0.1,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 0,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 90,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['al-a356', 'al-44200', 'zn-alloy-3'],
          refused: [
            {
              what: 'magnesium',
              why: 'no licence, ordinary mix',
            },
          ],
          offeredInstead: [],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'circulating oven',
            n: 2,
            detail: '8 moulds',
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 3,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 1,
          hours: 8,
          daysPerWeek: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: true,
          changeDays: 3,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 5,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [18, 26, 38],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [10, 15, 22],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: false,
          xray: false,
          trim: true,
          paint: false,
          leakTest: false,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-g',
    name: 'Foundry G – orchard',
    note: 'Shell shop with its own wax die room; stainless, bronze and aluminium.',
    profile: {
      lines: [
        {
          route: 'shell-investment',
          variant: 'wax-die',
          volumePerYear: {
            v: {
              least: 150,
              most: 20000,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.004,
              usual: 1.5,
              most: 6,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [260, 180, 150],
              most: [400, 300, 250],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              stainless: {
                usual: 1.8,
                exceptional: 1.2,
              },
              aluminium: {
                usual: 1.8,
                exceptional: 1.2,
              },
              copper: {
                usual: 2,
                exceptional: 1.4,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 30,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 2.5,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.2,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 0.38,
              upTo_mm: 25,
              perMm: 0.006,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.2,
              upTo_mm: 25,
              perMm: 0.005,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 2.8,
            },
            basis: 'claimed',
            date: '2026-11-16',
            note: 'stated as 125 µin RMS',
          },
          undercuts: {
            v: {
              ways: ['loose inserts', 'soluble cores'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 24,
              reliable: 23,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 30,
            basis: 'measured',
            date: '2026-12-07',
            note: 'trees a shift',
          },
          scrap: {
            v: {
              new: 0.15,
              settled: 0.058,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 0,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 150000,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'waxes',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['ss-cf8m', 'ss-17-4', 'ss-ca15', 'cu-silicon-bronze', 'al-a356', 'steel-4140'],
          refused: [
            {
              what: 'cobalt',
              why: 'dust',
            },
            {
              what: 'titanium',
              why: 'no vacuum',
            },
          ],
          offeredInstead: [
            {
              asked: 'n07713',
              offered: 'ss-17-4',
              why: 'if under 300 °C',
            },
          ],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'dip robot',
            n: 1,
          },
          {
            kind: 'induction furnace',
            n: 2,
            detail: '60 kg',
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 6,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 2,
          hours: 8,
          daysPerWeek: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: true,
          changeDays: 2,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 8,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [40, 52, 75],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [16, 22, 32],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: true,
          xray: false,
          trim: true,
          paint: false,
          leakTest: false,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-h',
    name: 'Foundry H – gate quay',
    note: 'Cold-chamber machines of 2.5 to 6 MN, trim and paint.',
    profile: {
      lines: [
        {
          route: 'pressure-die',
          variant: 'cold',
          volumePerYear: {
            v: {
              least: 5000,
              most: 400000,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.02,
              usual: 2.5,
              most: 6,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [400, 300, 180],
              most: [400, 300, 180],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              aluminium: {
                usual: 2,
                exceptional: 1.3,
              },
              magnesium: {
                usual: 1.5,
                exceptional: 1,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 9,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 2.5,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.12,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 0.2,
              upTo_mm: 25,
              perMm: 0.002,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.1,
              upTo_mm: 25,
              perMm: 0.0015,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.2,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 1.6,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['slides up to 4'],
              most: 4,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 2,
              reliable: 2,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 620,
            basis: 'measured',
            date: '2026-12-07',
          },
          scrap: {
            v: {
              new: 0.14,
              settled: 0.05,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 14,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 120000,
            basis: 'assumed',
            date: '2026-11-02',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['al-46000', 'al-44300', 'mg-az91'],
          refused: [
            {
              what: 'al-a356',
              why: 'sticks in the tool; no vacuum',
            },
          ],
          offeredInstead: [
            {
              asked: 'al-a356',
              offered: 'al-44300',
              why: 'low copper, lets go of the tool',
            },
          ],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'cold chamber',
            n: 2,
            clamp_MN: 2.5,
          },
          {
            kind: 'cold chamber',
            n: 2,
            clamp_MN: 4,
          },
          {
            kind: 'cold chamber',
            n: 1,
            clamp_MN: 6,
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 8,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 2,
          hours: 8,
          daysPerWeek: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: true,
          changeDays: 6,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 7,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [75, 98, 130],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [9, 13, 20],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: false,
          xray: true,
          trim: true,
          paint: true,
          leakTest: false,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: ['magnesium'],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-j',
    name: 'Foundry J – tower road',
    note: 'Small shell shop, soft dies, short runs.',
    profile: {
      lines: [
        {
          route: 'shell-investment',
          variant: 'wax-die',
          volumePerYear: {
            v: {
              least: 30,
              most: 1500,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.005,
              usual: 0.6,
              most: 2,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [180, 120, 100],
              most: [180, 120, 100],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              stainless: {
                usual: 2,
                exceptional: 1.5,
              },
              copper: {
                usual: 2.2,
                exceptional: 1.6,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 25,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 3,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.3,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 0.5,
              upTo_mm: 25,
              perMm: 0.008,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.3,
              upTo_mm: 25,
              perMm: 0.006,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 3.2,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['loose inserts'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 16,
              reliable: 14,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 9,
            basis: 'measured',
            date: '2026-12-07',
            note: 'trees a shift',
          },
          scrap: {
            v: {
              new: 0.17,
              settled: 0.08,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 0,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 5000,
            basis: 'measured',
            date: '2026-12-07',
            note: 'waxes',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['ss-cf8m', 'ss-17-4', 'cu-silicon-bronze'],
          refused: [],
          offeredInstead: [],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 3,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 1,
          hours: 8,
          daysPerWeek: 4,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: true,
          changeDays: 3,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 5,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [30, 42, 60],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [14, 20, 30],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: false,
          xray: false,
          trim: false,
          paint: false,
          leakTest: false,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-k',
    name: 'Foundry K – bell lane',
    note: 'Vacuum flask casting of small bronze and brass work.',
    profile: {
      lines: [
        {
          route: 'flask-investment',
          variant: 'rubber-mould',
          volumePerYear: {
            v: {
              least: 20,
              most: 2500,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.001,
              usual: 0.08,
              most: 0.4,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [90, 80, 60],
              most: [90, 80, 60],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              copper: {
                usual: 1.2,
                exceptional: 0.7,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
            note: 'precious metals 1 mm usual, 0.6 mm exceptional; the copper column stands for both',
          },
          sectionMax_mm: {
            v: 12,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 1.2,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.15,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 0.4,
              upTo_mm: 25,
              perMm: 0.012,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.15,
              upTo_mm: 25,
              perMm: 0.01,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.05,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 1.6,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['flexible rubber'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 12,
              reliable: 11,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 8,
            basis: 'measured',
            date: '2026-12-07',
            note: 'flasks a shift',
          },
          scrap: {
            v: {
              new: 0.13,
              settled: 0.06,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 0,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 380,
            basis: 'measured',
            date: '2026-12-07',
            note: 'waxes',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['cu-silicon-bronze', 'cu-silicon-brass', 'cu-tin-bronze', 'ag-925'],
          refused: [
            {
              what: 'zinc',
              why: 'fume in the kiln room',
            },
          ],
          offeredInstead: [],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'vacuum caster',
            n: 1,
          },
          {
            kind: 'kiln',
            n: 1,
            detail: '6 flasks',
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 2,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 1,
          hours: 8,
          daysPerWeek: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: true,
          changeDays: 1,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 3,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [14, 21, 30],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [8, 12, 18],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: false,
          xray: false,
          trim: true,
          paint: false,
          leakTest: false,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-m',
    name: 'Foundry M – mill bank',
    note: 'Six hand-tended dies, T6 furnace, patient pourers. Turns a simple open block in two days.',
    profile: {
      lines: [
        {
          route: 'gravity-die',
          variant: 'hand',
          volumePerYear: {
            v: {
              least: 150,
              most: 9000,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.05,
              usual: 2.5,
              most: 5,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [320, 240, 160],
              most: [320, 240, 160],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              aluminium: {
                usual: 4,
                exceptional: 3,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 40,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 7,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.4,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 1,
              upTo_mm: 25,
              perMm: 0.006,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.5,
              upTo_mm: 25,
              perMm: 0.004,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.4,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 5,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['sand cores', 'one loose piece'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 2,
              reliable: 2,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 115,
            basis: 'measured',
            date: '2026-12-07',
          },
          scrap: {
            v: {
              new: 0.14,
              settled: 0.058,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 6,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 12000,
            basis: 'assumed',
            date: '2026-11-02',
          },
        },
        {
          route: 'gravity-die',
          variant: 'open',
          volumePerYear: {
            v: {
              least: 20,
              most: 3000,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.02,
              usual: 1,
              most: 2,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [160, 120, 50],
              most: [160, 120, 50],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              aluminium: {
                usual: 6,
                exceptional: 4.5,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 30,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 12,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.8,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 1.6,
              upTo_mm: 25,
              perMm: 0.008,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 1,
              upTo_mm: 25,
              perMm: 0.006,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 1.5,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 8,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: [],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 2,
              reliable: 2,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 180,
            basis: 'measured',
            date: '2026-12-07',
          },
          scrap: {
            v: {
              new: 0.12,
              settled: 0.05,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 3,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 8000,
            basis: 'assumed',
            date: '2026-11-02',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['al-a356', 'al-44200', 'al-319', 'zn-za8'],
          refused: [
            {
              what: 'copper',
              why: 'too hot for our pourers in summer',
            },
          ],
          offeredInstead: [
            {
              asked: 'cu-al-bronze-c95400',
              offered: 'al-a356',
              why: 'if the load allows',
            },
          ],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'hand die bench',
            n: 6,
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 3,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 1,
          hours: 10,
          daysPerWeek: 4,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: true,
          changeDays: 2,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 4,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [24, 34, 48],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [8, 12, 18],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: true,
          xray: false,
          trim: true,
          paint: false,
          leakTest: false,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-n',
    name: 'Foundry N – east dock',
    note: 'Tilting machines, leak test, machining cell.',
    profile: {
      lines: [
        {
          route: 'permanent-mould',
          variant: 'tilt',
          volumePerYear: {
            v: {
              least: 1500,
              most: 80000,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.2,
              usual: 8,
              most: 22,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [560, 420, 280],
              most: [560, 420, 280],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              aluminium: {
                usual: 3.5,
                exceptional: 2.8,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 38,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 6,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.3,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 0.8,
              upTo_mm: 25,
              perMm: 0.004,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.38,
              upTo_mm: 25,
              perMm: 0.002,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.3,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 4,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['moving cores up to 4', 'sand cores'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 2,
              reliable: 2,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 300,
            basis: 'measured',
            date: '2026-12-07',
          },
          scrap: {
            v: {
              new: 0.11,
              settled: 0.041,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 8,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 80000,
            basis: 'assumed',
            date: '2026-11-02',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['al-a356', 'al-355', 'al-319'],
          refused: [
            {
              what: 'al-206',
              why: 'tears on steel cores',
            },
          ],
          offeredInstead: [],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'tilter',
            n: 4,
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 4,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 2,
          hours: 8,
          daysPerWeek: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: false,
          changeDays: 9,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 8,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [65, 84, 115],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [10, 14, 21],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: true,
          xray: true,
          trim: true,
          paint: false,
          leakTest: true,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-p',
    name: 'Foundry P – market row',
    note: 'Three spinners, discs cured the same day, plating next door.',
    profile: {
      lines: [
        {
          route: 'spin',
          variant: 'silicone-rubber',
          volumePerYear: {
            v: {
              least: 50,
              most: 20000,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.001,
              usual: 0.12,
              most: 0.3,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [110, 80, 30],
              most: [110, 80, 30],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              zinc: {
                usual: 1.8,
                exceptional: 1.2,
              },
              tin: {
                usual: 1,
                exceptional: 0.7,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 10,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 2,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.3,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 0.5,
              upTo_mm: 25,
              perMm: 0.012,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.2,
              upTo_mm: 25,
              perMm: 0.01,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.2,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 2,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['flexible rubber', 'plugs'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 8,
              reliable: 7,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 120,
            basis: 'measured',
            date: '2026-12-07',
            note: 'spins',
          },
          scrap: {
            v: {
              new: 0.12,
              settled: 0.06,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 4,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 200,
            basis: 'measured',
            date: '2026-12-07',
            note: 'spins',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['zn-alloy-3', 'zn-alloy-5', 'sn-pewter', 'sn-bi'],
          refused: [
            {
              what: 'lead',
              why: 'no lead in the room',
            },
          ],
          offeredInstead: [
            {
              asked: 'pb-sb4',
              offered: 'sn-pewter',
              why: 'lead-free room',
            },
          ],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'spinner',
            n: 3,
          },
          {
            kind: 'vulcanising press',
            n: 1,
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 2,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 1,
          hours: 9,
          daysPerWeek: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: true,
          changeDays: 1,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 2,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [7, 10, 15],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [5, 8, 12],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: false,
          xray: false,
          trim: true,
          paint: false,
          leakTest: false,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-t',
    name: 'Foundry T – west basin',
    note: 'Smaller cold-chamber shop, single-cavity tools.',
    profile: {
      lines: [
        {
          route: 'pressure-die',
          variant: 'cold',
          volumePerYear: {
            v: {
              least: 3000,
              most: 100000,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.02,
              usual: 1,
              most: 2.5,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [280, 220, 140],
              most: [280, 220, 140],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              aluminium: {
                usual: 2.2,
                exceptional: 1.6,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 8,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 3,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.15,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 0.25,
              upTo_mm: 25,
              perMm: 0.0025,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.14,
              upTo_mm: 25,
              perMm: 0.002,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.25,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 2,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['slides up to 2'],
              most: 2,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 1,
              reliable: 1,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 520,
            basis: 'measured',
            date: '2026-12-07',
          },
          scrap: {
            v: {
              new: 0.16,
              settled: 0.07,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 18,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 90000,
            basis: 'assumed',
            date: '2026-11-02',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['al-46000'],
          refused: [],
          offeredInstead: [],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'cold chamber',
            n: 1,
            clamp_MN: 1.6,
          },
          {
            kind: 'cold chamber',
            n: 1,
            clamp_MN: 2.8,
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 3,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 1,
          hours: 8,
          daysPerWeek: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: false,
          changeDays: 10,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 6,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [70, 90, 120],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [10, 14, 20],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: false,
          xray: false,
          trim: true,
          paint: false,
          leakTest: false,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-u',
    name: 'Foundry U – harbour lane',
    note: 'Hot-chamber zinc.',
    profile: {
      lines: [
        {
          route: 'pressure-die',
          variant: 'hot',
          volumePerYear: {
            v: {
              least: 10000,
              most: 2000000,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.002,
              usual: 0.4,
              most: 1.5,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [200, 160, 100],
              most: [200, 160, 100],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              zinc: {
                usual: 0.8,
                exceptional: 0.5,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 7,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 1,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.06,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 0.12,
              upTo_mm: 25,
              perMm: 0.0015,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.05,
              upTo_mm: 25,
              perMm: 0.001,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.12,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 0.9,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['slides up to 4'],
              most: 4,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 4,
              reliable: 4,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 1900,
            basis: 'measured',
            date: '2026-12-07',
          },
          scrap: {
            v: {
              new: 0.08,
              settled: 0.03,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 15,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 700000,
            basis: 'assumed',
            date: '2026-11-02',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['zn-alloy-3', 'zn-alloy-5'],
          refused: [],
          offeredInstead: [],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'hot chamber',
            n: 3,
            clamp_MN: 0.9,
          },
          {
            kind: 'hot chamber',
            n: 2,
            clamp_MN: 1.6,
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 4,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 2,
          hours: 8,
          daysPerWeek: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: true,
          changeDays: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 6,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [70, 95, 125],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [7, 11, 17],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: false,
          xray: false,
          trim: true,
          paint: true,
          leakTest: false,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-w',
    name: 'Foundry W – mill race',
    note: 'Low-pressure furnaces, x-ray on site.',
    profile: {
      lines: [
        {
          route: 'permanent-mould',
          variant: 'low-pressure',
          volumePerYear: {
            v: {
              least: 4000,
              most: 120000,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.5,
              usual: 14,
              most: 32,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [600, 450, 300],
              most: [600, 450, 300],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              aluminium: {
                usual: 3,
                exceptional: 2.2,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 35,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 6,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.3,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 0.8,
              upTo_mm: 25,
              perMm: 0.004,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.36,
              upTo_mm: 25,
              perMm: 0.002,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.3,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 4,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['moving cores up to 4', 'sand cores'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 1,
              reliable: 1,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 200,
            basis: 'measured',
            date: '2026-12-07',
          },
          scrap: {
            v: {
              new: 0.1,
              settled: 0.036,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 9,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 80000,
            basis: 'assumed',
            date: '2026-11-02',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['al-a356', 'al-355'],
          refused: [],
          offeredInstead: [],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'low-pressure furnace',
            n: 3,
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 3,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 2,
          hours: 8,
          daysPerWeek: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: false,
          changeDays: 8,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 9,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [70, 90, 120],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [11, 15, 22],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: true,
          xray: true,
          trim: true,
          paint: false,
          leakTest: true,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-l',
    name: 'Foundry L – chapel lane',
    note: 'Floor moulding of long iron work with many numbered loose pieces; slow and proud.',
    profile: {
      lines: [
        {
          route: 'green-sand',
          variant: 'loose',
          volumePerYear: {
            v: {
              least: 1,
              most: 80,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 5,
              usual: 220,
              most: 900,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [2600, 700, 500],
              most: [4200, 900, 600],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              'grey-iron': {
                usual: 8,
                exceptional: 6,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 120,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 20,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 2,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 4,
              upTo_mm: 25,
              perMm: 0.01,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 2,
              upTo_mm: 25,
              perMm: 0.008,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 1.5,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 25,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['numbered loose pieces up to 40', 'cores on chaplets'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 1,
              reliable: 1,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 5,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
          scrap: {
            v: {
              new: 0.2,
              settled: 0.11,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 0,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 90,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'moulds',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['iron-gjl-150', 'iron-gjl-250'],
          refused: [
            {
              what: 'ductile-iron',
              why: 'no treatment ladle',
            },
          ],
          offeredInstead: [],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'crane',
            n: 1,
            detail: '5 t',
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 4,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 1,
          hours: 8,
          daysPerWeek: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: true,
          changeDays: 6,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 12,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [45, 65, 100],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [25, 35, 55],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: false,
          xray: false,
          trim: true,
          paint: true,
          leakTest: false,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-x',
    name: 'Foundry X – copper street',
    note: 'Aluminium bronze in metal moulds and little else; thin walls and small cored holes.',
    profile: {
      lines: [
        {
          route: 'permanent-mould',
          variant: 'tilt',
          volumePerYear: {
            v: {
              least: 600,
              most: 150000,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.1,
              usual: 4,
              most: 40,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [350, 260, 180],
              most: [500, 350, 220],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              copper: {
                usual: 3,
                exceptional: 2.1,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 50,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 4.5,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.16,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 0.5,
              upTo_mm: 25,
              perMm: 0.003,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.13,
              upTo_mm: 25,
              perMm: 0.0012,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.25,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 3.5,
            },
            basis: 'claimed',
            date: '2026-11-16',
            note: 'stated as 155 µin RMS',
          },
          undercuts: {
            v: {
              ways: ['moving cores up to 3'],
              most: 3,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 1,
              reliable: 1,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 420,
            basis: 'measured',
            date: '2026-12-07',
          },
          scrap: {
            v: {
              new: 0.08,
              settled: 0.03,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 7,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 25000,
            basis: 'measured',
            date: '2026-12-07',
          },
        },
        {
          route: 'gravity-die',
          variant: 'hand',
          volumePerYear: {
            v: {
              least: 200,
              most: 3000,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.1,
              usual: 1.5,
              most: 4,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [250, 180, 120],
              most: [250, 180, 120],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              copper: {
                usual: 3.5,
                exceptional: 3,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 40,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 6,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.25,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 0.7,
              upTo_mm: 25,
              perMm: 0.004,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.35,
              upTo_mm: 25,
              perMm: 0.003,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.3,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 4,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['one moving core'],
              most: 1,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 1,
              reliable: 1,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 70,
            basis: 'measured',
            date: '2026-12-07',
          },
          scrap: {
            v: {
              new: 0.1,
              settled: 0.045,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 4,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 6000,
            basis: 'measured',
            date: '2026-12-07',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['cu-al-bronze-c95400', 'cu-silicon-brass', 'cu-yellow-brass'],
          refused: [
            {
              what: 'cu-leaded-tin-bronze',
              why: 'lead sweats and tears in the die',
            },
            {
              what: 'aluminium',
              why: 'one metal, one furnace',
            },
          ],
          offeredInstead: [
            {
              asked: 'cu-tin-bronze',
              offered: 'cu-al-bronze-c95400',
              why: 'short freezing, stronger',
            },
          ],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'tilter',
            n: 3,
          },
          {
            kind: 'hand die bench',
            n: 2,
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 4,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 2,
          hours: 8,
          daysPerWeek: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: true,
          changeDays: 3,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 7,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [50, 66, 90],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [9, 13, 20],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: false,
          xray: false,
          trim: true,
          paint: false,
          leakTest: true,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-y',
    name: 'Foundry Y – long shed',
    note: 'Structural shells on machines of 30 to 60 MN, own trim and x-ray.',
    profile: {
      lines: [
        {
          route: 'pressure-die',
          variant: 'cold',
          volumePerYear: {
            v: {
              least: 20000,
              most: 600000,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 2,
              usual: 25,
              most: 70,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [1400, 1100, 500],
              most: [1400, 1100, 500],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              aluminium: {
                usual: 2.5,
                exceptional: 2,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 12,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 4,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.2,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 0.5,
              upTo_mm: 25,
              perMm: 0.0025,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.3,
              upTo_mm: 25,
              perMm: 0.002,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.5,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 3.2,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['slides up to 6'],
              most: 6,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 1,
              reliable: 1,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 300,
            basis: 'measured',
            date: '2026-12-07',
          },
          scrap: {
            v: {
              new: 0.18,
              settled: 0.08,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 20,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 90000,
            basis: 'assumed',
            date: '2026-11-02',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['al-a356', 'al-44300'],
          refused: [],
          offeredInstead: [],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'cold chamber',
            n: 2,
            clamp_MN: 30,
          },
          {
            kind: 'cold chamber',
            n: 1,
            clamp_MN: 60,
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 6,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 3,
          hours: 8,
          daysPerWeek: 6,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: true,
          changeDays: 8,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 15,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [180, 240, 330],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [6, 10, 16],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: true,
          xray: true,
          trim: true,
          paint: false,
          leakTest: false,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: [],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
  {
    id: 'f-z',
    name: 'Foundry Z – heath end',
    note: 'Magnesium prototypes: inhibited sand and plaster, cover gas, licence on the wall.',
    profile: {
      lines: [
        {
          route: 'bonded-sand',
          variant: 'pattern',
          volumePerYear: {
            v: {
              least: 2,
              most: 300,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.1,
              usual: 10,
              most: 40,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [700, 500, 300],
              most: [700, 500, 300],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              magnesium: {
                usual: 4.5,
                exceptional: 3.5,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 45,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 10,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 1,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 1.4,
              upTo_mm: 25,
              perMm: 0.007,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.9,
              upTo_mm: 25,
              perMm: 0.005,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.7,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 10,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['cores'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 1,
              reliable: 1,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 10,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
          scrap: {
            v: {
              new: 0.15,
              settled: 0.08,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 0,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 500,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'moulds',
          },
        },
        {
          route: 'plaster',
          variant: 'printed',
          volumePerYear: {
            v: {
              least: 1,
              most: 40,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          mass_kg: {
            v: {
              least: 0.05,
              usual: 2,
              most: 6,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          size_mm: {
            v: {
              usual: [400, 300, 160],
              most: [400, 300, 160],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          wall_mm: {
            v: {
              magnesium: {
                usual: 2.5,
                exceptional: 1.8,
              },
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          sectionMax_mm: {
            v: 16,
            basis: 'assumed',
            date: '2026-11-02',
          },
          holeMin_mm: {
            v: 6,
            basis: 'claimed',
            date: '2026-11-16',
          },
          holeTol_mm: {
            v: 0.6,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'total, as cast',
          },
          tolCritical: {
            v: {
              totalBase_mm: 0.9,
              upTo_mm: 25,
              perMm: 0.008,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          tolOther: {
            v: {
              totalBase_mm: 0.5,
              upTo_mm: 25,
              perMm: 0.006,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          acrossPartingAdd_mm: {
            v: 0.5,
            basis: 'claimed',
            date: '2026-11-16',
          },
          finish: {
            v: {
              Ra_um: 3.5,
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          undercuts: {
            v: {
              ways: ['flexible pattern'],
            },
            basis: 'claimed',
            date: '2026-11-16',
          },
          positions: {
            v: {
              usual: 1,
              reliable: 1,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          poursPerShift: {
            v: 5,
            basis: 'measured',
            date: '2026-12-07',
            note: 'moulds',
          },
          scrap: {
            v: {
              new: 0.22,
              settled: 0.13,
            },
            basis: 'measured',
            date: '2026-12-07',
          },
          warmUpPours: {
            v: 0,
            basis: 'measured',
            date: '2026-12-07',
          },
          toolLife: {
            v: 60,
            basis: 'assumed',
            date: '2026-11-02',
            note: 'moulds',
          },
        },
      ],
      alloys: {
        v: {
          poured: ['mg-az91', 'mg-ze41'],
          refused: [
            {
              what: 'aluminium',
              why: 'one metal in the hall',
            },
          ],
          offeredInstead: [],
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      machines: {
        v: [
          {
            kind: 'bake oven 320 °C',
            n: 2,
          },
        ],
        basis: 'claimed',
        date: '2026-11-16',
      },
      casters: {
        v: 3,
        basis: 'claimed',
        date: '2026-11-16',
      },
      shifts: {
        v: {
          n: 1,
          hours: 8,
          daysPerWeek: 5,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      toolroom: {
        v: {
          own: true,
          changeDays: 4,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      queue_workingDays: {
        v: 10,
        basis: 'measured',
        date: '2026-12-07',
      },
      leadFirstArticle_d: {
        v: [30, 42, 60],
        basis: 'claimed',
        date: '2026-11-16',
      },
      leadLot_d: {
        v: [16, 24, 36],
        basis: 'claimed',
        date: '2026-11-16',
      },
      inHouse: {
        v: {
          heatTreatment: true,
          xray: true,
          trim: true,
          paint: true,
          leakTest: false,
        },
        basis: 'claimed',
        date: '2026-11-16',
      },
      licences: {
        v: ['magnesium', 'chromate'],
        basis: 'claimed',
        date: '2026-11-16',
      },
    },
  },
];
