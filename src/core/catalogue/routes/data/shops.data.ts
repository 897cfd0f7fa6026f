/** What a shop of each route is like: what it is good for, what it does to its surroundings, and the room it needs. */
export const SHOPS: Readonly<Record<string, Readonly<Record<'summary' | 'environment' | 'room', string>>>> = {
  'bonded-sand': {
    summary:
      'Rigid moulds and cores, so passages, steel and larger parts; printing the mould removes the pattern altogether and buys weeks, at many times the mould price.',
    environment:
      'Resin and catalyst fumes (formaldehyde, amine, sulphur dioxide according to the binder); burnt sand is reclaimed 70-90 %, the rest is controlled waste.',
    room: 'Mixer, fume extraction, crane for boxes over 20 kg; 80 m² and up. Printed moulds may be bought in, then only a pouring bay is needed.',
  },
  'flask-investment': {
    summary:
      'Finest detail in small non-ferrous pieces from a rubber wax mould; badges, scales, tiny brackets; pieces of grams.',
    environment:
      'Crystalline silica in investment powder: wet handling and mask; burn-out fumes extracted; spent block is landfilled.',
    room: 'A bench shop: vacuum pump and table, burn-out kiln, wax injector, 15-25 m² and good extraction.',
  },
  'gravity-die': {
    summary:
      'A jobbing shop turns the die in days and pours by ladle; sound, heat-treatable aluminium at hundreds to some thousands; heat and arms limit the day.',
    environment: 'Die-coat spray mist and radiant heat; almost no waste but dross; metal returns remelted at once.',
    room: 'Crucible or bale-out furnace, die bench with pre-heat torch, quench tank; 20-40 m²; an operator needs rest and drink: see the pours-per-shift cap.',
  },
  'green-sand': {
    summary:
      'Cheapest way from nothing to a metal part in almost any alloy; rough skin, wide tolerance, thick walls; the price falls in three steps as the moulding is mechanised.',
    environment:
      'Silica dust at knock-out and mixing; water-based binder, little fume in aluminium, sea-coal smoke in iron. Most sand is reused; about a tenth is dumped.',
    room: 'Bench moulding fits a room of 30-60 m² with a muller, sand heap and extraction; a machine line needs a hall, conveyors and 100 kW or more.',
  },
  'permanent-mould': {
    summary:
      'The production form of the metal die: moving cores, ejectors, cooling; quiet filling, heat-treatable, pressure-tight aluminium at thousands to a hundred thousand.',
    environment: 'Die-coat mist and dross; quiet, little waste; holding furnace is the power user.',
    room: 'Machine with hydraulic cell, holding furnace, guard and 60-100 m²; 50-100 kW.',
  },
  plaster: {
    summary:
      'Thin walls and a smooth skin in aluminium and zinc for tens to hundreds of pieces, with soft tooling; slow because the mould must dry; metal cools slowly so strength is lower.',
    environment:
      'Wet plaster waste cannot be reused and must be landfilled; long ovens use gas or power; little fume at the pour.',
    room: 'Mixing bench with vacuum, drying oven 200-250 °C for half a day (thin moulds) to several days (thick ones), small melting furnace; 40 m².',
  },
  'pressure-die': {
    summary:
      'Seconds a shot, thin walls, close limits, best skin; expensive tool and slow start; trapped gas limits heat treatment and welding.',
    environment:
      'Die lubricant mist and waste water, hydraulic fluid fire risk, noise; zinc and aluminium runners remelted; magnesium needs cover gas.',
    room: 'Machines of 5 to 60 t, foundation, crane for the die, 100-300 m² a cell, 50-300 kW.',
  },
  'shell-investment': {
    summary:
      'Detail, undercuts and near-net faces in steel, stainless and everything else that pours; pays per kilogram and per dip; wants small parts on a full tree.',
    environment:
      'Respirable silica and zircon dust at stuccoing and knock-out; spent shell is landfilled; dewax steam and firing use the energy; wax is reclaimed for runners.',
    room: 'Climate-controlled dip room (22 ± 1 °C, moving dry air), autoclave, firing furnace 900-1050 °C, melting for steel by induction; 150 m² and up.',
  },
  spin: {
    summary:
      'Small low-melting parts by tens to thousands from a rubber disc that costs a day; soft tool so dimensions wander by a tenth or two.',
    environment:
      'Rubber fume at vulcanising; lead-bearing alloys need lead hygiene; runners remelted on the spot; spent discs are general waste.',
    room: 'A table-top process: vulcanising press, spinner with guard, pot; 10-15 m², single-phase power.',
  },
};
