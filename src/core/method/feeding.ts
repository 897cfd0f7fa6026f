import {
  CHILL_MASS,
  FEEDER_AT_LEAST,
  FEEDER_DIAMETER,
  FEEDER_MODULUS,
  FEEDER_VOLUME,
  FEED_CONSTANTS,
  FEED_DISTANCE,
  feederFor,
  reachOf,
} from '../formula-book/feeding';
import { ofFamilyFactor } from './data/gating.data';
import { routeOf, type MethodSubject } from './subject';

/** Another place so heavy, of the heaviest, wants a feeder of its own; and how many at most are offered. Basis: rule. */
const ALONE = 0.85;
const MOST_FEEDERS = 4;
const EFFICIENCY = [0.12, 0.14, 0.2] as const;

/** Modulus of the heavy place, what feeds it, how large the feeder is and how far it reaches. */
export function putFeeding(subject: MethodSubject): void {
  const { lane, alloy, sheet } = subject;
  sheet.work('modulusMean', 'feeding', 'Modulus of the whole casting', 'mm', '10 * volume / area');
  const route = routeOf(lane);
  const variant = lane.id.split('/')[1];
  const net = Math.min(0.15, Math.max(-0.1, sheet.at('shrinkFreezing')));
  const { feeder } = feederFor({ route, netShrink: net, ...(variant === undefined ? {} : { variant }) });
  const words = {
    riser: 'Feeders make up for shrinkage: one at each heavy place.',
    tree: 'The tree feeds the casting: its modulus must be more than that of the gate.',
    tube: 'The riser tube feeds through the gate under the furnace’s pressure.',
    gate: 'Metal is pressed in through the gate until it freezes: the gate’s thickness decides how long.',
    none: 'No feeder is needed: the metal does not shrink in freezing, or grows.',
  } as const;
  sheet.say('feeder', 'feeding', 'fits', words[feeder], ['modulusHeavy']);
  if (feeder === 'none' || feeder === 'gate' || feeder === 'tube') return;
  sheet.give(
    'feederFactor',
    'feeding',
    'modulus of the feeder over that of the place',
    '1',
    ofFamilyFactor(alloy.freezing),
    'handbook',
    'handbook',
  );
  sheet.put('feederModulus', 'feeding', FEEDER_MODULUS, { f: 'feederFactor', M: 'modulusHeavy' });
  if (feeder === 'tree') {
    sheet.give(
      'treeModulus',
      'feeding',
      'modulus of the runner of the tree',
      'mm',
      route === 'shell-investment' ? 9 : 4.5,
      'handbook',
      'assumed',
    );
    const holds = sheet.at('treeModulus') >= sheet.at('feederModulus');
    sheet.say(
      ...(['tree', 'feeding', holds ? 'fits' : 'refused'] as const),
      holds
        ? 'The runner of the tree stays open longer than the heaviest place.'
        : `The runner of the tree, modulus ${sheet.at('treeModulus')} mm, freezes before the heaviest place, which wants ${sheet.at('feederModulus').toFixed(2)} mm.`,
      ['feederModulus'],
      'A thicker runner, or a feeder of its own at that place.',
    );
    return;
  }
  sheet.give(
    ...([
      'neckShare',
      'feeding',
      'neck over the diameter of the feeder',
      '1',
      [0.4, 0.6, 0.8],
      'handbook',
      'rule',
    ] as const),
  );
  sheet.give('feederRatio', 'feeding', 'height of the feeder over its diameter', '1', 1, 'handbook', 'handbook');
  sheet.put(
    'feederLeast',
    'feeding',
    FEEDER_DIAMETER,
    { M: 'feederModulus', r: 'feederRatio' },
    'foot cools',
    'Least diameter of a feeder by modulus',
  );
  putNeed(subject);
  const byMetal = sheet.has('feederMetal')
    ? Math.cbrt((4000 * sheet.at('feederMetal')) / (Math.PI * sheet.at('feederRatio')))
    : 0;
  sheet.give(
    'feederDiameter',
    'feeding',
    'diameter of a feeder',
    'mm',
    Math.ceil(Math.max(sheet.at('feederLeast'), byMetal, sheet.at('section'))),
    'layout',
  );
  sheet.work('feederHeight', 'feeding', 'Height of a feeder', 'mm', 'feederRatio * feederDiameter');
  sheet.put('feederVolume', 'feeding', FEEDER_VOLUME, { PI: Math.PI, D: 'feederDiameter', H: 'feederHeight' });
  const small = sheet.at('feederDiameter') < sheet.at('feederLeast') - 1e-9;
  const thin = sheet.at('feederDiameter') < sheet.at('section') - 1e-9;
  if (small || thin)
    sheet.say(
      ...(['feeder-small', 'feeding', 'refused'] as const),
      `A feeder of ${sheet.at('feederDiameter')} mm freezes before the place it feeds, which wants ${Math.max(sheet.at('feederLeast'), sheet.at('section')).toFixed(1)} mm.`,
      ['feederLeast'],
      'A larger feeder, a sleeve round it, or a chill at the place.',
    );
  sheet.work('feederNeck', 'feeding', 'Neck of a feeder, across', 'mm', 'neckShare * feederDiameter');
  putMetalTest(subject);
  putFeedReach(subject);
  putChill(subject);
}

/** Metal that a feeder must hold for what it feeds. */
function putNeed({ sheet, facts }: MethodSubject): void {
  sheet.give(
    ...(['feederEfficiency', 'feeding', 'share of a feeder that it can give', '1', EFFICIENCY, 'handbook'] as const),
    'handbook',
  );
  if (sheet.at('shrinkFreezing') <= 0 || sheet.at('shrinkFreezing') >= sheet.at('feederEfficiency')) return;
  // One for the heaviest place, and one for each other that thinner metal cuts off and that is nearly as heavy.
  const lone = sheet.heavy.filter(
    (p) => p.at > 1 && p.isolated && sheet.at(`modulus${p.at}`) > ALONE * sheet.at('modulusHeavy'),
  );
  const usual = sheet.heavy.length > 1 ? Math.min(MOST_FEEDERS, 1 + lone.length) : 1 + (facts.nU > 3 ? 1 : 0);
  if (sheet.heavy.length > 1) sheet.give('feeders', 'feeding', 'feeders of a casting', '1', usual, 'measured');
  else sheet.give('feeders', 'feeding', 'feeders of a casting', '1', usual, 'handbook', 'assumed');
  sheet.work('feederZone', 'feeding', 'Volume that a feeder feeds', 'cm³', 'volume / feeders');
  sheet.put('feederMetal', 'feeding', FEEDER_AT_LEAST, {
    ...{ alpha: 'shrinkFreezing', V: 'feederZone', eta: 'feederEfficiency' },
  });
}

/** The second test of a feeder: whether it has metal enough. */
function putMetalTest({ sheet }: MethodSubject): void {
  if (!sheet.has('feederMetal')) return;
  const enough = sheet.at('feederVolume') >= sheet.at('feederMetal') * (1 - 1e-9);
  sheet.say(
    ...(['feeder-metal', 'feeding', enough ? 'fits' : 'look'] as const),
    enough
      ? 'A feeder has metal enough for what it feeds.'
      : `A feeder holds ${sheet.at('feederVolume').toFixed(0)} cm³ and would have to hold ${sheet.at('feederMetal').toFixed(0)} cm³.`,
    ['feederVolume', 'feederMetal'],
    'A larger or a taller feeder, one more, or a sleeve that gives more of its metal.',
  );
}

/** How far a feeder reaches, against the farthest edge. */
function putFeedReach({ sheet, alloy, facts }: MethodSubject): void {
  const { e, m } = reachOf(alloy.family, alloy.freezing);
  sheet.give('reachEnd', 'feeding', 'thicknesses that a feeder reaches towards an end', '1', e, 'handbook', 'assumed');
  sheet.put(
    ...(['feedReach', 'feeding', FEED_DISTANCE] as const),
    { e: 'reachEnd', m, T: 'section', ...FEED_CONSTANTS },
    'plate natural',
  );
  const first = sheet.heavy.find((p) => p.at === 1)?.at_mm ?? null;
  const side = 'feeder from the middle, along the longer side';
  if (first === null) sheet.give('feederAt', 'feeding', side, 'mm', 0, 'layout', 'assumed');
  else
    sheet.give('feederAt', 'feeding', side, 'mm', Math.max(-facts.L / 2, Math.min(facts.L / 2, first[0])), 'measured');
  const feeders = sheet.has('feeders') ? Math.max(1, sheet.at('feeders')) : 1;
  // One feeder reaches from where it stands; several share the length.
  const off = feeders > 1 ? facts.L / (2 * feeders) : facts.L / 2 + Math.abs(sheet.at('feederAt'));
  const across = Math.max(0, off - sheet.at('feederDiameter') / 2);
  const far = across > sheet.at('feedReach');
  sheet.say(
    ...(['feed-reach', 'feeding', far ? 'look' : 'fits'] as const),
    far
      ? `From the feeder it is ${across.toFixed(0)} mm to the farthest edge; a feeder reaches ${sheet.at('feedReach').toFixed(0)} mm.`
      : 'The farthest edge lies within the reach of a feeder.',
    ['feedReach'],
    'One more feeder, a chill at the end, or metal padded towards the feeder.',
  );
}

/** A chill of iron at a place that no feeder stands on: how heavy it must be to take its heat. */
function putChill({ sheet }: MethodSubject): void {
  const feeders = sheet.has('feeders') ? sheet.at('feeders') : 1;
  const next = sheet.heavy.filter((p) => p.isolated).find((p) => p.at > feeders);
  if (next === undefined) return;
  sheet.give(
    ...(['chillVolume', 'feeding', `metal of heavy place ${next.at}, a ball of its thickness`, 'cm³'] as const),
    ...([(Math.PI / 6) * (next.diameter_mm / 10) ** 3, 'measured', 'assumed'] as const),
  );
  sheet.give(
    'chillShare',
    'feeding',
    'share of its heat that a chill takes',
    '1',
    [0.3, 0.5, 0.7],
    'handbook',
    'assumed',
  );
  sheet.give('chillHeat', 'feeding', 'specific heat of a chill of iron', 'J/kgK', 540, 'handbook', 'handbook');
  sheet.give('chillRise', 'feeding', 'rise of a chill', 'K', [200, 350, 500], 'handbook', 'rule');
  sheet.put('chillMass', 'feeding', CHILL_MASS, {
    ...{
      rho: 'rhoLiquid',
      V: 'chillVolume',
      Leff: 'latentEff',
      share: 'chillShare',
      c: 'chillHeat',
      rise: 'chillRise',
    },
  });
  sheet.say(
    ...(['chill', 'feeding', 'fits'] as const),
    `Heavy place ${next.at} has no feeder: a chill of ${sheet.at('chillMass').toFixed(2)} kg lets it freeze before its neighbours.`,
    ['chillMass'],
  );
}
