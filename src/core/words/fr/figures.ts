import type { Messages } from '../messages';

const WIDTH = '{width, select, full {pleine largeur} half {demi-largeur} other {tiers de largeur}}';
const COLOUR = '{colour, select, white {blanc} other {vert}}';

export const FIGURES: Messages['figures'] = {
  'figure.wire': {
    figure: '{count, plural, one {{gauge}} other {# × {gauge}}}',
    words: `${COLOUR}, Ø {diameterMm}, coupé à {lengthMm}`,
  },
  'figure.part-wire': {
    figure: '{gauge}',
    words: 'par partie ({part}) : {colour, select, white {blanc} other {vert}}, coupé à {lengthMm}',
  },
  'figure.own-wire': {
    figure: '{gauge}',
    words: '{colour, select, white {blanc} other {vert}}, chacun à sa longueur dans la liste de coupe',
  },
  'figure.stalk': { figure: '{lengthMm}', words: 'libres, de la tête à l’attache' },
  'figure.below-head': { figure: '{lengthMm}', words: 'sous la tête {ontoOf}' },
  'figure.below-joint': {
    figure: '{lengthMm}',
    words: 'sous l’attache {joint}, à {side, select, left {gauche} other {droite}}',
  },
  'figure.turns': { figure: '{turns, plural, one {# tour} other {# tours}}', words: `ruban ${WIDTH}, {woundMm} vers le bas` },
  'figure.thick-below': {
    figure: '{thickMm}',
    words: 'd’épaisseur en dessous, {wires, plural, one {# fil} other {# fils}}',
  },
  'figure.from-pick': { figure: '{lengthMm}', words: 'depuis le tube, son bord supérieur' },
  'figure.arm-bent': { figure: '{lengthMm}', words: 'de chaque bras pliés vers le bas' },
  'figure.arms': { figure: '{firstMm} et {secondMm}', words: 'des pointes au pli' },
  'figure.thick-at-end': { figure: '{thickMm}', words: 'd’épaisseur au bout' },
  'figure.stem-inside': { figure: '{lengthMm}', words: 'de tige à l’intérieur' },
  'figure.barrier-cut': { figure: '{lengthMm}', words: 'de {barrier}, sa longueur' },
  'figure.free-above': { figure: '{lengthMm}', words: 'libres au-dessus de la barrière' },
  'figure.thick-at-entry': { figure: '{thickMm}', words: 'd’épaisseur à l’entrée' },
  'figure.same-for-each': { figure: '{count} ×', words: 'de même pour chacune' },
  'figure.stamens': { figure: '{count}', words: '{count, plural, one {étamine} other {étamines}}, pointes à la même hauteur' },
  'figure.ring': {
    figure: 'rang {ring} sur {of}',
    words: '{count} {count, plural, one {{part}} other {{partMany}}}, à intervalles égaux',
  },
  'figure.ring-below': { figure: '{belowMm}', words: 'sous le pied du cœur' },
  'figure.turned': { figure: '{rad}', words: 'de décalage sur le rang précédent' },
  'figure.turned-last': { figure: '{rad}', words: 'tourné par rapport au précédent' },
  'figure.below-last': { figure: '{lengthMm}', words: 'sous le précédent' },
  'figure.each-lower': { figure: '{lengthMm}', words: 'chacun sous le précédent' },
  'figure.base-firms': { figure: '5–10 min', words: 'jusqu’à ce qu’un pincement l’enfonce à peine' },
  'figure.pushed-in': { figure: '{count}', words: '{partMany}, les boutons au milieu, les ouvertes autour' },
  'figure.barriers': { figure: '{count}', words: '{count, plural, one {{barrier}} other {{barrierMany}}}' },
  'figure.in-foam': { figure: '{count}', words: 'dans la mousse, sans barrière' },
  'figure.clock': { figure: '{clock}', words: '{heightMm} au-dessus du plateau' },
  'figure.down': { figure: '{rad} vers le bas', words: '{straight, select, yes {à la verticale} other {sous l’horizontale}}' },
  'figure.deep': { figure: '{insideMm}', words: 'de profondeur ; {proudMm} {barrierOf} dépassent' },
  'figure.deep-foam': { figure: '{insideMm}', words: 'dans la mousse' },
  'figure.glued': { figure: '{count}', words: '{count, plural, one {collée, sans fil} other {collées, sans fil}}' },
  'figure.sides': { figure: '{sides} côtés', words: 'et du dessus, à hauteur d’invité' },
  'figure.seen-from': { figure: '{entry}', words: 'visible depuis {sides}' },
  'figure.count': { figure: '{count}', words: '{count, plural, one {entre, une sort} other {entrent, autant sortent}}' },
};
