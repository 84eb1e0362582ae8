import type { MethodWords } from '../messages';

const DUST_FLOWER = 'Poudrer du cœur vers l’extérieur, les bords en dernier';
const DUST_LEAF = 'Poudrer de la base à la pointe, les bords en dernier';
const STEAM = 'Passer à la vapeur, sans jamais mouiller';
const STEAM_DRY = 'sécher encore avant la boîte';
const OVERNIGHT = 'suspendre toute la nuit';
const DEEP_HEART = 'intense au cœur, de la base vers l’extérieur';
const PALE_EDGE = 'plus pâle vers le bord, devant et derrière';
const RED_TIPS = 'une pointe de rouge aux bouts et à la base, en dernier';
const GLUE = 'colle comestible, pinceau fin';
const HOOKED = 'fil, en crochet';
const CLEAN_EDGES = 'Les bords de coupe sont nets : ni accroc ni déchirure.';
const LIGHT_THROUGH = 'Les bords laissent passer la lumière, pas le milieu.';
const NO_WIRE_SEEN = 'Aucun fil ne se voit dans le pétale ni ne sort en haut.';

/** Methods of making, as they are called, and what lies ready for each; by id. */
export const METHODS: MethodWords = {
  layered: {
    name: 'En couches sur un cœur sec',
    steps: {
      centre: 'Piquer le fil en crochet dans un cône, laisser sécher',
      petals: 'Couper les rangs, affiner chaque bord, envelopper rang par rang',
      dust: DUST_FLOWER,
      steam: STEAM,
    },
    drying: { centre: 'cœurs', petals: OVERNIGHT, steam: STEAM_DRY },
    tools: [
      'emporte-pièces de rose ou de rangs',
      HOOKED,
      'tapis mousse',
      'ébauchoir boule',
      GLUE,
      'mousse ou grille pour suspendre',
    ],
    dusting: [DEEP_HEART, PALE_EDGE, RED_TIPS],
    checks: [
      'Le cœur est sec à fond avant les pétales.',
      CLEAN_EDGES,
      LIGHT_THROUGH,
      'Chaque rang couvre les intervalles du précédent.',
      NO_WIRE_SEEN,
    ],
  },
  'wired petals': {
    name: 'Pétales sur fil, un à un',
    steps: {
      centre: 'Cœur sur gros fil, laisser sécher',
      petals: 'Couper, mettre sur fil, affiner et nervurer chaque pétale',
      dust: DUST_FLOWER,
      steam: STEAM,
      assemble: 'Attacher les pétales rang par rang, dans les intervalles',
    },
    drying: { centre: 'cœurs', petals: 'en formes toute la nuit', steam: STEAM_DRY },
    tools: [
      'emporte-pièces de pétale',
      'nervureur',
      'fil pour chaque pétale',
      'planche rainurée',
      'ébauchoir boule',
      'formes creuses',
      GLUE,
    ],
    dusting: [DEEP_HEART, PALE_EDGE, RED_TIPS],
    checks: [
      NO_WIRE_SEEN,
      'Le fil tient deux tiers du pétale.',
      CLEAN_EDGES,
      'Quelques-uns sèchent à l’envers, pour qu’il n’y en ait pas deux pareils.',
      'Les pétales attachés vont dans les intervalles du rang précédent.',
    ],
  },
  'wired petals small': {
    name: 'Petite fleur, pétale par pétale',
    steps: {
      centre: 'Fil en crochet dans une petite carène',
      petals: 'Ailes et étendard, froncés et mis autour',
      dust: DUST_FLOWER,
      steam: STEAM,
    },
    drying: { centre: 'carènes', petals: OVERNIGHT, steam: STEAM_DRY },
    tools: ['petits emporte-pièces de pétale', HOOKED, 'pique à froncer', 'tapis mousse', GLUE],
    dusting: [DEEP_HEART, PALE_EDGE, RED_TIPS],
    checks: ['La carène est sèche avant d’être habillée.', LIGHT_THROUGH, 'Les ailes s’ouvrent, l’étendard est derrière.'],
  },
  'one piece': {
    name: 'Coupée d’une pièce',
    steps: {
      petals: 'Couper, assouplir, nervurer ; cœur pressé et collé',
      dust: DUST_FLOWER,
      steam: STEAM,
    },
    drying: { petals: 'en coupelles toute la nuit', steam: STEAM_DRY },
    tools: ['emporte-pièce marguerite', 'nervureur', 'moule de cœur', HOOKED, 'coupelles', GLUE],
    dusting: ['d’abord le cœur, plus sombre à son bord', DEEP_HEART, PALE_EDGE],
    checks: [
      CLEAN_EDGES,
      'Les couches sont décalées : aucun pétale sur un autre.',
      'Le cœur est au milieu et ne bouge pas quand on secoue.',
    ],
  },
  pulled: {
    name: 'Tirée à la main',
    steps: {
      petals: 'Cône, ouvrir, inciser, aplatir, fil par le milieu',
      dust: DUST_FLOWER,
      steam: STEAM,
    },
    drying: { petals: OVERNIGHT, steam: STEAM_DRY },
    tools: ['outil pointu', 'ciseaux fins', HOOKED, 'un peu de graisse pour les doigts'],
    dusting: ['gorge intense, plus clair vers l’extérieur', 'pointes, à peine'],
    checks: [
      'Les pétales sont d’une taille : un fleuron de travers vient d’un trou décentré ; jetez-le ou mettez-le derrière.',
      'Les incisions vont à mi-hauteur : des pétales soudés s’incisent encore.',
      'Le col s’affine sur le fil, sans bosse sous la fleur.',
    ],
  },
  'pulled cluster': {
    name: 'Fleurons tirés, en épi',
    steps: {
      florets: 'Tirer les fleurons et les mettre sur fil',
      dust: DUST_FLOWER,
      steam: STEAM,
      assemble: 'Attacher les fleurons de la pointe vers le bas',
    },
    drying: { florets: OVERNIGHT, steam: STEAM_DRY },
    tools: ['outil pointu', 'ciseaux fins', 'fil fin, en crochet', 'fil porteur', 'ruban, demi-largeur'],
    dusting: [
      'fleurons ouverts, plus intenses à la gorge',
      'boutons plus verts vers la pointe',
      'tige verte, puis brune où elle est ligneuse',
    ],
    checks: [
      'Bouton, mi-ouvert et ouvert se suivent le long de la tige sans saut.',
      'Les fleurons sont tout autour, pas en rangées.',
      'Les décentrés sont derrière.',
    ],
  },
  scrunched: {
    name: 'Fleur de remplissage froncée',
    steps: {
      florets: 'Froncer des disques fins, mettre sur fil, serrer à la base',
      assemble: 'Attacher les fleurons en grappes et les grappes à la tige',
    },
    drying: { florets: 'debout dans la mousse' },
    tools: ['petit emporte-pièce rond', 'pique à froncer', 'fil fin, en crochet'],
    dusting: ['un souffle de couleur au cœur', 'tiges peintes'],
    checks: ['Les disques sont fins jusqu’au bord et froncés, pas écrasés.', 'Le crochet tient quand on tire.'],
  },
  'domed cluster': {
    name: 'Grappe en dôme sur base molle',
    steps: {
      florets: 'Boutons et fleurons ouverts sur fils courts',
      assemble: 'Base molle sur une pique, 5–10 min, puis piquer les boutons, les fleurs autour',
      dust: DUST_FLOWER,
      steam: STEAM,
    },
    drying: { florets: 'fleurons toute la nuit', assemble: 'la base', steam: STEAM_DRY },
    tools: ['outil pointu', 'fils fins et courts', 'pique', 'pâte molle pour la base'],
    dusting: ['fleurons ouverts du cœur vers l’extérieur', 'boutons plus verts', 'plus intense du côté ombre du dôme'],
    checks: [
      'La base a 5–10 min : ferme, encore molle dedans.',
      'On ne voit pas de base entre les fleurons.',
      'Boutons au milieu, ouverts autour.',
    ],
  },
  berry: {
    name: 'Baie',
    steps: {
      berries: 'Fil en crochet dans des boules lisses',
      dust: 'Poudrer selon la maturité, vernir',
      assemble: 'Attacher en brins, vernir encore',
    },
    drying: { berries: 'jusqu’à fermeté', assemble: 'vernis' },
    tools: [HOOKED, 'emporte-pièce calice étoile', 'vernis, pinceau'],
    dusting: [
      'd’abord le côté vert, pâle',
      'plus intense du côté mûr, jamais deux pareilles',
      'vernis une fois sec ; encore au montage',
    ],
    checks: [
      'Les boules sont lisses, sans couture ni fente.',
      'On ne voit pas le crochet.',
      'Taille et maturité varient dans un brin.',
    ],
  },
  'covered berry': {
    name: 'Baie à grains',
    steps: {
      berries: 'Fil en crochet dans des boules, laisser raffermir',
      drupelets: 'Couvrir de petits grains, puis le calice étoile',
      dust: 'Poudrer selon la maturité, vernir',
      assemble: 'Attacher en brins',
    },
    drying: { berries: 'noyaux', drupelets: 'grains' },
    tools: [HOOKED, 'emporte-pièce calice étoile', GLUE, 'vernis, pinceau'],
    dusting: ['les vertes, vert et rouge', 'les mûres intenses, dans chaque creux', 'vernis en dernier'],
    checks: [
      'Les noyaux sont fermes avant d’être couverts.',
      'Grains d’environ 2 mm bien serrés, on ne voit pas le noyau.',
      'Le calice vient au bout d’une demi-heure, retroussé.',
    ],
  },
  'wired leaf': {
    name: 'Feuille sur fil',
    steps: {
      leaves: 'Couper, fil aux deux tiers, nervurer, affiner les bords',
      dust: DUST_LEAF,
      steam: STEAM,
      assemble: 'Attacher les feuilles de la pointe vers le bas',
    },
    drying: { leaves: 'sur papier froissé', steam: STEAM_DRY },
    tools: [
      'emporte-pièces de feuille',
      'nervureur',
      'planche rainurée',
      'tapis mousse',
      'ébauchoir boule',
      'papier froissé ou forme',
      GLUE,
    ],
    dusting: ['vert de la base à la pointe, marge libre', 'nervure et revers, plus clair', 'marge de sa couleur, en dernier'],
    checks: [
      'Le fil tient deux tiers et ne se voit pas sur la face.',
      CLEAN_EDGES,
      LIGHT_THROUGH,
      'Il n’y en a pas deux pliées pareil.',
    ],
  },
  'glued leaf': {
    name: 'Feuilles collées au fil porteur',
    steps: {
      leaves: 'Couper des feuilles fines, les coller le long du fil',
      dust: 'Poudrer de la base à la pointe',
      steam: STEAM,
    },
    drying: { leaves: 'à plat', steam: STEAM_DRY },
    tools: ['ciseaux fins ou emporte-pièce', 'fil porteur', GLUE],
    dusting: ['de la base à la pointe', 'fil porteur vert, puis brun où il est ligneux'],
    checks: [
      'Chaque feuille tient quand on tapote la tige.',
      'Les feuilles diminuent vers la pointe.',
      'La colle ne brille pas.',
    ],
  },
  'rolled rosette': {
    name: 'Rosette roulée, sans fil',
    steps: {
      petals: 'Couper des bandes, rouler, pincer la base, la tailler à plat',
      dust: DUST_FLOWER,
    },
    drying: { petals: 'debout, toute la nuit' },
    tools: ['emporte-pièce à bandes ou couteau', 'rouleau', GLUE],
    dusting: ['intense vers le cœur', 'bords pâles'],
    checks: [
      'Le cœur est serré, le tour extérieur ouvert.',
      'La base est taillée à plat, pour qu’elle tienne assise.',
      'Environ 6 mm de large d’une bande de 6 × 50–63 mm en miniature.',
    ],
  },
  'cupped flower': {
    name: 'Fleur en coupe, sans fil',
    steps: {
      petals: 'Cinq disques fins qui se recouvrent dans une coupelle poudrée, puis le cœur',
      dust: DUST_FLOWER,
    },
    drying: { petals: 'en coupelles toute la nuit' },
    tools: ['emporte-pièces ronds', 'coupelles poudrées', 'ébauchoir boule', GLUE],
    dusting: [DEEP_HEART, PALE_EDGE],
    checks: ['Les pétales se recouvrent tout autour, le dernier sous le premier.', 'Elle sort de la coupelle sans coller.'],
  },
  'hand-wrapped': {
    name: 'Enveloppée à la main, sans fil',
    steps: {
      centre: 'Cône, debout',
      petals: 'Disques fins l’un sur l’autre, chacun plus ouvert ; pincer, tailler',
      dust: DUST_FLOWER,
    },
    drying: { centre: 'cônes', petals: '24–48 h pour raffermir' },
    tools: ['rouleau', 'couteau', GLUE],
    dusting: [DEEP_HEART, PALE_EDGE],
    checks: [
      'Chaque pétale n’est affiné que d’un côté.',
      'Chacun s’ouvre un peu plus que le précédent.',
      'Ferme au bout d’un jour ou deux ; elle n’est alors plus agréable à manger.',
    ],
  },
  'snipped pompon': {
    name: 'Pompon aux ciseaux',
    steps: {
      core: 'Boule de noyau d’une autre couleur, enveloppée d’un disque fin, sur fil torsadé',
      petals: 'Ciseaux à 45°, rang après rang de la base à la pointe',
      dust: DUST_FLOWER,
      steam: STEAM,
    },
    drying: { petals: OVERNIGHT, steam: STEAM_DRY },
    tools: ['ciseaux fins', 'fil torsadé', 'emporte-pièce rond fin'],
    dusting: ['les pointes seulement'],
    checks: [
      'Les rangs vont de la base à la pointe, chacun dans les intervalles du précédent.',
      'La couleur du noyau se voit là où c’est coupé, nulle part ailleurs.',
    ],
  },
  'paper leaf': {
    name: 'Feuilles de papier azyme sur fil à angles',
    steps: {
      paper: 'Peindre des bandes, poudrer, plier, en couper plusieurs à la fois, friser',
      assemble: 'Colle au blanc d’œuf, une feuille après l’autre, jamais deux intervalles pareils',
      dust: 'Poudrer le fil',
    },
    drying: { paper: 'peinture', assemble: 'colle' },
    tools: ['papier azyme', 'fécule', 'peinture comestible', 'ciseaux', 'colle au blanc d’œuf', 'fil à angles'],
    dusting: ['le fil, pas la feuille'],
    checks: [
      'Le papier plié s’ouvre sans coller avant qu’on coupe quoi que ce soit.',
      'Il n’y a pas deux intervalles pareils.',
      'Le blanc d’œuf est un allergène : c’est sur la feuille.',
    ],
  },
  'two-faced leaf': {
    name: 'Feuille à deux faces',
    steps: {
      leaves: 'Abaisser deux couleurs ensemble, couper, nervurer, mettre sur fil',
      dust: DUST_LEAF,
      steam: STEAM,
      assemble: 'Attacher les feuilles de la pointe vers le bas',
    },
    drying: { leaves: 'sur papier froissé', steam: STEAM_DRY },
    tools: ['gabarit de feuille ou couteau', 'nervureur', 'planche rainurée', GLUE, 'papier froissé'],
    dusting: ['vert de la base à la pointe, marge libre', 'nervure et revers, plus clair', 'marge de sa couleur, en dernier'],
    checks: [
      'Les deux faces sont d’égale épaisseur, la jonction ne se voit pas au bord.',
      'Le fil tient deux tiers.',
      LIGHT_THROUGH,
    ],
  },
  'cut floret': {
    name: 'Fleurette découpée, cœur épais',
    steps: {
      petals:
        'Couper, affiner les bords et non le milieu, nervurer vers le cœur, enfiler sur un petit crochet, serrer le long du fil, pincer',
      dust: DUST_FLOWER,
      steam: STEAM,
    },
    drying: { petals: 'suspendre toute la nuit, tête en bas', steam: STEAM_DRY },
    tools: ['emporte-pièce à quatre ou cinq pétales', 'nervureur à pétale', 'tapis de mousse', 'outil boule', HOOKED],
    dusting: ['devant, du cœur vers l’extérieur', 'le revers un peu plus brun', 'les bords en dernier'],
    checks: [
      'Le milieu est aussi épais qu’à la coupe.',
      'On ne peut pas l’arracher du crochet.',
      'Il ne reste pas de pâte sur le fil en dessous.',
    ],
  },
  'ball stop': {
    name: 'Fleur découpée sur une boule',
    steps: {
      petals: 'Boule sur le crochet, laisser sécher ; couper la fleur, la creuser, l’enfiler contre la boule',
      dust: DUST_FLOWER,
      steam: STEAM,
    },
    drying: { petals: OVERNIGHT, steam: STEAM_DRY },
    tools: ['emporte-pièce fleurette', 'outil boule', 'tapis de mousse', HOOKED, GLUE],
    dusting: ['du cœur vers l’extérieur, bords pâles'],
    checks: ['La boule est au milieu.', 'La fleur ne glisse pas quand on la secoue.'],
  },
  'laid flower': {
    name: 'Découpée et séchée en coupe, sans fil',
    steps: {
      petals: 'Couper couche par couche, assouplir, poser l’une sur l’autre dans une coupe, cœur pressé et collé',
      dust: DUST_FLOWER,
    },
    drying: { petals: 'en coupes toute la nuit' },
    tools: ['emporte-pièces fleur', 'coupes poudrées', 'outil boule', 'moule à cœur', GLUE],
    dusting: [DEEP_HEART, PALE_EDGE],
    checks: ['Chaque couche tombe dans les intervalles de l’autre.', 'Elle quitte la coupe sans coller.', 'Elle repose à plat.'],
  },
  'tiny floret': {
    name: 'Minuscule fleurette d’une goutte, sans fil',
    steps: {
      petals: 'Rouler une goutte, couper les pétales, ouvrir chacun, tailler le dos à plat',
      dust: 'Une touche de couleur au milieu',
    },
    drying: { petals: 'sur un tapis' },
    tools: ['ciseaux fins', 'outil pointu', 'tapis de mousse'],
    dusting: ['le milieu seulement'],
    checks: ['Les pétales sont égaux.', 'Le dos est plat, pour qu’elle tienne assise.'],
  },
  'paper petals': {
    name: 'Pétales de papier azyme autour d’un fil',
    steps: {
      paper: 'Peindre, poudrer, plier, couper les pétales, les courber, les coller autour du fil au blanc d’œuf',
      dust: 'Poudrer le fil',
    },
    drying: { paper: 'peinture et colle' },
    tools: ['papier azyme', 'fécule', 'peinture comestible', 'ciseaux', 'colle au blanc d’œuf', 'fil'],
    dusting: ['le fil, pas le pétale'],
    checks: [
      'Le papier plié s’ouvre sans coller avant qu’on coupe quoi que ce soit.',
      'Les pétales se chevauchent tout autour.',
      'Le blanc d’œuf est un allergène : c’est sur la feuille.',
    ],
  },
  'paper wings': {
    name: 'Ailes de papier azyme sur fil',
    steps: {
      paper: 'Peindre, poudrer, plier une fois, couper les deux ailes, les coller au fil au blanc d’œuf',
      dust: 'Poudrer le fil',
    },
    drying: { paper: 'peinture et colle' },
    tools: ['papier azyme', 'fécule', 'peinture comestible', 'ciseaux', 'colle au blanc d’œuf', 'fil'],
    dusting: ['le fil, pas l’aile'],
    checks: [
      'Les deux ailes sont pareilles.',
      'Elles se lèvent du fil au même angle.',
      'Le blanc d’œuf est un allergène : c’est sur la feuille.',
    ],
  },
  'strip leaf': {
    name: 'Feuille sur fil, sous une bande',
    steps: {
      leaves: 'Abaisser à plat, couper, poser le fil au dos aux deux tiers, une bande fine dessus, presser, nervurer',
      dust: DUST_LEAF,
      steam: STEAM,
      assemble: 'Attacher les feuilles de la pointe vers le bas',
    },
    drying: { leaves: 'sur papier froissé', steam: STEAM_DRY },
    tools: ['emporte-pièces feuille', 'nervureur', 'tapis de mousse', 'outil boule', 'papier froissé ou forme', GLUE],
    dusting: ['vert de la base à la pointe, marge libre', 'nervure et revers, plus clair', 'marge de sa couleur, en dernier'],
    checks: ['La bande ne se soulève pas au bout.', 'Aucun fil ne se voit sur la face.', CLEAN_EDGES],
  },
  'vein leaf': {
    name: 'Feuille, fil dans la nervure',
    steps: {
      leaves: 'Abaisser en laissant le milieu épais, couper, nervurer, pousser le fil aux deux tiers dans la nervure',
      dust: DUST_LEAF,
      steam: STEAM,
      assemble: 'Attacher les feuilles de la pointe vers le bas',
    },
    drying: { leaves: 'sur papier froissé', steam: STEAM_DRY },
    tools: ['emporte-pièces feuille', 'nervureur', 'tapis de mousse', 'outil boule', 'papier froissé ou forme', GLUE],
    dusting: ['vert de la base à la pointe, marge libre', 'nervure et revers, plus clair', 'marge de sa couleur, en dernier'],
    checks: ['Le fil ne perce ni devant ni derrière.', 'Les bords laissent passer la lumière, la nervure non.'],
  },
  'unwired leaf': {
    name: 'Feuille sans fil',
    steps: { leaves: 'Couper, un coup de nervureur, mettre à sécher comme elle sera posée', dust: DUST_LEAF },
    drying: { leaves: 'à plat, en coupe ou pliée sur une arête' },
    tools: ['emporte-pièces feuille', 'nervureur', 'tapis de mousse', 'mousse à creux ou papier froissé'],
    dusting: ['vert de la base à la pointe', 'bords de leur couleur, en dernier'],
    checks: [CLEAN_EDGES, 'Elle n’est pas si fermée que le pinceau n’entre plus.', 'Il n’y en a pas deux séchées pareil.'],
  },
  'pressed leaf': {
    name: 'Petite feuille pressée d’une boule',
    steps: { leaves: 'Rouler une goutte, aplatir, marquer la nervure', dust: 'Vert au milieu' },
    drying: { leaves: 'sur un tapis' },
    tools: ['petit nervureur ou dos de couteau', 'tapis de mousse'],
    dusting: ['le milieu, marge libre'],
    checks: ['Un bout est pointu.', 'La nervure va d’un bout à l’autre.'],
  },
};
