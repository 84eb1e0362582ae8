import type { Messages } from '../messages';

const WIDTH = '{width, select, full {a todo su ancho} half {a medio ancho} other {a un tercio de su ancho}}';
const COLOUR = '{colour, select, white {blanco} other {verde}}';

export const FIGURES: Messages['figures'] = {
  'figure.wire': {
    figure: '{count, plural, one {{gauge}} other {# × {gauge}}}',
    words: `${COLOUR}, Ø {diameterMm}, cortado a {lengthMm}`,
  },
  'figure.part-wire': {
    figure: '{gauge}',
    words: 'para cada parte ({part}): {colour, select, white {blanco} other {verde}}, cortado a {lengthMm}',
  },
  'figure.own-wire': {
    figure: '{gauge}',
    words: '{colour, select, white {blanco} other {verde}}, cada uno a su medida en la lista de corte',
  },
  'figure.stalk': { figure: '{lengthMm}', words: 'libres, de la cabeza a la unión' },
  'figure.below-head': { figure: '{lengthMm}', words: 'por debajo de la cabeza {ontoOf}' },
  'figure.below-joint': {
    figure: '{lengthMm}',
    words: 'por debajo de la unión {joint}, a la {side, select, left {izquierda} other {derecha}}',
  },
  'figure.turns': { figure: '{turns, plural, one {# vuelta} other {# vueltas}}', words: `cinta ${WIDTH}, {woundMm} hacia abajo` },
  'figure.thick-below': {
    figure: '{thickMm}',
    words: 'de grueso por debajo, {wires, plural, one {# alambre} other {# alambres}}',
  },
  'figure.from-pick': { figure: '{lengthMm}', words: 'desde el portaflor, su extremo superior' },
  'figure.arm-bent': { figure: '{lengthMm}', words: 'de cada brazo doblados hacia abajo' },
  'figure.arms': { figure: '{firstMm} y {secondMm}', words: 'de las puntas al doblez' },
  'figure.thick-at-end': { figure: '{thickMm}', words: 'de grueso en el extremo' },
  'figure.stem-inside': { figure: '{lengthMm}', words: 'de tallo dentro' },
  'figure.barrier-cut': { figure: '{lengthMm}', words: 'de {barrier}, su largo' },
  'figure.free-above': { figure: '{lengthMm}', words: 'libres por encima de la barrera' },
  'figure.thick-at-entry': { figure: '{thickMm}', words: 'de grueso donde entra' },
  'figure.same-for-each': { figure: '{count} ×', words: 'lo mismo con cada una' },
  'figure.stamens': { figure: '{count}', words: '{count, plural, one {estambre} other {estambres}}, puntas a la misma altura' },
  'figure.ring': {
    figure: 'aro {ring} de {of}',
    words: '{count} {count, plural, one {{part}} other {{partMany}}}, repartidos por igual',
  },
  'figure.ring-below': { figure: '{belowMm}', words: 'por debajo del pie del centro' },
  'figure.turned': { figure: '{rad}', words: 'de giro respecto al aro anterior' },
  'figure.turned-last': { figure: '{rad}', words: 'girado respecto al anterior' },
  'figure.below-last': { figure: '{lengthMm}', words: 'por debajo de lo anterior' },
  'figure.each-lower': { figure: '{lengthMm}', words: 'cada uno bajo el anterior' },
  'figure.base-firms': { figure: '5–10 min', words: 'hasta que un pellizco apenas la hunda' },
  'figure.pushed-in': { figure: '{count}', words: '{partMany}, los capullos en medio, lo abierto alrededor' },
  'figure.barriers': { figure: '{count}', words: '{count, plural, one {{barrier}} other {{barrierMany}}}' },
  'figure.in-foam': { figure: '{count}', words: 'en espuma, sin barrera' },
  'figure.clock': { figure: '{clock}', words: '{heightMm} por encima de la base' },
  'figure.down': { figure: '{rad} hacia abajo', words: '{straight, select, yes {en vertical} other {bajo la horizontal}}' },
  'figure.deep': { figure: '{insideMm}', words: 'de hondo; {proudMm} {barrierOf} quedan fuera' },
  'figure.deep-foam': { figure: '{insideMm}', words: 'dentro de la espuma' },
  'figure.glued': { figure: '{count}', words: '{count, plural, one {pegada, sin alambre} other {pegadas, sin alambre}}' },
  'figure.sides': { figure: '{sides} lados', words: 'y desde arriba, a la altura de un invitado' },
  'figure.seen-from': { figure: '{entry}', words: 'se ve desde {sides}' },
  'figure.count': { figure: '{count}', words: '{count, plural, one {entra, uno sale} other {entran, los mismos salen}}' },
};
