import type { Remark } from '@/core/part-file/measured';
import { inUnitsOf, type UnitSystem } from '@/core/base/units';
import { significant } from '../format';

const length = (mm: number, units: UnitSystem): string => {
  const { value, unit } = inUnitsOf(mm, 'mm', units) ?? { value: mm, unit: 'mm' };
  return `${significant(value, 3)} ${unit}`;
};

const place = (mm: readonly number[], units: UnitSystem): string => {
  const shown = mm.map((x) => inUnitsOf(x, 'mm', units) ?? { value: x, unit: 'mm' });
  return `${shown.map((s) => Number(s.value.toFixed(units === 'si' ? 1 : 2))).join(', ')} ${shown[0]?.unit ?? 'mm'}`;
};

/** A remark beside a measured value, in words and in the units chosen. One stored as words stays as it is. */
export function remarkWords(remark: Remark | string, units: UnitSystem): string {
  if (typeof remark === 'string') return remark;
  switch (remark.kind) {
    case 'nested':
      return `${remark.bodies} of its bodies ${remark.bodies === 1 ? 'lies' : 'lie'} within another, so that metal is counted twice: its volume means nothing`;
    case 'thin':
      return `a thin feature of ${significant(100 * remark.share, 2)} % of the surface, ${length(remark.wall_mm, units)}, about ${place(remark.at_mm, units)}; 99 % of the surface is thicker than ${length(remark.rest_mm, units)}`;
    case 'hollows':
      return `${remark.atLeast ? 'at least: ' : 'not known: '}${remark.hollows} ${remark.hollows === 1 ? 'hollow that bends' : 'hollows that bend'} all round, as a slot or a thread does, ${remark.hollows === 1 ? 'is' : 'are'} not among them`;
    case 'most':
      return `${remark.counted} were counted; a brief takes ${remark.most} at most`;
    case 'cut':
      return `${remark.what}: ${remark.done} of ${remark.of}; the rest is taken for cores`;
  }
}
