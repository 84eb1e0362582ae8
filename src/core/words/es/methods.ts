import type { MethodWords } from '../messages';

/** Methods of making, as they are called, and what lies ready for each; by id. */
export const METHODS: MethodWords = {
  layered: {
    name: 'En capas sobre un centro seco',
    steps: {
      centre: 'Engancha el alambre en un cono, deja secar',
      petals: 'Corta aros, afina cada borde, envuelve aro a aro',
      dust: 'Polvo del centro hacia fuera, bordes al final',
      steam: 'Pasar por vapor, nunca mojar',
    },
    drying: {
      centre: 'centros',
      petals: 'colgar toda la noche',
      steam: 'secar otra vez antes de la caja',
    },
    tools: [
      'cortadores de rosa o de aros',
      'alambre, con gancho',
      'almohadilla blanda',
      'bolillo',
      'pegamento comestible, pincel fino',
      'espuma o rejilla para colgar',
    ],
    dusting: [
      'intenso en el centro, de la base hacia fuera',
      'más pálido hacia el borde, por delante y por detrás',
      'una pizca de rojo en puntas y base, al final',
    ],
    checks: [
      'El centro está seco del todo antes de los pétalos.',
      'Los bordes del cortador están limpios: ni mellas ni desgarros.',
      'Los bordes dejan pasar la luz, el centro no.',
      'Cada aro cubre los huecos del anterior.',
      'No se ve alambre por el pétalo ni sale por arriba.',
    ],
  },
  'wired petals': {
    name: 'Pétalos alambrados uno a uno',
    steps: {
      centre: 'Centro en alambre grueso, deja secar',
      petals: 'Corta, alambra, afina y vetea cada pétalo',
      dust: 'Polvo del centro hacia fuera, bordes al final',
      steam: 'Pasar por vapor, nunca mojar',
      assemble: 'Ata los pétalos vuelta a vuelta, en los huecos',
    },
    drying: {
      centre: 'centros',
      petals: 'en moldes toda la noche',
      steam: 'secar otra vez antes de la caja',
    },
    tools: [
      'cortadores de pétalo',
      'veteador',
      'alambre para cada pétalo',
      'tabla acanalada',
      'bolillo',
      'moldes cóncavos',
      'pegamento comestible, pincel fino',
    ],
    dusting: [
      'intenso en el centro, de la base hacia fuera',
      'más pálido hacia el borde, por delante y por detrás',
      'una pizca de rojo en puntas y base, al final',
    ],
    checks: [
      'No se ve alambre por el pétalo ni sale por arriba.',
      'El alambre sujeta dos tercios del pétalo.',
      'Los bordes del cortador están limpios: ni mellas ni desgarros.',
      'Algunos secan boca abajo, para que no haya dos iguales.',
      'Los pétalos atados van en los huecos de la vuelta anterior.',
    ],
  },
  'wired petals small': {
    name: 'Flor pequeña, pétalo a pétalo',
    steps: {
      centre: 'Alambre con gancho en una quilla pequeña',
      petals: 'Alas y estandarte, rizados y puestos alrededor',
      dust: 'Polvo del centro hacia fuera, bordes al final',
      steam: 'Pasar por vapor, nunca mojar',
    },
    drying: {
      centre: 'quillas',
      petals: 'colgar toda la noche',
      steam: 'secar otra vez antes de la caja',
    },
    tools: [
      'cortadores de pétalo pequeños',
      'alambre, con gancho',
      'palillo de rizar',
      'almohadilla blanda',
      'pegamento comestible, pincel fino',
    ],
    dusting: [
      'intenso en el centro, de la base hacia fuera',
      'más pálido hacia el borde, por delante y por detrás',
      'una pizca de rojo en puntas y base, al final',
    ],
    checks: [
      'La quilla está seca antes de vestirla.',
      'Los bordes dejan pasar la luz, el centro no.',
      'Las alas se abren, el estandarte va detrás.',
    ],
  },
  'one piece': {
    name: 'Cortada de una pieza',
    steps: {
      petals: 'Corta, ablanda, vetea; centro prensado y pegado',
      dust: 'Polvo del centro hacia fuera, bordes al final',
      steam: 'Pasar por vapor, nunca mojar',
    },
    drying: {
      petals: 'en cuencos toda la noche',
      steam: 'secar otra vez antes de la caja',
    },
    tools: [
      'cortador de margarita',
      'veteador',
      'molde de centro',
      'alambre, con gancho',
      'cuencos',
      'pegamento comestible, pincel fino',
    ],
    dusting: [
      'primero el centro, más oscuro en su borde',
      'intenso en el centro, de la base hacia fuera',
      'más pálido hacia el borde, por delante y por detrás',
    ],
    checks: [
      'Los bordes del cortador están limpios: ni mellas ni desgarros.',
      'Las capas van desplazadas: ningún pétalo sobre otro.',
      'El centro está en medio y no se mueve al sacudir.',
    ],
  },
  pulled: {
    name: 'Estirada a mano',
    steps: {
      petals: 'Cono, abre, recorta, aplana, alambre por el centro',
      dust: 'Polvo del centro hacia fuera, bordes al final',
      steam: 'Pasar por vapor, nunca mojar',
    },
    drying: {
      petals: 'colgar toda la noche',
      steam: 'secar otra vez antes de la caja',
    },
    tools: ['herramienta de punta', 'tijeras finas', 'alambre, con gancho', 'un poco de grasa para los dedos'],
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
      dust: 'Polvo del centro hacia fuera, bordes al final',
      steam: 'Pasar por vapor, nunca mojar',
      assemble: 'Ata las florecillas de la punta hacia abajo',
    },
    drying: {
      florets: 'colgar toda la noche',
      steam: 'secar otra vez antes de la caja',
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
      dust: 'Polvo del centro hacia fuera, bordes al final',
      steam: 'Pasar por vapor, nunca mojar',
    },
    drying: {
      florets: 'florecillas toda la noche',
      assemble: 'la base',
      steam: 'secar otra vez antes de la caja',
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
    tools: ['alambre, con gancho', 'cortador de cáliz de estrella', 'glaseado, pincel'],
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
    tools: ['alambre, con gancho', 'cortador de cáliz de estrella', 'pegamento comestible, pincel fino', 'glaseado, pincel'],
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
      steam: 'Pasar por vapor, nunca mojar',
      assemble: 'Ata las hojas de la punta hacia abajo',
    },
    drying: {
      leaves: 'sobre papel arrugado',
      steam: 'secar otra vez antes de la caja',
    },
    tools: [
      'cortadores de hoja',
      'veteador',
      'tabla acanalada',
      'almohadilla blanda',
      'bolillo',
      'papel arrugado o molde',
      'pegamento comestible, pincel fino',
    ],
    dusting: ['verde de la base a la punta, margen libre', 'nervio y envés, más claro', 'margen de su color, al final'],
    checks: [
      'El alambre sujeta dos tercios y no se ve por la cara.',
      'Los bordes del cortador están limpios: ni mellas ni desgarros.',
      'Los bordes dejan pasar la luz, el centro no.',
      'No hay dos dobladas igual.',
    ],
  },
  'glued leaf': {
    name: 'Hojas pegadas al portador',
    steps: {
      leaves: 'Corta hojas finas, pégalas por el alambre',
      dust: 'Polvo de la base a la punta',
      steam: 'Pasar por vapor, nunca mojar',
    },
    drying: {
      leaves: 'tumbadas',
      steam: 'secar otra vez antes de la caja',
    },
    tools: ['tijeras finas o cortador', 'alambre portador', 'pegamento comestible, pincel fino'],
    dusting: ['de la base a la punta', 'portador verde, luego marrón encima donde es leñoso'],
    checks: ['Cada hoja aguanta al golpear el tallo.', 'Las hojas menguan hacia la punta.', 'No brilla el pegamento.'],
  },
  'rolled rosette': {
    name: 'Roseta enrollada, sin alambre',
    steps: {
      petals: 'Corta tiras, enrolla, aprieta la base, recórtala plana',
      dust: 'Polvo del centro hacia fuera, bordes al final',
    },
    drying: {
      petals: 'de pie, toda la noche',
    },
    tools: ['cortador de tiras o cuchillo', 'rodillo', 'pegamento comestible, pincel fino'],
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
      dust: 'Polvo del centro hacia fuera, bordes al final',
    },
    drying: {
      petals: 'en cuencos toda la noche',
    },
    tools: ['cortadores redondos', 'cuencos empolvados', 'bolillo', 'pegamento comestible, pincel fino'],
    dusting: ['intenso en el centro, de la base hacia fuera', 'más pálido hacia el borde, por delante y por detrás'],
    checks: ['Los pétalos se solapan todo alrededor, el último bajo el primero.', 'Sale del cuenco sin pegarse.'],
  },
  'hand-wrapped': {
    name: 'Envuelta a mano, sin alambre',
    steps: {
      centre: 'Cono, de pie',
      petals: 'Discos finos envueltos uno sobre otro, cada uno más abierto; aprieta, recorta',
      dust: 'Polvo del centro hacia fuera, bordes al final',
    },
    drying: {
      centre: 'conos',
      petals: '24–48 h para tomar firmeza',
    },
    tools: ['rodillo', 'cuchillo', 'pegamento comestible, pincel fino'],
    dusting: ['intenso en el centro, de la base hacia fuera', 'más pálido hacia el borde, por delante y por detrás'],
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
      dust: 'Polvo del centro hacia fuera, bordes al final',
      steam: 'Pasar por vapor, nunca mojar',
    },
    drying: {
      petals: 'colgar toda la noche',
      steam: 'secar otra vez antes de la caja',
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
      steam: 'Pasar por vapor, nunca mojar',
      assemble: 'Ata las hojas de la punta hacia abajo',
    },
    drying: {
      leaves: 'sobre papel arrugado',
      steam: 'secar otra vez antes de la caja',
    },
    tools: ['plantilla de hoja o cuchillo', 'veteador', 'tabla acanalada', 'pegamento comestible, pincel fino', 'papel arrugado'],
    dusting: ['verde de la base a la punta, margen libre', 'nervio y envés, más claro', 'margen de su color, al final'],
    checks: [
      'Las dos caras son parejas, la unión no se ve en el borde.',
      'El alambre sujeta dos tercios.',
      'Los bordes dejan pasar la luz, el centro no.',
    ],
  },
};
