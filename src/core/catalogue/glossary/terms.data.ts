import type { GlossaryTerm } from './types';

/** Words of the trade in plain sentences. */
export const GLOSSARY: readonly GlossaryTerm[] = [
  {
    term: 'mould',
    meaning: 'The hollow that shapes the metal, whatever it is made of.',
  },
  {
    term: 'die',
    meaning: 'A metal mould used again and again.',
  },
  {
    term: 'permanent mould',
    meaning:
      'A metal mould filled without high pressure. In this application the word is kept for a cooled, machine-tended die with moving cores and ejectors; the physics is the same as a gravity die.',
  },
  {
    term: 'gravity die',
    meaning:
      'A metal mould filled by ladle. In this application it means the hand-opened, simply machined kind a jobbing shop makes; the same physics as a permanent mould at a different cost.',
  },
  {
    term: 'low-pressure casting',
    meaning:
      'A die filled from below through a tube by a few tenths of a bar of air on the furnace, and held until the gate freezes.',
  },
  {
    term: 'tilt pouring',
    meaning: 'The die and its cup turn together so that metal flows in without a fall.',
  },
  {
    term: 'pressure die casting',
    meaning: 'Metal is driven into a locked steel die by a plunger in hundredths of a second and squeezed until solid.',
  },
  {
    term: 'cold chamber',
    meaning:
      'A pressure die machine whose metal is ladled into the shot sleeve each cycle; used for aluminium and copper alloys.',
  },
  {
    term: 'hot chamber',
    meaning: 'A pressure die machine whose pump sits in the melt; used for zinc and magnesium.',
  },
  {
    term: 'spin casting',
    meaning:
      'Metal poured into the middle of a spinning rubber disc so that it is thrown out into many small cavities.',
  },
  {
    term: 'disc',
    meaning: 'The pair of round rubber halves, cured about the masters, that form one spin mould.',
  },
  {
    term: 'vulcanise',
    meaning: 'To cure rubber under heat and pressure so that it keeps the shape of the masters.',
  },
  {
    term: 'locating nut',
    meaning: 'A keyed metal or rubber peg that makes the two halves of a disc close in the same place each time.',
  },
  {
    term: 'master',
    meaning: 'The first exact part from which a rubber mould or working patterns are taken.',
  },
  {
    term: 'pattern',
    meaning: 'The form, larger than the part by its shrinkage, that a sand, plaster or ceramic mould is made round.',
  },
  {
    term: 'loose pattern',
    meaning: 'A pattern not fixed to a plate, moulded by hand for few parts.',
  },
  {
    term: 'match plate',
    meaning: 'A plate carrying the two pattern halves on its two sides, so that cope and drag are made to agree.',
  },
  {
    term: 'core',
    meaning: 'A separate body, of sand, metal or plaster, placed in the mould to make a hollow.',
  },
  {
    term: 'core box',
    meaning: 'The tool in which sand cores are made.',
  },
  {
    term: 'core print',
    meaning: 'The extra length of a core, and its seat in the mould, that holds it in place.',
  },
  {
    term: 'chaplet',
    meaning:
      'A small metal prop that carries a core and melts into the casting. Count, thickness and cleanness decide whether it joins.',
  },
  {
    term: 'cope',
    meaning: 'The upper half of a mould.',
  },
  {
    term: 'drag',
    meaning: 'The lower half of a mould.',
  },
  {
    term: 'flask',
    meaning:
      'Two meanings. In sand: the frame that holds the sand of one mould half. In investment: the steel cylinder in which a tree is set in plaster-like block and burnt out.',
  },
  {
    term: 'parting line',
    meaning: 'Where the halves of a mould or die meet, and the line it leaves on the part.',
  },
  {
    term: 'across the parting',
    meaning:
      'Said of a dimension whose two ends are made in different mould halves, so that closing error is added to it.',
  },
  {
    term: 'draft',
    meaning: 'The slope on faces along the draw that lets pattern or part leave the mould.',
  },
  {
    term: 'draw',
    meaning:
      'The direction in which pattern leaves mould or part leaves die; also to do it. (A draw is also an old word for a shrinkage hole.)',
  },
  {
    term: 'undercut',
    meaning: 'A feature that hooks behind the mould along the draw.',
  },
  {
    term: 'loose piece',
    meaning:
      'A part of the pattern that stays in the sand when the rest is drawn and is then pulled sideways into the hollow. Numbered, with numbered seats, when there are many.',
  },
  {
    term: 'slide',
    meaning: 'A die part that moves sideways to make an undercut.',
  },
  {
    term: 'ejector',
    meaning: 'A pin that pushes the part out of the die and leaves a round mark.',
  },
  {
    term: 'cavity',
    meaning: 'One hollow for one part; a tool may have several.',
  },
  {
    term: 'running system',
    meaning: 'All the channels from the cup to the part: sprue, runner and gates.',
  },
  {
    term: 'pouring cup',
    meaning: 'The funnel or basin the ladle pours into.',
  },
  {
    term: 'sprue',
    meaning: 'The upright channel down which metal falls.',
  },
  {
    term: 'runner',
    meaning: 'The level channel that carries metal from sprue to gates.',
  },
  {
    term: 'ingate',
    meaning: 'The last opening from runner to part.',
  },
  {
    term: 'choke',
    meaning: 'The narrowest place in the running system, which sets the filling time.',
  },
  {
    term: 'feeder',
    meaning: 'A body of metal that stays liquid longest and gives the part what it loses in shrinking.',
  },
  {
    term: 'feeder sleeve',
    meaning: 'An insulating or heat-giving lining that keeps a feeder liquid longer.',
  },
  {
    term: 'chill',
    meaning: 'A metal piece in the mould that freezes a place early. (In iron, chill also means hard white edges.)',
  },
  {
    term: 'modulus',
    meaning:
      'Volume of metal divided by the surface that cools it; freezing time goes with its square. Not the beam word of the same name.',
  },
  {
    term: 'vent',
    meaning: 'A small path that lets air and gas out ahead of the metal.',
  },
  {
    term: 'overflow',
    meaning: 'A pocket that takes the first cold or dirty metal past the part.',
  },
  {
    term: 'filter',
    meaning: 'A ceramic or mesh sieve in the running system or ladle that calms and cleans the metal.',
  },
  {
    term: 'yield',
    meaning: 'Mass of good parts over mass poured for them. Poured mass is part mass divided by yield, never times it.',
  },
  {
    term: 'poured mass',
    meaning: 'All metal that goes down the cup for one mould: parts, runners, feeders and overflows.',
  },
  {
    term: 'returns',
    meaning: 'Runners, feeders and scrap of known alloy that go back to the furnace.',
  },
  {
    term: 'melt loss',
    meaning: 'Metal lost to dross, slag and fume each time it is melted.',
  },
  {
    term: 'contraction allowance',
    meaning: 'The share by which a pattern or tool is made larger, because solid metal shrinks on cooling.',
  },
  {
    term: 'contraction rule',
    meaning: 'A ruler whose millimetres are stretched by the contraction allowance.',
  },
  {
    term: 'machining allowance',
    meaning: 'Extra metal left on a face that will be cut.',
  },
  {
    term: 'datum target',
    meaning: 'A marked point on a rough face from which the part is measured and first clamped.',
  },
  {
    term: 'casting tolerance grade',
    meaning:
      'A number from a published table that gives the total tolerance a casting may have at each size; a higher number is looser.',
  },
  {
    term: 'Ra',
    meaning: 'The mean height of surface roughness, in micrometres.',
  },
  {
    term: 'cosmetic face',
    meaning: 'A face that is seen in use, agreed by sample.',
  },
  {
    term: 'green sand',
    meaning: 'Sand bonded by damp clay; green because it is not dried or cured.',
  },
  {
    term: 'compactability',
    meaning:
      'How much a riddled sample of green sand goes down under a set squeeze, in per cent: the feel of a handful, put into a number.',
  },
  {
    term: 'permeability',
    meaning: 'How easily gas passes through rammed sand.',
  },
  {
    term: 'mould hardness',
    meaning: 'How far a sprung ball or cone sinks into rammed sand, on a scale to 100.',
  },
  {
    term: 'loss on ignition',
    meaning: 'What sand loses on firing: its binder and carbon, hence its gas.',
  },
  {
    term: 'cold-set sand',
    meaning: 'Sand with resin that hardens by itself at room temperature.',
  },
  {
    term: 'strip time',
    meaning: 'How long until a cold-set mould is hard enough to be drawn.',
  },
  {
    term: 'printed mould',
    meaning: 'A sand mould built layer by layer by a jetting machine, with no pattern.',
  },
  {
    term: 'mould coating',
    meaning: 'A refractory paint on a sand mould or core that keeps metal out of the grain.',
  },
  {
    term: 'die coating',
    meaning: 'An insulating or releasing paint on a metal die; its thickness steers heat and finish.',
  },
  {
    term: 'release agent',
    meaning: 'What is sprayed on a die so that the part lets go.',
  },
  {
    term: 'warm-up pour',
    meaning: 'A pour made only to bring die or disc to working heat; its part is scrap by plan.',
  },
  {
    term: 'tree',
    meaning: 'Wax patterns joined to a wax sprue, dipped and cast together.',
  },
  {
    term: 'slurry',
    meaning: 'The ceramic liquid into which trees are dipped.',
  },
  {
    term: 'stucco',
    meaning: 'The grain rained on each wet coat to build a shell.',
  },
  {
    term: 'dewax',
    meaning: 'To get wax out of a mould fast enough that it does not split it, by steam or flash fire.',
  },
  {
    term: 'burn-out',
    meaning: 'To fire a mould until the last of the pattern is gone and the mould is at pouring heat.',
  },
  {
    term: 'investment',
    meaning: 'The ceramic or gypsum mix that surrounds a pattern; to invest is to pour it.',
  },
  {
    term: 'plaster mould',
    meaning: 'A mould of gypsum and fibre, dried, which insulates so well that thin walls fill slowly and smoothly.',
  },
  {
    term: 'degas',
    meaning: 'To drive dissolved hydrogen out of a melt, usually with a spinning rotor and dry inert gas.',
  },
  {
    term: 'reduced-pressure test',
    meaning: 'A small sample frozen under part vacuum; its density shows how much gas a melt holds.',
  },
  {
    term: 'dross',
    meaning: 'Oxide and metal froth on a light or copper melt.',
  },
  {
    term: 'skim',
    meaning: 'To draw dross or slag from the metal just before pouring.',
  },
  {
    term: 'oxide film',
    meaning: 'A skin folded into metal by splashing; a crack that was never joined.',
  },
  {
    term: 'inoculate',
    meaning: 'To add a little seed alloy so that iron freezes with graphite and not with hard carbide.',
  },
  {
    term: 'nodularise',
    meaning: 'To treat iron with magnesium so that graphite grows as balls, giving ductile iron.',
  },
  {
    term: 'ductile iron',
    meaning: 'Iron whose graphite is in balls; it bends before it breaks.',
  },
  {
    term: 'fade',
    meaning: 'The loss of a treatment with time in the ladle.',
  },
  {
    term: 'heat',
    meaning: 'One melt, with its own number and chemistry.',
  },
  {
    term: 'lot',
    meaning: 'Parts made together under one set-up.',
  },
  {
    term: 'traceability mark',
    meaning: 'A mark on the part or its tag that leads back to heat, lot, mould or shot.',
  },
  {
    term: 'pouring time',
    meaning: 'Seconds from first metal in the cup to full mould.',
  },
  {
    term: 'superheat',
    meaning: 'How far the metal is above the temperature at which it starts to freeze.',
  },
  {
    term: 'shot',
    meaning: 'One cycle of a pressure die machine, and the metal of it.',
  },
  {
    term: 'shot sleeve',
    meaning: 'The tube in which the plunger drives the metal of a cold-chamber machine.',
  },
  {
    term: 'intensification',
    meaning: 'The squeeze after the die is full, usually 40 to 100 MPa for aluminium.',
  },
  {
    term: 'clamp force',
    meaning: 'The force holding a die or disc shut; it must beat pressure times projected area.',
  },
  {
    term: 'projected area',
    meaning: 'The shadow of parts, runners and overflows on the parting plane.',
  },
  {
    term: 'cope lift',
    meaning: 'The upward force of metal and covered cores on the top half while pouring.',
  },
  {
    term: 'shake-out',
    meaning: 'To break the mould from the casting when it is cool enough.',
  },
  {
    term: 'knock-out',
    meaning: 'To get cores out of a casting; in British shops also to break out the mould.',
  },
  {
    term: 'fettling',
    meaning: 'To cut off, grind and clean a casting.',
  },
  {
    term: 'cut-off',
    meaning: 'To saw, break or press the gates and feeders from the part.',
  },
  {
    term: 'flash',
    meaning: 'Thin unwanted metal squeezed out at a joint.',
  },
  {
    term: 'soldering (to the die)',
    meaning: 'Aluminium or zinc welding itself to the die face.',
  },
  {
    term: 'mismatch',
    meaning: 'A step where the mould halves did not line up.',
  },
  {
    term: 'swell',
    meaning: 'A casting made fat by a soft mould.',
  },
  {
    term: 'porosity',
    meaning: 'Holes in metal: round and shiny from gas, jagged and dull from shrinkage.',
  },
  {
    term: 'impregnation',
    meaning: 'Sealing leaky pores with resin under vacuum.',
  },
  {
    term: 'T6',
    meaning: 'Aluminium solution treated near 500–540 °C, quenched, and aged at about 150–200 °C.',
  },
  {
    term: 'T5',
    meaning: 'Aluminium cooled from the mould and only aged.',
  },
  {
    term: 'stress relief',
    meaning: 'Slow heating and cooling below any change of structure, so that the part does not move when cut.',
  },
  {
    term: 'straighten',
    meaning: 'To press a bent casting true, cold or hot, before it is aged or cut.',
  },
  {
    term: 'first article',
    meaning: 'The first part, with full measurement report, on which the tool is approved.',
  },
  {
    term: 'tool life',
    meaning: 'Pours or shots a tool gives before its parts go out of bounds.',
  },
  {
    term: 'heat checking',
    meaning: 'A net of fine cracks in a die face from being heated and cooled many times.',
  },
  {
    term: 'bridge lot',
    meaning: 'Parts made by a cheap, quick route while the long tool is built.',
  },
  {
    term: 'crossover quantity',
    meaning:
      'The number at which two routes cost the same in total: difference of tooling over difference of unit cost.',
  },
  {
    term: 'price break',
    meaning: 'The quantity per order from which a lower unit price applies.',
  },
  {
    term: 'soft tool',
    meaning: 'A cheaper tool in aluminium or soft steel for a short life.',
  },
  {
    term: 'near-net shape',
    meaning:
      'A casting so close to the finished part that little or nothing is cut. It is a wish with a price: ask which faces.',
  },
  {
    term: 'sizing',
    meaning: 'Pressing a casting between shaped blocks until it meets its gauge: aluminium cold, steel warm or hot.',
  },
  {
    term: 'ramming',
    meaning:
      'Packing sand round a pattern. Too soft and the mould swells, too hard and gas cannot leave or the pattern breaks.',
  },
  {
    term: 'cold shut',
    meaning: 'A seam where two fronts of metal met too cold to join.',
  },
  {
    term: 'misrun',
    meaning: 'A place the metal did not reach before it froze.',
  },
  {
    term: 'shell core',
    meaning:
      'A thin-walled hollow core of resin-coated sand, hardened against a hot box; light, strong, and it shakes out easily.',
  },
  {
    term: 'trim press',
    meaning: 'A press with a shaped tool that shears gates, overflows and flash from a casting in one stroke.',
  },
  {
    term: 'comparator',
    meaning:
      'An instrument that throws an enlarged outline on a screen, or reads the difference from a master, so that shape is judged quickly.',
  },
  {
    term: 'coordinate measuring machine',
    meaning: 'A machine that touches or scans points and works out sizes and positions from them.',
  },
  {
    term: 'wear',
    meaning:
      'Slow growth or rounding of a mould by use, told in mm per thousand fillings; a trend may be believed to about twice the last measurement.',
  },
  {
    term: 'RMS roughness',
    meaning:
      'Root mean square height of a skin, Rq. It stands some 11 to 25 per cent above Ra; drawings in inches give it in microinches.',
  },
  {
    term: 'consolidation',
    meaning:
      'Making one casting of several pieces and joints. What is saved in hands must be weighed against scrapping the whole when one corner breaks.',
  },
  {
    term: 'dwell',
    meaning: 'Time a die stays shut after filling, until the casting can be drawn without bending.',
  },
  {
    term: 'heat load',
    meaning:
      'What radiant heat asks of the people at the pot. It rises with the fourth power of the absolute temperature, so bronze and iron allow far fewer pours than aluminium.',
  },
  {
    term: 'biscuit',
    meaning: 'The disc of metal left in front of the plunger, thicker than the casting and last to freeze.',
  },
  {
    term: 'open die',
    meaning:
      'A one-piece block with the face of the casting lying open on top; turned or milled in a day for plain parts.',
  },
  {
    term: 'lost place',
    meaning: 'A position on a plate, tree or disc that usually fails, so that twelve of fourteen count.',
  },
  {
    term: 'mould loss',
    meaning:
      'Moulds spoilt before metal is poured: a drop, a bad draw, a cracked shell. Hands and sand are lost, no metal.',
  },
  {
    term: 'containment',
    meaning:
      'Closed rooms, extraction, air samples and health checks for a harmful metal or bath; it has a cost of its own and often a licence.',
  },
  {
    term: 'screen of a parts list',
    meaning: 'A rough ranking of bought parts by what a casting might save, to know where to look first.',
  },
  {
    term: 'concession',
    meaning: 'A written leave to use pieces outside the drawing, for so many, until a date.',
  },
  {
    term: 'disposition',
    meaning:
      'What is decided about each piece that was judged: accept, concession, size, fettle, weld, impregnate, remelt, discard.',
  },
  {
    term: 'strip tool',
    meaning: 'A press tool that does every cut and bend of a small part on one strip, a part at each stroke.',
  },
];
