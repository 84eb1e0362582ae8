import type { Messages } from '../messages';

export const BARRIERS: Messages['barriers'] = {
  straw: {
    touches: 'son extérieur, alimentaire ; le fil reste à l’intérieur',
    goodFor: 'tiges seules et petites bottes, dans un gâteau pas trop bas',
    notFor: 'tiges plus épaisses que son passage, gâteau de moins de 35 mm, têtes lourdes dans une génoise tendre',
    takenOut: 'fleur et paille ensemble, par où elles sont entrées',
    steps: [
      'Pincez ou bouchez le bout du bas, pour que la mie n’atteigne pas le fil.',
      'Pliez le fil pour qu’il fasse ressort et glissez-le dedans.',
      'Coupez la paille environ 10 mm sous le fil, en biseau.',
      'Enfoncez-la avec une pince tenue près du bord ; le bord dépasse de 2 mm.',
    ],
    caution:
      'Seulement des pailles de couleur vive, pour que la personne qui coupe les voie. Une paille non bouchée n’est pas sûre.',
  },
  pick: {
    touches: 'son extérieur, alimentaire, à pointe fermée',
    goodFor: 'tiges épaisses, gerbes, têtes lourdes ; la fleur peut sortir et revenir',
    notFor: 'étages bas : sa longueur est fixe',
    takenOut: 'la fleur d’abord, puis chaque tube',
    steps: [
      'Enfoncez d’abord le tube dans le gâteau ; le bord dépasse de 2 mm.',
      'Un peu de pâte molle dans le tube tient la tige.',
      'Glissez ensuite la tige.',
    ],
    caution: 'Plastique dur : comptez-les en les retirant, avant que quiconque coupe.',
  },
  wax: {
    touches: 'le bain, apte au contact alimentaire',
    goodFor: 'tiges légères, étages bas, endroits minces où aucune paille ne passe',
    notFor: 'têtes de plus de 6 g, fil plié après le bain : il se fend',
    takenOut: 'la tige entière ; vérifiez que le bain est venu avec elle',
    steps: [
      'Fermez la tige au ruban jusqu’au bout.',
      'Trempez aussi profond qu’elle entrera, laissez prendre, trempez encore.',
      'Cherchez les manques ; seul un bain sans défaut entre dans le gâteau.',
    ],
    caution: 'La cire chaude brûle : fondez-la au bain-marie, loin des enfants.',
  },
  'compound-coat': {
    touches: 'le bain, qui est un aliment',
    goodFor: 'tiges légères, étages bas ; pas de plastique dans l’assiette',
    notFor: 'têtes de plus de 6 g, salles chaudes, invités qui évitent le lait ou le soja',
    takenOut: 'la tige entière ; des miettes du bain peuvent rester, elles se mangent',
    steps: [
      'Fermez la tige au ruban jusqu’au bout.',
      'Enrobez toute la longueur qui entre ; elle prend en 10 min environ.',
      'Cherchez les manques ; seul un bain sans défaut entre dans le gâteau.',
    ],
    caution: 'Le bain peut contenir du lait et du soja.',
  },
  skewer: {
    touches: 'le bambou nu, alimentaire ; fil et ruban s’arrêtent au-dessus de la couverture',
    goodFor: 'un poids qui demande une tige rigide, gerbes jusqu’à 4 mm d’épaisseur',
    notFor: 'étages bas, endroits à portée d’enfants : la pointe pique',
    takenOut: 'fleur et brochette ensemble',
    steps: [
      'Attachez la tige à la brochette au ruban ; fil et ruban s’arrêtent au moins 5 mm au-dessus de la couverture.',
      'Coupez la brochette à la longueur, pointe en bas.',
      'Enfoncez-la nue.',
    ],
    caution: 'Le bois s’effile : comptez-les en les retirant et gardez la pointe loin des doigts.',
  },
  toothpick: {
    touches: 'le bois nu, alimentaire ; fil et ruban s’arrêtent au-dessus de la couverture',
    goodFor: 'têtes seules et légères, et plaques sur un gâteau bas',
    notFor: 'têtes lourdes, jeunes enfants : court et pâle, il passe inaperçu',
    takenOut: 'fleur et cure-dent ensemble, comptés un à un',
    steps: [
      'Attachez la tige au tiers supérieur avec du ruban ; fil et ruban s’arrêtent au moins 5 mm au-dessus de la couverture.',
      'Enfoncez-le nu, dans son axe.',
    ],
    caution: 'Petit et pâle, il passe inaperçu. Comptez-les tous avant que quiconque coupe.',
  },
  'own-straw': {
    touches: 'son extérieur : assurez-vous qu’il est alimentaire',
    goodFor: 'ce pour quoi vous l’avez mesurée',
    notFor: 'tiges plus épaisses que son passage',
    takenOut: 'fleur et paille ensemble',
    steps: [
      'Bouchez le bout du bas.',
      'Glissez la tige et coupez en biseau environ 10 mm sous le fil.',
      'Enfoncez-la ; le bord dépasse de 2 mm.',
    ],
    caution: 'Vos mesures. Assurez-vous qu’elle est alimentaire et comptez-la en la retirant.',
  },
  'own-pick': {
    touches: 'son extérieur : assurez-vous qu’il est alimentaire',
    goodFor: 'ce pour quoi vous l’avez mesuré',
    notFor: 'étages bas : sa longueur est fixe',
    takenOut: 'la fleur d’abord, puis le tube',
    steps: ['Enfoncez-le d’abord ; le bord dépasse de 2 mm.', 'Glissez ensuite la tige.'],
    caution: 'Vos mesures. Assurez-vous qu’il est alimentaire et comptez-le en le retirant.',
  },
};
