import { inUnitsOf, type UnitSystem } from './units';
import { significant } from './numbers';

const NUMBER = String.raw`\d[\d\u202f]*(?:\.\d+)?`;
/** Figures before one unit: “5 mm”, “2–3 mm”, “Ø10 × 24 mm”; of a hole also without one: a drawing is in mm. */
const MEASURED = new RegExp(
  String.raw`(?<![\p{L}\d.,])(Ø?${NUMBER}(?:(?: × |–| to )${NUMBER})*)[ \u00a0](kg/m³|USD/kg|dm³|cm³|dm²|cm²|µm|MPa|kPa|MN|mm|kg|g|bar|m/s|°C/h|°C|K)(?![\p{L}\d/²³])( (?:above|below)\b)?` +
    String.raw`|(Ø${NUMBER}(?: × ${NUMBER})?)`,
  'gu',
);
const FIGURE = new RegExp(NUMBER, 'g');

/** A figure with the digits it was written with, at least three. */
function rewritten(text: string, unit: string, system: UnitSystem): string {
  const bare = text.replaceAll('\u202f', '');
  const digits = bare.replace('.', '').replace(/^0+/, '').length;
  return significant(inUnitsOf(Number(bare), unit, system)?.value ?? Number(bare), Math.max(3, digits));
}

/**
 * A sentence of the core, whose figures are SI, in the units of the screen. What has no unit of its own in them
 * (money, time, counts, threads) stays as it is.
 */
export function textInUnits(text: string, system: UnitSystem): string {
  if (system === 'si') return text;
  return text.replace(
    MEASURED,
    (_all, figures: string | undefined, written: string | undefined, apart: string | undefined, hole?: string) => {
      // “70 °C below its melting” tells a difference, not a place on the scale.
      const unit = written === '°C' && apart !== undefined ? 'K' : (written ?? 'mm');
      const shown = (figures ?? hole ?? '').replace(FIGURE, (figure) => rewritten(figure, unit, system));
      return `${shown} ${inUnitsOf(1, unit, system)?.unit ?? unit}${apart ?? ''}`;
    },
  );
}
