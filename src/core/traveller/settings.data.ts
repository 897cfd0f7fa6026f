/**
 * Values and figures of the method that belong to a step, by the last word of its id. A step that is not listed has none of its own; a value
 * that a method has not is left out.
 */
export const STEP_VALUES: Readonly<Record<string, readonly string[]>> = {
  allowances: ['shrinkAll', 'joint'],
  pattern: ['shrinkAll', 'positions'],
  'tool-or-print': ['shrinkAll'],
  'die-design': ['shrinkAll', 'positions', 'machine', 'lock'],
  'die-make': ['dieMass', 'coatThickness'],
  'wax-die': ['shrinkAll'],
  master: ['shrinkAll'],
  masters: ['shrinkAll'],
  rubber: ['shrinkRubber'],
  method: [
    'choke',
    'sprueFoot',
    'sprueTop',
    'runnersArea',
    'gateEach',
    'filter',
    'feeders',
    'feederDiameter',
    'feederHeight',
    'feederNeck',
    'vents',
  ],
  layout: ['positions', 'cavityRadius', 'runnerWall'],
  'gates-vents': ['runnerWall', 'farPath'],
  vulcanise: ['cure', 'platen', 'discDepth'],
  mould: ['flaskLength', 'flaskWidth', 'copeHeight'],
  mix: ['powder', 'waterShare', 'plasterVolume'],
  'fill-strip': ['flaskLength', 'flaskWidth'],
  cores: ['cores', 'coreMass'],
  'sand-cores': ['cores', 'coreMass'],
  'set-cores': ['cores', 'coreLift', 'chaplets'],
  close: ['clamps', 'clampNeed', 'lift', 'copeMass'],
  dry: ['plasterDries', 'oven', 'plasterWater'],
  inject: ['positions'],
  tree: ['positions', 'perRow', 'pitch', 'runnerDiameter', 'runnerLength'],
  'face-coat': ['primeCoats', 'primeCoat', 'coatDries', 'humidity'],
  backup: ['backCoats', 'backCoat', 'sealCoats', 'shellThickness', 'coatDries', 'shellDries'],
  dewax: ['dewaxHeat', 'steam', 'steamRise', 'steamRelease', 'furnace', 'loading'],
  fire: ['mouldTemp'],
  'burn-out': ['dewaxHeat', 'mouldTemp'],
  'set-die': ['machine', 'lock', 'plunger'],
  'clean-coat': ['coatThickness', 'film'],
  spray: ['coatThickness', 'film'],
  powder: ['film'],
  preheat: ['preheated', 'mouldTemp', 'preheatLeast'],
  melt: ['charge', 'pour', 'meltLoss'],
  treat: ['poured'],
  'warm-up': ['warmUpPours', 'mouldTemp', 'cycle'],
  pour: ['pour', 'mouldTemp', 'fillTime', 'poured', 'rpm'],
  shot: ['pour', 'mouldTemp', 'dieFill', 'gateSpeed', 'pressure', 'shot', 'sleeveFill'],
  cool: ['knockOut', 'shakeOut'],
  'shake-out': ['knockOut', 'shakeOut'],
  'break-out': ['knockOut', 'shakeOut'],
  'knock-out': ['knockOut'],
  open: ['dwell', 'eject', 'cycle', 'freeze_s'],
  eject: ['dwell', 'eject', 'cycle'],
  'cut-off': ['gateEach', 'feederNeck'],
  'break-off': ['runnerWall'],
};

/** Phases in which a lot passes through the shop; what comes before is done once for the part. */
export const LOT_PHASES: readonly string[] = ['mould', 'melt', 'pour', 'clean', 'treat', 'finish', 'inspect', 'ship'];

/** Who does a step, by its phase. */
export const WHO: Readonly<Record<string, string>> = {
  ...{ design: 'engineer', tooling: 'pattern or die maker', mould: 'moulder', melt: 'furnace hand', pour: 'caster' },
  ...{ clean: 'fettler', treat: 'heat treater', finish: 'machinist', inspect: 'inspector', ship: 'dispatch' },
};
