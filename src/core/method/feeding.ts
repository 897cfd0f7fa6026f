import {
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

/** Modulus of a heavy place over its thickness: between a plate’s half and a boss’s quarter. Basis: assumed. */
const HEAVY = [0.25, 0.35, 0.5] as const;
const EFFICIENCY = [0.12, 0.14, 0.2] as const;

/** Modulus of the heavy place, what feeds it, how large the feeder is and how far it reaches. */
export function putFeeding(subject: MethodSubject): void {
  const { lane, alloy, sheet } = subject;
  const heavy = HEAVY.map((x) => x * sheet.at('section'));
  sheet.give(
    ...(['modulusHeavy', 'feeding', 'modulus of the heaviest place', 'mm'] as const),
    ...([[heavy[0] ?? 0, heavy[1] ?? 0, heavy[2] ?? 0], 'brief', 'assumed'] as const),
  );
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
  putMetalTest(subject);
  putFeedReach(subject);
}

/** Metal that a feeder must hold for what it feeds. */
function putNeed({ sheet, facts }: MethodSubject): void {
  sheet.give(
    ...(['feederEfficiency', 'feeding', 'share of a feeder that it can give', '1', EFFICIENCY, 'handbook'] as const),
    'handbook',
  );
  if (sheet.at('shrinkFreezing') <= 0 || sheet.at('shrinkFreezing') >= sheet.at('feederEfficiency')) return;
  sheet.give('feeders', 'feeding', 'feeders of a casting', '1', 1 + (facts.nU > 3 ? 1 : 0), 'handbook', 'assumed');
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
  const across = Math.max(facts.L, facts.W) / 2 - sheet.at('feederDiameter') / 2;
  const far = across > sheet.at('feedReach') * (sheet.has('feeders') ? sheet.at('feeders') : 1);
  sheet.say(
    ...(['feed-reach', 'feeding', far ? 'look' : 'fits'] as const),
    far
      ? `From the middle it is ${across.toFixed(0)} mm to the farthest edge; a feeder reaches ${sheet.at('feedReach').toFixed(0)} mm.`
      : 'The farthest edge lies within the reach of a feeder.',
    ['feedReach'],
    'One more feeder, a chill at the end, or metal padded towards the feeder.',
  );
}
