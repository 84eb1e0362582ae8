import type { SHELL as EN } from '../../en/screen/shell';

export const SHELL: Readonly<Record<keyof typeof EN, string>> = {
  'shell.12-hours': '12 heures',
  'shell.24-hours': '24 heures',
  'shell.a-bubble-off-marks-says':
    'Une bulle hors de ses repères dit où cela penche ; la touche à côté règle ce qui aide le plus.',
  'shell.a-covering-not-eaten-or':
    'Une couverture qui ne se mange pas, ou un étage factice, change ce qui peut la toucher : dites-le ici et Poser suit.',
  'shell.a-few-letters': 'Quelques lettres du nom',
  'shell.a-figure-says-how-sure': 'Un chiffre dit s’il est sûr : trois plateaux sont un indice, dix sont les vôtres.',
  'shell.a-file-can-dragged-anywhere':
    'Un fichier peut être glissé n’importe où. Une seconde copie vient à côté de celle que vous avez.',
  'shell.a-newer-ofrenda-on-this': 'Une Ofrenda plus récente est sur cet appareil ; elle se prend quand vous faites une pause.',
  'shell.a-spray-holds-eye-when':
    'Une gerbe retient l’œil quand un endroit mène, que les tailles en descendent et que rien ne rivalise.',
  'shell.a-stop-never-argued-away':
    'Un stop ne se discute pas. Soulevez, mettez dessous quelque chose fait pour les aliments, ou rendez l’étage factice.',
  'shell.a-straw-or-pick-chosen': 'Paille ou tube se choisit à l’épaisseur du faisceau : il doit y entrer sans y ballotter.',
  'shell.a-week-begins-on': 'La semaine commence le',
  'shell.a-wire-sum-hook-stalk':
    'Un fil est la somme du crochet, du pied, de l’attache et de ce qui descend encore ; à côté de chaque part, d’où elle vient.',
  'shell.about': 'À propos d’Ofrenda',
  'shell.all-level': 'tout de niveau',
  'shell.all-made': 'tout fait',
  'shell.all-sides-at-once': 'tous les côtés à la fois',
  'shell.an-entry-never-changed-correction': 'Une note ne change jamais : la correction est à côté et la somme la suit.',
  'shell.and-forth-again': 'et le refaire',
  'shell.arrows': 'Flèches',
  'shell.back-up-whole-studio-now': 'Sauvegardez tout l’atelier de temps en temps et gardez le fichier sur un autre appareil.',
  'shell.backspace': '←, Retour arrière',
  'shell.begin': 'commencer',
  'shell.begin-new-one-or-open': 'Commencez-en un nouveau, ou ouvrez-en un de l’étagère.',
  'shell.bench-mode-beside-cake': 'Mode établi, à côté du gâteau',
  'shell.brief': 'Commande',
  'shell.bring-it-back': 'Le ramener',
  'shell.buds-fine-leaves-belong-at':
    'Boutons et feuilles fines vont aux pointes, là où une fleur ouverte ferait tomber la ligne.',
  'shell.change-to-it-now': 'Passer à elle maintenant',
  'shell.clock': 'Horloge',
  'shell.close-message': 'Fermer l’avis',
  'shell.close-step-remembered': 'fermer ; l’étape est retenue',
  'shell.colour-all-paste-one-shade':
    'Colorez en une fois toute la pâte d’une teinte : une seconde fournée n’est jamais pareille.',
  'shell.compose-three-proposals': 'Composer trois propositions',
  'shell.count-out-loud-when-pieces': 'Comptez à voix haute en retirant les pièces ; celle qui manque est dans le gâteau.',
  'shell.count-when-tray-full-not': 'Comptez quand un plateau est plein, pas en fin de journée ; les cassées aussi.',
  'shell.cut-long-lengths-first-ends':
    'Coupez d’abord les grandes longueurs. Les chutes qui font encore une petite fleur vont dans la boîte.',
  'shell.dark-theme': 'thème sombre',
  'shell.day-light': 'Lumière du jour',
  'shell.days': 'Jours',
  'shell.done-the-next-step': 'fait, l’étape suivante',
  'shell.each-block-one-sitting-one':
    'Chaque bloc est une séance d’une sorte. Menez-le à un autre jour et voyez ce qu’il déplace.',
  'shell.evening-light': 'Lumière du soir',
  'shell.everything-by-its-name': 'tout par son nom',
  'shell.everything-by-name-ctrl-k': 'Tout par son nom (Ctrl K)',
  'shell.everywhere': 'Partout',
  'shell.files-backup': 'fichiers sauvegarde',
  'shell.find-a-command': 'Chercher une commande',
  'shell.flower-make': 'fleur modeler',
  'shell.food-rules-your-place-your':
    'Les règles alimentaires de votre lieu et de votre client passent avant ce que dit cet établi.',
  'shell.from-one-thing-next-enter': 'd’une chose à la suivante ; Entrée ou Espace l’actionne',
  'shell.give-tiers-as-they-stand':
    'Donnez les étages tels qu’ils sont couverts, pas tels que se nomment les moules : la longueur d’une paille se mesure sur le gâteau que vous avez.',
  'shell.go-helpers-bench': 'Aller à la table de l’aide',
  'shell.go-on': 'Continuer',
  'shell.go-to': 'Aller à {s}',
  'shell.go-to-jobs': 'Aller à Travaux',
  'shell.guided-tour': 'Visite guidée',
  'shell.guided-tour-one-minute': 'Visite guidée, une minute',
  'shell.h-of-work': '{tasks} h de travail',
  'shell.hand-over': 'Remise',
  'shell.here-cake-measured-day-leaves':
    'Ici se mesure le gâteau, et le jour où il part. Tout le reste se compte à partir de là.',
  'shell.how-each-stem-goes-what':
    'Comment entre chaque tige, dans quoi et jusqu’où. Un stop veut dire : pas ainsi, sur ce qui se mange.',
  'shell.how-much-is-read': 'Combien est lu',
  'shell.humid-air-dries-slowly-what': 'L’air humide sèche lentement : l’état de la pièce entre dans les heures.',
  'shell.in-place': '{entries} en place',
  'shell.inches': 'Pouces',
  'shell.is-deleted': '« {project} » est supprimé.',
  'shell.jobs-live-this-browser-files':
    'Les travaux vivent dans ce navigateur et dans les fichiers que vous enregistrez : deux endroits valent mieux qu’un.',
  'shell.joints': '{joints, plural, one {1 attache} other {# attaches}}',
  'shell.keys': 'Touches',
  'shell.keys-2': 'Touches (?)',
  'shell.language': 'Langue',
  'shell.language-and-units': 'Langue et unités',
  'shell.language-lengths-clock': 'Langue, mesures, horloge',
  'shell.leaning': '{leaning} sur {readings} penchent',
  'shell.lengths': 'Mesures',
  'shell.let-go-job-packet-or': 'Lâchez : un travail, un paquet ou une sauvegarde s’ouvre',
  'shell.let-go-what-chosen': 'lâcher ce qui est choisi',
  'shell.list': 'Liste',
  'shell.log': 'Carnet',
  'shell.look-from-front-right-back': 'regarder de face, de droite, de dos, de gauche, d’en haut',
  'shell.made-of': '{made} sur {toMake} faites',
  'shell.make': 'Modeler',
  'shell.measure-cake-fix-hour-first':
    'Mesurez d’abord le gâteau et fixez l’heure : chaque fil, chaque profondeur, chaque jour se compte à partir de là.',
  'shell.millimetres': 'Millimètres',
  'shell.money-cost-shopping': 'argent coût achats',
  'shell.name-what-not-food-before':
    'Nommez ce qui ne se mange pas avant ce qui se mange. Les allergènes de colle, de vernis et de pâte sont sur les deux.',
  'shell.needs-brief': 'il faut Commande',
  'shell.needs-compose': 'il faut Composer',
  'shell.needs-place': 'il faut Poser',
  'shell.no-job-is-open': 'Aucun travail ouvert',
  'shell.nobodys-hands-books-what-you':
    'Aucune main n’est celle du livre : ce que vous notez devient vos minutes, votre casse et votre séchage.',
  'shell.not-saved': 'pas enregistré',
  'shell.nothing-is-called-so': 'Aucune commande ne porte ce nom.',
  'shell.nothing-is-sent':
    'Les travaux restent dans ce navigateur et dans les fichiers que vous enregistrez. Rien n’est envoyé, rien n’est cherché ailleurs.',
  'shell.nothing-to-redo': 'Rien à refaire',
  'shell.nothing-to-undo': 'Rien à annuler',
  'shell.nothing-was-not-made-food':
    'Rien qui ne soit fait pour les aliments ne touche ce qui se mange : fil et ruban vont dans une barrière, toujours.',
  'shell.of-this-browser-all-jobs':
    'De ce navigateur, pour tous les travaux. La monnaie est avec les prix d’un travail, dans Modeler ; les feuilles de remise ont leur propre langue. Les fichiers gardent toujours des millimètres.',
  'shell.on-a-block': '↑, ↓ sur un bloc',
  'shell.one-sheet-person-with-knife':
    'Une feuille pour qui tient le couteau, une autre pour la table. Collez la première sur le couvercle de la boîte.',
  'shell.one-step-back': 'un pas en arrière',
  'shell.open': 'Ouvrir {j}',
  'shell.open-another-tab-only-looking': 'ouvert dans un autre onglet : regarder seulement',
  'shell.opening-the-bench': 'L’établi s’ouvre…',
  'shell.petals-break-paste-dries-own':
    'Les pétales cassent et la pâte sèche à son heure : d’abord le lent et le fragile, avec de la réserve.',
  'shell.place': 'Poser',
  'shell.pull-piece-along-cake-or':
    'Tirez une pièce le long du gâteau, ou prenez inclinaison, rotation et hauteur par ses poignées. Une pièce fixée reste quand les autres bougent.',
  'shell.push-spare-straw-into-crumb':
    'Piquez une paille de trop dans la mie avant de croire la profondeur : ce qui n’y tient pas ne tient nulle part.',
  'shell.put-it-back-in': 'Le remettre',
  'shell.reading': 'Lecture de {reading}',
  'shell.ready': 'prêt',
  'shell.redo': 'Refaire {forth}',
  'shell.redo-2': 'Refaire',
  'shell.redo-3': 'Refaire {label}',
  'shell.save-file': 'enregistrer fichier',
  'shell.save-job-as-file': 'Enregistrer le travail en fichier',
  'shell.saved': 'enregistré',
  'shell.saving': 'enregistrement…',
  'shell.saving-2': 'Enregistrement',
  'shell.set-focal-flower-third-way': 'Mettez la fleur principale au tiers, pas au milieu ; le reste lui répond.',
  'shell.settings-units-inches-spanish-espan': 'réglages unités pouces english español',
  'shell.shortcuts': 'raccourcis',
  'shell.space-enter': 'Espace, →, Entrée',
  'shell.spares-follow-from-how-many':
    'La réserve dépend de combien d’une sorte cassent ; votre carnet remplace les valeurs de départ à mesure que vous notez.',
  'shell.starts-with-make': 'commence avec Modeler',
  'shell.stations': 'Stations',
  'shell.stay-here': 'Rester ici',
  'shell.stems': '{stems, plural, one {1 tige} other {# tiges}}',
  'shell.stops': '{n, plural, one {# stop} other {# stops}}',
  'shell.store-it-again': 'Le garder encore',
  'shell.sugar-flowers-from-cake-hand': 'Fleurs en sucre, du gâteau à la remise',
  'shell.suggested-counts-come-from-lines':
    'Les nombres viennent de la longueur de la ligne et de la taille des têtes ; changez-en un, les autres restent.',
  'shell.take-chosen-pieces-away': 'retirer les pièces choisies',
  'shell.take-last-step-back': 'annuler le dernier pas',
  'shell.taken-out-what-kept': 'Retiré de ce qui est gardé.',
  'shell.tape-from-tip-heel-light':
    'Attachez de la pointe au talon, le léger avant le lourd ; une attache collée à la précédente fait une bosse.',
  'shell.tape-wire': 'ruban fil',
  'shell.terms-of-others': 'Paquets et polices d’autres auteurs, et leurs conditions',
  'shell.the-cake-on-turntable-choose':
    'Le gâteau sur son plateau tournant. Choisissez une ligne, laissez-en proposer trois, ou menez les fleurs où vous les voulez.',
  'shell.the-hour-leaves-sets-last':
    'L’heure de départ fixe la dernière heure de séchage. Comptez à rebours depuis elle, jamais depuis aujourd’hui.',
  'shell.the-keys': 'Les touches',
  'shell.the-wire-carries-head-as':
    'Le fil porte la tête : aussi fin que possible sans qu’elle dodeline, assez long pour l’attacher et l’enfoncer.',
  'shell.the-work-on-days-free': 'Le travail sur les jours libres, séchage compté, prêt avant le départ.',
  'shell.this-browser-stores-nothing-here':
    'Ce navigateur ne garde rien ici (fenêtre privée ou stockage coupé) : les travaux durent autant que cette page. Enregistrez le vôtre en fichier avant de la fermer.',
  'shell.this-list': 'cette liste',
  'shell.tiers': '{tiers, plural, one {1 étage} other {# étages}}',
  'shell.to-look-at': '{looks} à revoir',
  'shell.to-make': '{toMake} à faire',
  'shell.to-take-out': '{out} à retirer',
  'shell.tour-help-begin': 'visite aide commencer',
  'shell.tour-step': '{at} sur {stops}',
  'shell.turn-cake-with-pieces-chosen': 'tourner le gâteau ; avec des pièces choisies, les déplacer, avec Maj davantage',
  'shell.undo': 'Annuler {back}',
  'shell.undo-2': 'Annuler',
  'shell.undo-3': 'Annuler {label}',
  'shell.version-build': 'Version {version}, faite à partir de {build}.',
  'shell.what-make-with-spares-how':
    'Que faire, réserve comprise, combien de pâte de chaque couleur, et comment chacune se fait.',
  'shell.what-tin-holds-taken-off':
    'Ce que la boîte contient est ôté de ce qu’il faut faire ; ce qui reste y revient au rangement du travail.',
  'shell.what-whoever-cuts-has-take':
    'Ce que doit retirer qui coupe, numéroté, sur papier. C’est tout : commencez un nouveau travail.',
  'shell.where-does-not-fit-what': 'Là où cela n’entre pas, ce qui le ferait entrer a été essayé avant d’être proposé.',
  'shell.which-wire-cut-which-length':
    'Quel fil, coupé à quelle longueur, attaché dans quel ordre. Le mode établi montre une étape à la fois, en grand.',
  'shell.whoever-cuts-has-never-seen':
    'Qui coupe n’a pas vu le montage : ce qui entre est numéroté, et il en sort le même nombre.',
  'shell.why-it-works-so': 'Pourquoi ainsi',
  'shell.why-this-station-works-as': 'pourquoi cette station marche ainsi',
  'shell.why-this-station-works-as-2': 'Pourquoi cette station marche ainsi (F1)',
  'shell.why-this-station-works-as-3': 'Pourquoi cette station marche ainsi',
  'shell.wire-tape': 'Fils et ruban',
  'shell.work-day-before-or-after': 'travail au jour d’avant ou d’après',
  'shell.work-ends-where-drying-begins':
    'Le travail finit où le séchage commence ; le dernier jour est pour poser, pas pour modeler.',
  'shell.help-words': 'aide',
};
