import type { CalendarRates, FamilyMap } from '../types';

/** Starting values for a shop to replace; letters are those of the cost equations. Each figure is [low, likely, high] with unit and basis. */
export const CALENDAR_RATES: CalendarRates = {
  shift_h: 8,
  workdaysPerWeek: 5,
  calendarPerWorkday: { v: 1.4, unit: 'calendar days per working day', basis: 'rule' },
  handover: { v: [0.1, 0.3, 0.6], unit: 'working days lost between one step and the next', basis: 'assumed' },
  workDaysYear: { v: 230, unit: 'working days', basis: 'rule' },
  bigTool_h: {
    v: 800,
    unit: 'h',
    basis: 'rule',
    note: 'a tool of more hours is shared among more people and machines',
  },
  bigToolExp: { v: 0.6, unit: 'exponent', basis: 'rule' },
};

/** Alloy family to the row of FAMILY_RATES and the column of the route capability; a family not listed keeps its own name. */
export const FAMILY_MAP: FamilyMap = {
  cobalt: { rates: 'nickel', capability: 'nickel' },
  'tool-steel': { rates: 'steel', capability: 'steel' },
  precious: { rates: 'precious', capability: 'copper' },
};
