import type { Messages } from '../messages';

export const BARRIERS: Messages['barriers'] = {
  straw: {
    touches: 'su exterior, apto para alimentos; el alambre queda dentro',
    goodFor: 'tallos sueltos y haces pequeños en tarta que no sea demasiado baja',
    notFor: 'tallos más gruesos que su hueco, tarta de menos de 35 mm, cabezas pesadas en bizcocho blando',
    takenOut: 'flor y pajita juntas, por donde entraron',
    steps: [
      'Aprieta o tapa el extremo de abajo para que no entre miga hasta el alambre.',
      'Dobla el alambre para que haga resorte y mételo.',
      'Corta la pajita unos 10 mm por debajo del alambre, en bisel.',
      'Clávala con alicates junto a la boca; el borde sobresale 2 mm.',
    ],
    caution: 'Solo pajitas de color vivo, para que las vea quien corta. Una pajita sin tapar no es segura.',
  },
  pick: {
    touches: 'su exterior, apto para alimentos, con la punta sellada',
    goodFor: 'tallos gruesos, ramilletes, cabezas pesadas; la flor puede salir y volver a entrar',
    notFor: 'pisos bajos: su largo es fijo',
    takenOut: 'primero la flor, después cada portaflor',
    steps: [
      'Clava primero el portaflor en la tarta; el borde sobresale 2 mm.',
      'Un poco de pasta blanda en el portaflor sujeta el tallo.',
      'Mete después el tallo.',
    ],
    caution: 'Plástico duro: cuéntalos al sacarlos, antes de que nadie corte.',
  },
  wax: {
    touches: 'el baño, apto para contacto con alimentos',
    goodFor: 'tallos ligeros, pisos bajos, sitios finos donde no cabe una pajita',
    notFor: 'cabezas de más de 6 g, alambre que se dobla después del baño: se agrieta',
    takenOut: 'el tallo entero; comprueba que el baño haya salido con él',
    steps: [
      'Cierra el tallo con cinta hasta la punta.',
      'Báñalo tan hondo como va a entrar, deja cuajar, báñalo otra vez.',
      'Busca sitios sin cubrir; solo entra en la tarta un baño entero.',
    ],
    caution: 'La cera caliente quema: fúndela al baño maría, lejos de los niños.',
  },
  'compound-coat': {
    touches: 'el baño, que es alimento',
    goodFor: 'tallos ligeros, pisos bajos; sin plástico en el plato',
    notFor: 'cabezas de más de 6 g, salas cálidas, invitados que no pueden tomar leche ni soja',
    takenOut: 'el tallo entero; pueden quedar migas del baño, que son alimento',
    steps: [
      'Cierra el tallo con cinta hasta la punta.',
      'Baña todo el largo que entra; cuaja en unos 10 min.',
      'Busca sitios sin cubrir; solo entra en la tarta un baño entero.',
    ],
    caution: 'El baño puede llevar leche y soja.',
  },
  skewer: {
    touches: 'bambú limpio, apto para alimentos; alambre y cinta acaban por encima de la cobertura',
    goodFor: 'peso que pide un tallo rígido, ramilletes de hasta 4 mm de grueso',
    notFor: 'pisos bajos, sitios al alcance de niños: la punta pincha',
    takenOut: 'flor y brocheta juntas',
    steps: [
      'Ata el tallo a la brocheta con cinta; alambre y cinta acaban al menos 5 mm por encima de la cobertura.',
      'Corta la brocheta a medida, con la punta hacia abajo.',
      'Clávala desnuda.',
    ],
    caution: 'La madera se astilla: cuéntalas al sacarlas y mantén la punta lejos de los dedos.',
  },
  toothpick: {
    touches: 'madera limpia, apta para alimentos; alambre y cinta acaban por encima de la cobertura',
    goodFor: 'cabezas sueltas y ligeras y placas en tarta baja',
    notFor: 'cabezas pesadas, niños pequeños: es corto, pálido y pasa inadvertido',
    takenOut: 'flor y palillo juntos, contados uno a uno',
    steps: [
      'Ata el tallo al tercio de arriba con cinta; alambre y cinta acaban al menos 5 mm por encima de la cobertura.',
      'Clávalo desnudo, siguiendo su línea.',
    ],
    caution: 'Pequeño y pálido: pasa inadvertido. Cuéntalos todos antes de que nadie corte.',
  },
  'own-straw': {
    touches: 'su exterior: asegúrate de que es apto para alimentos',
    goodFor: 'aquello para lo que la mediste',
    notFor: 'tallos más gruesos que su hueco',
    takenOut: 'flor y pajita juntas',
    steps: [
      'Tapa el extremo de abajo.',
      'Mete el tallo y corta en bisel unos 10 mm por debajo del alambre.',
      'Clávala; el borde sobresale 2 mm.',
    ],
    caution: 'Medidas tuyas. Asegúrate de que es apta para alimentos y cuéntala al sacarla.',
  },
  'own-pick': {
    touches: 'su exterior: asegúrate de que es apto para alimentos',
    goodFor: 'aquello para lo que lo mediste',
    notFor: 'pisos bajos: su largo es fijo',
    takenOut: 'primero la flor, después el portaflor',
    steps: ['Clávalo primero; el borde sobresale 2 mm.', 'Mete después el tallo.'],
    caution: 'Medidas tuyas. Asegúrate de que es apto para alimentos y cuéntalo al sacarlo.',
  },
};
