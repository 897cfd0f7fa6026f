import type { Hazard } from '../types';

/** What can hurt whom when an alloy is melted, poured or finished, and the usual precautions. */
export const HAZARDS: readonly Hazard[] = [
  {
    id: 'molten-metal',
    title: 'Molten metal',
    hurts: 'Burns and spatter; steam explosion if metal meets water, damp moulds, wet tools or sealed scrap.',
    precautions: 'Dry and preheat everything, face and body cover, clear floor, no water near the pour.',
    line: 'Follow local codes and a licensed practitioner.',
  },
  {
    id: 'beryllium',
    title: 'Beryllium',
    hurts:
      'Dust and fume from melting, grinding or knock-out can cause lasting lung disease and sensitisation, at tiny doses; also a carcinogen.',
    precautions:
      'Enclosed, extracted and monitored work, wet methods, health checks, controlled waste; the user should prefer a beryllium-free alloy.',
    line: 'Follow local codes and a licensed practitioner.',
  },
  {
    id: 'magnesium-fire',
    title: 'Magnesium fire',
    hurts: 'Melt and chips burn white-hot; water, carbon dioxide or ordinary foam make it worse.',
    precautions:
      'Cover gas or flux over the melt, dry sand or class D powder to hand, dry chips stored apart, no water on burning metal.',
    line: 'Follow local codes and a licensed practitioner.',
  },
  {
    id: 'lead',
    title: 'Lead',
    hurts: 'Dust and fume poison blood, nerves and unborn children; dust travels home on clothes.',
    precautions:
      'Extraction, lead pots below about 450 °C (leaded bronze cannot be kept that cool, so extract harder), washing, no food in the shop, blood-lead monitoring; never for food, toys or drinking water.',
    line: 'Follow local codes and a licensed practitioner.',
  },
  {
    id: 'zinc-fume',
    title: 'Zinc fume',
    hurts:
      'White fume from boiling zinc gives metal-fume fever; brass smokes at pour, die zinc only when overheated, torched or welded.',
    precautions: 'Extraction, cool pour, watch the melt heat, no galvanised scrap.',
    line: 'Follow local codes and a licensed practitioner.',
  },
  {
    id: 'nickel-chromium-fume',
    title: 'Nickel and chromium fume',
    hurts:
      'Welding, arc cutting and grinding stainless or nickel alloys releases nickel and hexavalent chromium, both carcinogens; nickel also irritates skin.',
    precautions: 'Extraction at source, respirator on arc work, skin cover, and test worn parts for nickel release.',
    line: 'Follow local codes and a licensed practitioner.',
  },
  {
    id: 'manganese-fume',
    title: 'Manganese fume',
    hurts: 'Long exposure to fume from welding, arc-air cutting or melting manganese-bearing metal harms nerves.',
    precautions: 'Extraction at source, limit arc cutting indoors.',
    line: 'Follow local codes and a licensed practitioner.',
  },
  {
    id: 'cobalt',
    title: 'Cobalt dust',
    hurts: 'Grinding dust sensitises skin and lungs and is suspected of causing cancer.',
    precautions: 'Wet grinding or extraction, gloves, no dry sweeping.',
    line: 'Follow local codes and a licensed practitioner.',
  },
  {
    id: 'antimony',
    title: 'Antimony fume',
    hurts:
      'Fume and dust irritate and are toxic; wet antimony dross can give poisonous gas with acid or reactive metal.',
    precautions: 'Keep the pot cool, skim dry, extract, no acid near dross.',
    line: 'Follow local codes and a licensed practitioner.',
  },
  {
    id: 'cadmium-none',
    title: 'Cadmium: none in these grades',
    hurts:
      'None is added here, but look-alike low-melt alloys and old silver and gold solders hold it; its fume can kill.',
    precautions: 'Buy by analysis, refuse unknown low-melt or soldered scrap, no torch on suspect joints.',
    line: 'Follow local codes and a licensed practitioner.',
  },
  {
    id: 'metal-dust-fire',
    title: 'Light-metal dust',
    hurts: 'Fine grinding dust of aluminium, magnesium or titanium can flash or explode; damp dust gives hydrogen.',
    precautions: 'Wet or dedicated extraction, no iron-spark tools, keep dust apart and cleaned away.',
    line: 'Follow local codes and a licensed practitioner.',
  },
  {
    id: 'nodulariser-flare',
    title: 'Treatment flare',
    hurts: 'Adding magnesium to liquid iron flares, throws metal and white fume.',
    precautions: 'Covered ladle or wire feed, distance, extraction, dry ladles.',
    line: 'Follow local codes and a licensed practitioner.',
  },
  {
    id: 'titanium-fire',
    title: 'Titanium melting',
    hurts:
      'A leak of cooling water into a skull crucible can explode; hot metal burns in air; acid milling uses hydrofluoric acid.',
    precautions: 'Only in a vacuum shop built for it: water-safe crucibles, interlocks, acid safety.',
    line: 'Follow local codes and a licensed practitioner.',
  },
];
