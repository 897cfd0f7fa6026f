import type { ToolAtHandRates } from '../types';

/** A tool that is there already: fitting it up, borrowing, storing, or a share in one. */
export const TOOL_AT_HAND_RATES: ToolAtHandRates = {
  fitUp: {
    v: [0.05, 0.12, 0.3],
    unit: 'share of a new tool’s price',
    basis: 'assumed',
    note: 'inspect, adapt runners and hangers, new ejectors, first trial',
  },
  borrowFee: { v: [0.02, 0.05, 0.12], unit: 'share of a new tool’s price', basis: 'assumed' },
  storage: { v: [6, 15, 40], unit: 'USD/year and tool', basis: 'assumed' },
  storageVol: { v: [0.5, 1.5, 4], unit: 'USD/year and dm³ of tool envelope', basis: 'assumed' },
  familyInsert: {
    v: [0.25, 0.4, 0.6],
    unit: 'share of a new tool’s price',
    basis: 'assumed',
    note: 'own inserts in a family tool; the frame is shared by its parts',
  },
};
