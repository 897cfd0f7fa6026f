import { dayOfThe } from '../../schedule';
import { computed, type Working } from '../../equations';

/**
 * How many days the pieces of a need have in hand, below 0 how late they are: begun days are counted whole.
 * @param need its name and pieces; @param day_d day by which they exist; @param asked_d day asked, both from the order
 * @example
 * spareWorking({ name: 'first parts', pieces: 10 }, 20, 25).value // 5
 */
export function spareWorking(
  need: { readonly name: string; readonly pieces: number },
  day_d: number,
  asked_d: number,
): Working {
  return {
    figure: `spare.${need.pieces}`,
    title: `Days early: ${need.pieces} ${need.name}`,
    equation: 'The day asked, less the day by which so many exist, begun days counted whole',
    expression: 'd - ceil(D)',
    value: asked_d - Math.ceil(day_d),
    unit: 'days',
    symbols: [
      { ...computed('d', 'day asked', asked_d, 'days from the order'), source: 'brief' },
      computed('D', 'day by which they exist', day_d, 'days from the order', dayOfThe(need.pieces)),
    ],
    note: 'Below 0 they come late.',
  };
}
