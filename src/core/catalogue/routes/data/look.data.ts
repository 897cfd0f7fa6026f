/** What a casting of a route looks like when it comes out of the mould, before anything is done to it. */
export interface Look {
  readonly skin: string;
  readonly parting: string;
  readonly gate: string;
}

/** By route. Basis: rule of the trade. */
export const LOOKS: Readonly<Record<string, Look>> = {
  'green-sand': {
    skin: 'Matt and grained like the sand; heavier grain under thick sections.',
    parting: 'A ground line all round, a step of up to the mismatch where the boxes met.',
    gate: 'Ground stubs of gates and feeders, finger-wide on thick places.',
  },
  'bonded-sand': {
    skin: 'Matt, finer than green sand where the mould was coated; crisp edges.',
    parting: 'A ground line; core prints leave a second one.',
    gate: 'Ground stubs of gates and feeders.',
  },
  plaster: {
    skin: 'Smooth and dull; fine detail comes through, small bubbles too.',
    parting: 'A hair line that brushes off.',
    gate: 'One cut and ground gate.',
  },
  'shell-investment': {
    skin: 'Even satin all over.',
    parting: 'None on the casting; the line of the wax die can be felt, not seen.',
    gate: 'One or two ground gates where the part sat on its tree.',
  },
  'flask-investment': {
    skin: 'Very fine satin; takes a polish.',
    parting: 'A hair line of the rubber cut.',
    gate: 'One sprue stub, cut and filed.',
  },
  'gravity-die': {
    skin: 'The texture of the die coat, with flow marks at thin places.',
    parting: 'A trimmed flash line; grows with the wear of the die.',
    gate: 'A sawn gate and feeder, often the whole foot of the part.',
  },
  'permanent-mould': {
    skin: 'The texture of the die coat, even from piece to piece.',
    parting: 'A thin trimmed line.',
    gate: 'A sawn gate on the feeding face.',
  },
  'pressure-die': {
    skin: 'Smooth and bright with cold-flow swirls; age cracks of the die stand proud later.',
    parting: 'A sheared flash line, and round marks of the ejectors.',
    gate: 'A broken or trimmed edge a millimetre or two thick, overflows beside it.',
  },
  spin: {
    skin: 'Fine, takes the grain of the master; bright in tin and zinc.',
    parting: 'A flash line of the disc that is tumbled off.',
    gate: 'A broken gate at the side towards the middle of the disc.',
  },
};

/** Lanes whose master or mould is printed: its layers come through. */
export const LAYER_LINES: Readonly<Record<string, string>> = {
  'bonded-sand/printed': 'The layers of the printed mould stand as fine steps on slopes.',
  'plaster/printed': 'The layers of the printed pattern come through on slopes unless it was sanded.',
  'shell-investment/printed':
    'The layers of each printed pattern come through on every casting unless it was smoothed.',
  'flask-investment/printed':
    'The layers of each printed pattern come through on every casting unless it was smoothed.',
};

/** Said where a mould or rubber is made from one master: whatever is on it is on every copy. */
export const MASTER_COPIES: ReadonlySet<string> = new Set([
  'plaster/resin',
  'flask-investment/rubber-mould',
  'spin/organic-rubber',
  'spin/silicone-rubber',
]);
