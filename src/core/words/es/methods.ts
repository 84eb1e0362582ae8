import type { MethodWords } from '../messages';

const DUST_FLOWER = 'Polvo del centro hacia fuera, bordes al final';
const STEAM = 'Pasar por vapor, nunca mojar';
const STEAM_DRY = 'secar otra vez antes de la caja';
const OVERNIGHT = 'colgar toda la noche';
const DEEP_HEART = 'intenso en el centro, de la base hacia fuera';
const PALE_EDGE = 'más pálido hacia el borde, por delante y por detrás';
const RED_TIPS = 'una pizca de rojo en puntas y base, al final';
const GLUE = 'pegamento comestible, pincel fino';
const HOOKED = 'alambre, con gancho';
const CLEAN_EDGES = 'Los bordes del cortador están limpios: ni mellas ni desgarros.';
const LIGHT_THROUGH = 'Los bordes dejan pasar la luz, el centro no.';

/** Methods of making, as they are called, and what lies ready for each; by id. */
export const METHODS: MethodWords = {
  layered: {
    name: 'En capas sobre un centro seco',
    steps: {
      centre: 'Engancha el alambre en un cono, deja secar',
      petals: 'Corta aros, afina cada borde, envuelve aro a aro',
      dust: DUST_FLOWER,
      steam: STEAM,
    },
    drying: {
      centre: 'centros',
      petals: OVERNIGHT,
      steam: STEAM_DRY,
    },
    tools: ['cortadores de rosa o de aros', HOOKED, 'almohadilla blanda', 'bolillo', GLUE, 'espuma o rejilla para colgar'],
    dusting: [DEEP_HEART, PALE_EDGE, RED_TIPS],
    checks: [
      'El centro está seco del todo antes de los pétalos.',
      CLEAN_EDGES,
      LIGHT_THROUGH,
      'Cada aro cubre los huecos del anterior.',
      'No se ve alambre por el pétalo ni sale por arriba.',
    ],
  },
  'wired petals': {
    name: 'Pétalos alambrados uno a uno',
    steps: {
      centre: 'Centro en alambre grueso, deja secar',
      petals: 'Corta, alambra, afina y vetea cada pétalo',
      dust: DUST_FLOWER,
      steam: STEAM,
      assemble: 'Ata los pétalos vuelta a vuelta, en los huecos',
    },
    drying: {
      centre: 'centros',
      petals: 'en moldes toda la noche',
      steam: STEAM_DRY,
    },
    tools: [
      'cortadores de pétalo',
      'veteador',
      'alambre para cada pétalo',
      'tabla acanalada',
      'bolillo',
      'moldes cóncavos',
      GLUE,
    ],
    dusting: [DEEP_HEART, PALE_EDGE, RED_TIPS],
    checks: [
      'No se ve alambre por el pétalo ni sale por arriba.',
      'El alambre sujeta dos tercios del pétalo.',
      CLEAN_EDGES,
      'Algunos secan boca abajo, para que no haya dos iguales.',
      'Los pétalos atados van en los huecos de la vuelta anterior.',
    ],
  },
  'wired petals small': {
    name: 'Flor pequeña, pétalo a pétalo',
    steps: {
      centre: 'Alambre con gancho en una quilla pequeña',
      petals: 'Alas y estandarte, rizados y puestos alrededor',
      dust: DUST_FLOWER,
      steam: STEAM,
    },
    drying: {
      centre: 'quillas',
      petals: OVERNIGHT,
      steam: STEAM_DRY,
    },
    tools: ['cortadores de pétalo pequeños', HOOKED, 'palillo de rizar', 'almohadilla blanda', GLUE],
    dusting: [DEEP_HEART, PALE_EDGE, RED_TIPS],
    checks: ['La quilla está seca antes de vestirla.', LIGHT_THROUGH, 'Las alas se abren, el estandarte va detrás.'],
  },
  'one piece': {
    name: 'Cortada de una pieza',
    steps: {
      petals: 'Corta, ablanda, vetea; centro prensado y pegado',
      dust: DUST_FLOWER,
      steam: STEAM,
    },
    drying: {
      petals: 'en cuencos toda la noche',
      steam: STEAM_DRY,
    },
    tools: ['cortador de margarita', 'veteador', 'molde de centro', HOOKED, 'cuencos', GLUE],
    dusting: ['primero el centro, más oscuro en su borde', DEEP_HEART, PALE_EDGE],
    checks: [
      CLEAN_EDGES,
      'Las capas van desplazadas: ningún pétalo sobre otro.',
      'El centro está en medio y no se mueve al sacudir.',
    ],
  },
  pulled: {
    name: 'Estirada a mano',
    steps: {
      petals: 'Cono, abre, recorta, aplana, alambre por el centro',
      dust: DUST_FLOWER,
      steam: STEAM,
    },
    drying: {
      petals: OVERNIGHT,
      steam: STEAM_DRY,
    },
    tools: ['herramienta de punta', 'tijeras finas', HOOKED, 'un poco de grasa para los dedos'],
    dusting: ['garganta intensa, hacia fuera más clara', 'puntas, apenas'],
    checks: [
      'Los pétalos son de un tamaño: una florecilla torcida viene de un agujero descentrado; deséchala o úsala detrás.',
      'Los cortes llegan a la mitad: pétalos unidos se cortan otra vez.',
      'El cuello se afina sobre el alambre, sin bulto bajo la flor.',
    ],
  },
  'pulled cluster': {
    name: 'Florecillas estiradas en espiga',
    steps: {
      florets: 'Estira y alambra las florecillas',
      dust: DUST_FLOWER,
      steam: STEAM,
      assemble: 'Ata las florecillas de la punta hacia abajo',
    },
    drying: {
      florets: OVERNIGHT,
      steam: STEAM_DRY,
    },
    tools: ['herramienta de punta', 'tijeras finas', 'alambre fino, con gancho', 'alambre portador', 'cinta, medio ancho'],
    dusting: [
      'florecillas abiertas, más intensas en la garganta',
      'capullos más verdes hacia la punta',
      'tallo verde, luego marrón donde es leñoso',
    ],
    checks: [
      'Capullo, entreabierta y abierta se siguen por el tallo sin salto.',
      'Las florecillas van alrededor, no en filas.',
      'Las descentradas van detrás.',
    ],
  },
  scrunched: {
    name: 'Relleno arrugado',
    steps: {
      florets: 'Riza discos finos, alambra, recoge en la base',
      assemble: 'Ata las florecillas en racimos y los racimos al tallo',
    },
    drying: {
      florets: 'de pie en espuma',
    },
    tools: ['cortador redondo pequeño', 'palillo de rizar', 'alambre fino, con gancho'],
    dusting: ['un soplo de color en el centro', 'tallos pintados'],
    checks: ['Los discos son finos hasta el borde y recogidos, no aplastados.', 'El gancho aguanta al tirar.'],
  },
  'domed cluster': {
    name: 'Racimo en cúpula sobre base blanda',
    steps: {
      florets: 'Capullos y florecillas abiertas en alambres cortos',
      assemble: 'Base blanda en una brocheta, 5–10 min, luego mete capullos, flores alrededor',
      dust: DUST_FLOWER,
      steam: STEAM,
    },
    drying: {
      florets: 'florecillas toda la noche',
      assemble: 'la base',
      steam: STEAM_DRY,
    },
    tools: ['herramienta de punta', 'alambres finos y cortos', 'brocheta', 'pasta blanda para la base'],
    dusting: ['florecillas abiertas del centro hacia fuera', 'capullos más verdes', 'más intenso el lado de sombra de la cúpula'],
    checks: [
      'La base lleva 5–10 min: firme, aún blanda dentro.',
      'No se ve base entre las florecillas.',
      'Capullos en el centro, abiertas alrededor.',
    ],
  },
  berry: {
    name: 'Baya',
    steps: {
      berries: 'Alambre con gancho en bolas lisas',
      dust: 'Polvo según la madurez, glasea',
      assemble: 'Ata en ramitas, glasea otra vez',
    },
    drying: {
      berries: 'hasta que estén firmes',
      assemble: 'glaseado',
    },
    tools: [HOOKED, 'cortador de cáliz de estrella', 'glaseado, pincel'],
    dusting: [
      'primero el lado verde, pálido',
      'más intenso el lado maduro, no dos iguales',
      'glaseado cuando está seco; otra vez al atar',
    ],
    checks: ['Las bolas son lisas, sin costura ni grieta.', 'No se ve el gancho.', 'Tamaño y madurez varían en una ramita.'],
  },
  'covered berry': {
    name: 'Baya cubierta',
    steps: {
      berries: 'Alambre con gancho en bolas, deja que tomen firmeza',
      drupelets: 'Cubre con bolitas, luego el cáliz de estrella',
      dust: 'Polvo según la madurez, glasea',
      assemble: 'Ata en ramitas',
    },
    drying: {
      berries: 'núcleos',
      drupelets: 'bolitas',
    },
    tools: [HOOKED, 'cortador de cáliz de estrella', GLUE, 'glaseado, pincel'],
    dusting: ['las verdes, verde y rojo', 'las maduras intensas, en cada hueco', 'glaseado al final'],
    checks: [
      'Los núcleos están firmes antes de cubrirlos.',
      'Bolitas de unos 2 mm muy juntas, no se ve el núcleo.',
      'El cáliz va a la media hora, vuelto hacia atrás.',
    ],
  },
  'wired leaf': {
    name: 'Hoja con alambre',
    steps: {
      leaves: 'Corta, alambra dos tercios, vetea, afina los bordes',
      dust: 'Polvo de la base a la punta, bordes al final',
      steam: STEAM,
      assemble: 'Ata las hojas de la punta hacia abajo',
    },
    drying: {
      leaves: 'sobre papel arrugado',
      steam: STEAM_DRY,
    },
    tools: ['cortadores de hoja', 'veteador', 'tabla acanalada', 'almohadilla blanda', 'bolillo', 'papel arrugado o molde', GLUE],
    dusting: ['verde de la base a la punta, margen libre', 'nervio y envés, más claro', 'margen de su color, al final'],
    checks: ['El alambre sujeta dos tercios y no se ve por la cara.', CLEAN_EDGES, LIGHT_THROUGH, 'No hay dos dobladas igual.'],
  },
  'glued leaf': {
    name: 'Hojas pegadas al portador',
    steps: {
      leaves: 'Corta hojas finas, pégalas por el alambre',
      dust: 'Polvo de la base a la punta',
      steam: STEAM,
    },
    drying: {
      leaves: 'tumbadas',
      steam: STEAM_DRY,
    },
    tools: ['tijeras finas o cortador', 'alambre portador', GLUE],
    dusting: ['de la base a la punta', 'portador verde, luego marrón encima donde es leñoso'],
    checks: ['Cada hoja aguanta al golpear el tallo.', 'Las hojas menguan hacia la punta.', 'No brilla el pegamento.'],
  },
  'rolled rosette': {
    name: 'Roseta enrollada, sin alambre',
    steps: {
      petals: 'Corta tiras, enrolla, aprieta la base, recórtala plana',
      dust: DUST_FLOWER,
    },
    drying: {
      petals: 'de pie, toda la noche',
    },
    tools: ['cortador de tiras o cuchillo', 'rodillo', GLUE],
    dusting: ['intenso hacia el centro', 'bordes pálidos'],
    checks: [
      'El centro prieto, la vuelta exterior abierta.',
      'La base está recortada plana, para que se siente.',
      'Unos 6 mm de ancho con una tira de 6 × 50–63 mm si es mini.',
    ],
  },
  'cupped flower': {
    name: 'Flor en cuenco, sin alambre',
    steps: {
      petals: 'Cinco discos finos solapados en un cuenco empolvado, luego el centro',
      dust: DUST_FLOWER,
    },
    drying: {
      petals: 'en cuencos toda la noche',
    },
    tools: ['cortadores redondos', 'cuencos empolvados', 'bolillo', GLUE],
    dusting: [DEEP_HEART, PALE_EDGE],
    checks: ['Los pétalos se solapan todo alrededor, el último bajo el primero.', 'Sale del cuenco sin pegarse.'],
  },
  'hand-wrapped': {
    name: 'Envuelta a mano, sin alambre',
    steps: {
      centre: 'Cono, de pie',
      petals: 'Discos finos envueltos uno sobre otro, cada uno más abierto; aprieta, recorta',
      dust: DUST_FLOWER,
    },
    drying: {
      centre: 'conos',
      petals: '24–48 h para tomar firmeza',
    },
    tools: ['rodillo', 'cuchillo', GLUE],
    dusting: [DEEP_HEART, PALE_EDGE],
    checks: [
      'Cada pétalo se afina solo por una mitad.',
      'Cada uno se abre algo más que el anterior.',
      'Firme al cabo de un día o dos; entonces ya no es agradable de comer.',
    ],
  },
  'snipped pompon': {
    name: 'Pompón recortado',
    steps: {
      core: 'Bola de núcleo de otro color, envuelta en un disco fino, en alambre retorcido',
      petals: 'Tijeras a 45°, fila tras fila de la base a la punta',
      dust: DUST_FLOWER,
      steam: STEAM,
    },
    drying: {
      petals: OVERNIGHT,
      steam: STEAM_DRY,
    },
    tools: ['tijeras finas', 'alambre retorcido', 'cortador de disco fino'],
    dusting: ['solo las puntas'],
    checks: [
      'Las filas van de la base a la punta, cada una en los huecos de la anterior.',
      'El color del núcleo se ve donde se corta, en ningún otro sitio.',
    ],
  },
  'paper leaf': {
    name: 'Hojas de oblea en alambre con quiebros',
    steps: {
      paper: 'Pinta tiras, empolva, dobla, corta varias a la vez, riza',
      assemble: 'Pegamento de clara, una hoja tras otra, huecos todos distintos',
      dust: 'Empolva el alambre',
    },
    drying: {
      paper: 'pintura',
      assemble: 'pegamento',
    },
    tools: ['papel de oblea', 'almidón', 'pintura comestible', 'tijeras', 'pegamento de clara', 'alambre con quiebros'],
    dusting: ['el alambre, no la hoja'],
    checks: [
      'El papel doblado se abre sin pegarse antes de cortar nada.',
      'Los huecos son todos distintos.',
      'La clara de huevo es un alérgeno: está en la hoja.',
    ],
  },
  'two-faced leaf': {
    name: 'Hoja de dos caras',
    steps: {
      leaves: 'Estira dos colores juntos, corta, vetea, alambra',
      dust: 'Polvo de la base a la punta, bordes al final',
      steam: STEAM,
      assemble: 'Ata las hojas de la punta hacia abajo',
    },
    drying: {
      leaves: 'sobre papel arrugado',
      steam: STEAM_DRY,
    },
    tools: ['plantilla de hoja o cuchillo', 'veteador', 'tabla acanalada', GLUE, 'papel arrugado'],
    dusting: ['verde de la base a la punta, margen libre', 'nervio y envés, más claro', 'margen de su color, al final'],
    checks: ['Las dos caras son parejas, la unión no se ve en el borde.', 'El alambre sujeta dos tercios.', LIGHT_THROUGH],
  },
  'cut floret': {
    name: 'Florecilla cortada, centro grueso',
    steps: {
      petals:
        'Corta, afina los bordes y no el centro, vetea hacia dentro, ensarta sobre un gancho pequeño, aprieta hacia abajo por el alambre, pellizca',
      dust: DUST_FLOWER,
      steam: STEAM,
    },
    drying: { petals: 'colgar toda la noche, cabeza abajo', steam: STEAM_DRY },
    tools: ['cortador de cuatro o cinco pétalos', 'veteador de pétalo', 'almohadilla blanda', 'bolillo', HOOKED],
    dusting: ['por delante, del centro hacia fuera', 'por detrás algo más pardo', 'bordes al final'],
    checks: [
      'El centro es tan grueso como se cortó.',
      'No se puede sacar del gancho.',
      'No queda pasta en el alambre por debajo.',
    ],
  },
  'ball stop': {
    name: 'Flor cortada sobre una bolita',
    steps: {
      petals: 'Bolita en el gancho, deja secar; corta la flor, ahuécala, súbela hasta la bolita',
      dust: DUST_FLOWER,
      steam: STEAM,
    },
    drying: { petals: OVERNIGHT, steam: STEAM_DRY },
    tools: ['cortador de florecilla', 'bolillo', 'almohadilla blanda', HOOKED, GLUE],
    dusting: ['del centro hacia fuera, bordes pálidos'],
    checks: ['La bolita queda en el centro.', 'La flor no resbala al sacudirla.'],
  },
  'laid flower': {
    name: 'Cortada y secada en cuenco, sin alambre',
    steps: { petals: 'Corta capa a capa, ablanda, pon una sobre otra en un cuenco, centro prensado y pegado', dust: DUST_FLOWER },
    drying: { petals: 'en cuencos toda la noche' },
    tools: ['cortadores de flor', 'cuencos empolvados', 'bolillo', 'molde de centro', GLUE],
    dusting: [DEEP_HEART, PALE_EDGE],
    checks: ['Cada capa cae en los huecos de la otra.', 'Sale del cuenco sin pegarse.', 'Se apoya plana.'],
  },
  'tiny floret': {
    name: 'Florecita de una gota, sin alambre',
    steps: {
      petals: 'Haz una gota, corta los pétalos, abre cada uno, recorta plano el dorso',
      dust: 'Un toque de color en el centro',
    },
    drying: { petals: 'sobre una almohadilla' },
    tools: ['tijeras finas', 'herramienta de punta', 'almohadilla blanda'],
    dusting: ['solo el centro'],
    checks: ['Los pétalos son iguales.', 'El dorso es plano, para que se siente.'],
  },
  'paper petals': {
    name: 'Pétalos de oblea alrededor del alambre',
    steps: {
      paper: 'Pinta, empolva, dobla, corta los pétalos, rízalos, pégalos al alambre con clara de huevo',
      dust: 'Polvo en el alambre',
    },
    drying: { paper: 'pintura y pegamento' },
    tools: ['papel de oblea', 'almidón', 'pintura comestible', 'tijeras', 'pegamento de clara de huevo', 'alambre'],
    dusting: ['el alambre, no el pétalo'],
    checks: [
      'El papel doblado se abre sin pegarse antes de cortar nada.',
      'Los pétalos se solapan todo alrededor.',
      'La clara de huevo es un alérgeno: está en la hoja.',
    ],
  },
  'paper wings': {
    name: 'Alas de oblea sobre alambre',
    steps: {
      paper: 'Pinta, empolva, dobla una vez, corta las dos alas, pégalas al alambre con clara de huevo',
      dust: 'Polvo en el alambre',
    },
    drying: { paper: 'pintura y pegamento' },
    tools: ['papel de oblea', 'almidón', 'pintura comestible', 'tijeras', 'pegamento de clara de huevo', 'alambre'],
    dusting: ['el alambre, no el ala'],
    checks: [
      'Las dos alas son iguales.',
      'Suben del alambre con el mismo ángulo.',
      'La clara de huevo es un alérgeno: está en la hoja.',
    ],
  },
  'strip leaf': {
    name: 'Hoja con alambre bajo una tira',
    steps: {
      leaves: 'Extiende plano, corta, pon el alambre por detrás hasta dos tercios, una tira fina encima, aprieta, vetea',
      dust: 'Polvo de la base a la punta, bordes al final',
      steam: STEAM,
      assemble: 'Ata las hojas de la punta hacia abajo',
    },
    drying: { leaves: 'sobre papel arrugado', steam: STEAM_DRY },
    tools: ['cortadores de hoja', 'veteador', 'almohadilla blanda', 'bolillo', 'papel arrugado o molde', GLUE],
    dusting: ['verde de la base a la punta, margen libre', 'nervio y envés, más claro', 'margen de su color, al final'],
    checks: ['La tira no se levanta en la punta.', 'El alambre no se ve por la cara.', CLEAN_EDGES],
  },
  'vein leaf': {
    name: 'Hoja con alambre en el nervio',
    steps: {
      leaves: 'Extiende con el centro grueso, corta, vetea, mete el alambre dos tercios en el nervio',
      dust: 'Polvo de la base a la punta, bordes al final',
      steam: STEAM,
      assemble: 'Ata las hojas de la punta hacia abajo',
    },
    drying: { leaves: 'sobre papel arrugado', steam: STEAM_DRY },
    tools: ['cortadores de hoja', 'veteador', 'almohadilla blanda', 'bolillo', 'papel arrugado o molde', GLUE],
    dusting: ['verde de la base a la punta, margen libre', 'nervio y envés, más claro', 'margen de su color, al final'],
    checks: ['El alambre no sale por delante ni por detrás.', 'Los bordes dejan pasar la luz, el nervio no.'],
  },
  'unwired leaf': {
    name: 'Hoja sin alambre',
    steps: {
      leaves: 'Corta, una presión del veteador, ponla a secar como va a quedar',
      dust: 'Polvo de la base a la punta, bordes al final',
    },
    drying: { leaves: 'plana, en cuencos o doblada sobre un canto' },
    tools: ['cortadores de hoja', 'veteador', 'almohadilla blanda', 'espuma con huecos o papel arrugado'],
    dusting: ['verde de la base a la punta', 'bordes de su color, al final'],
    checks: [CLEAN_EDGES, 'No está tan cerrada que no entre el pincel.', 'No hay dos secas igual.'],
  },
  'pressed leaf': {
    name: 'Hojita prensada de una bola',
    steps: { leaves: 'Haz una gota, aplasta, marca el nervio', dust: 'Verde en el centro' },
    drying: { leaves: 'sobre una almohadilla' },
    tools: ['veteador pequeño o lomo de cuchillo', 'almohadilla blanda'],
    dusting: ['el centro, margen libre'],
    checks: ['Un extremo es puntiagudo.', 'El nervio va de punta a punta.'],
  },
};
