/** Les noms de ce qui a un code et que les participants rencontrent. Names in French that participants meet. */
import type { Catalogue } from "../catalogue";

type Names = Catalogue["names"];

export const kit: Names["kit"] = {
  dumbbell: "{count, plural, one {haltère} other {haltères}}",
  "adjustable-dumbbell": "{count, plural, one {haltère réglable} other {haltères réglables}}",
  kettlebell: "{count, plural, one {kettlebell} other {kettlebells}}",
  "tube-band": "{count, plural, one {élastique à poignées} other {élastiques à poignées}}",
  "loop-band": "{count, plural, one {longue bande élastique} other {longues bandes élastiques}}",
  "mini-band": "{count, plural, one {mini-bande} other {mini-bandes}}",
  "strap-trainer": "{count, plural, one {sangle de suspension} other {sangles de suspension}}",
  "door-anchor": "{count, plural, one {ancrage de porte} other {ancrages de porte}}",
  "overhead-bar": "{count, plural, one {barre de traction} other {barres de traction}}",
  bench: "{count, plural, one {banc} other {bancs}}",
  step: "{count, plural, one {marche} other {marches}}",
  ball: "{count, plural, one {gros ballon} other {gros ballons}}",
  roller: "{count, plural, one {rouleau} other {rouleaux}}",
  slider: "{count, plural, one {patin} other {patins}}",
  mat: "{count, plural, one {tapis} other {tapis}}",
  barbell: "{count, plural, one {barre} other {barres}}",
  plate: "{count, plural, one {disque} other {disques}}",
  "ankle-strap": "{count, plural, one {sangle de cheville} other {sangles de cheville}}",
  "ankle-weight": "{count, plural, one {poids de cheville} other {poids de cheville}}",
  "weight-vest": "{count, plural, one {gilet lesté} other {gilets lestés}}",
  "medicine-ball": "{count, plural, one {médecine-ball} other {médecine-balls}}",
  sandbag: "{count, plural, one {sac de sable} other {sacs de sable}}",
  "skipping-rope": "{count, plural, one {corde à sauter} other {cordes à sauter}}",
  rack: "{count, plural, one {support de barre} other {supports de barre}}",
  "push-up-handles": "{count, plural, one {paire de poignées de pompe} other {paires de poignées de pompe}}",
  chair: "{count, plural, one {chaise} other {chaises}}",
  sofa: "{count, plural, one {canapé} other {canapés}}",
  table: "{count, plural, one {table} other {tables}}",
  counter: "{count, plural, one {plan de travail} other {plans de travail}}",
  bed: "{count, plural, one {lit} other {lits}}",
  stairs: "{count, plural, one {escalier} other {escaliers}}",
  cushion: "{count, plural, one {coussin} other {coussins}}",
  wall: "{count, plural, one {mur libre} other {murs libres}}",
  door: "{count, plural, one {porte} other {portes}}",
  towel: "{count, plural, one {serviette} other {serviettes}}",
  backpack: "{count, plural, one {sac à dos} other {sacs à dos}}",
  bottle: "{count, plural, one {bouteille} other {bouteilles}}",
  tin: "{count, plural, one {boîte de conserve} other {boîtes de conserve}}",
  jug: "{count, plural, one {bidon} other {bidons}}",
  books: "{count, plural, one {pile de livres} other {piles de livres}}",
  broomstick: "{count, plural, one {manche à balai} other {manches à balai}}",
};

export const need: Names["need"] = {
  "hand-weight": "{form, select, a {un poids à main} one {poids à main} other {poids à main égaux}}",
  "held-weight":
    "{form, select, a {un poids pour les deux mains} one {poids pour les deux mains} other {poids pour les deux mains}}",
  "worn-weight":
    "{form, select, a {un sac à dos chargé ou un gilet} one {sac à dos chargé ni gilet} other {sacs à dos chargés}}",
  "long-band": "{form, select, a {une longue bande} one {longue bande} other {longues bandes}}",
  "mini-band": "{form, select, a {une mini-bande} one {mini-bande} other {mini-bandes}}",
  anchor: "{form, select, a {un ancrage} one {ancrage} other {ancrages}}",
  door: "{form, select, a {une porte qui s’enclenche et s’ouvre vers l’autre côté} one {porte qui s’enclenche et s’ouvre vers l’autre côté} other {portes qui s’enclenchent}}",
  strap:
    "{form, select, a {une sangle de suspension} one {sangle de suspension} other {sangles de suspension}}",
  support: "{form, select, a {un appui} one {appui} other {appuis}}",
  "slider-pair": "deux patins sur un sol lisse",
  wall: "{form, select, a {un mur libre} one {mur libre} other {murs libres}}",
  bar: "{form, select, a {une barre de traction} one {barre de traction} other {barres de traction}}",
  ball: "{form, select, a {un gros ballon} one {gros ballon} other {gros ballons}}",
  "soft-surface": "{form, select, a {un tapis ou de la moquette} one {tapis ni moquette} other {tapis}}",
  towel: "{form, select, a {une serviette} one {serviette} other {serviettes}}",
  stick: "{form, select, a {un manche à balai} one {manche à balai} other {manches à balai}}",
  kettlebell: "{form, select, a {une kettlebell} one {kettlebell} other {kettlebells}}",
  bench: "{form, select, a {un banc} one {banc} other {bancs}}",
  barbell: "{form, select, a {une barre} one {barre} other {barres}}",
  filling: "{form, select, a {de quoi le remplir} one {rien pour le remplir} other {de quoi le remplir}}",
  cable: "{form, select, a {une poulie} one {poulie} other {poulies}}",
  machine: "{form, select, a {une machine} one {machine} other {machines}}",
  roller: "{form, select, a {un rouleau} one {rouleau} other {rouleaux}}",
  "ankle-strap":
    "{form, select, a {une sangle de cheville} one {sangle de cheville} other {sangles de cheville}}",
  "ankle-weight":
    "{form, select, a {un poids de cheville} one {poids de cheville} other {poids de cheville}}",
  rope: "{form, select, a {une corde à sauter} one {corde à sauter} other {cordes à sauter}}",
  rack: "{form, select, a {un support de barre} one {support de barre} other {supports de barre}}",
  "handle-pair": "deux poignées qui ne roulent pas",
  cushion: "{form, select, a {un coussin} one {coussin} other {coussins}}",
  wedge:
    "{form, select, a {un livre ou une serviette roulée} one {livre ni serviette roulée} other {livres}}",
  stairs: "{form, select, a {un escalier} one {escalier} other {escaliers}}",
};

export const limit: Names["limit"] = {
  "no-jumping": "pas de sauts",
  "no-floor": "rien au sol",
  "no-kneeling": "pas à genoux",
  "no-overhead": "rien au-dessus de la tête",
  "no-wrist-load": "pas de charge sur les poignets",
  "shallow-knees": "genoux peu fléchis",
  "no-deep-hinge": "pas de flexion profonde des hanches",
  "no-spine-flexion": "sans arrondir le dos",
  "no-twisting": "pas de torsion du tronc",
  "not-face-down": "pas à plat ventre",
  "not-on-back": "pas sur le dos",
  "no-long-holds": "pas de positions longues",
  "balance-support": "de quoi se tenir",
  "no-straining": "sans forcer à bloc",
  "no-head-down": "tête pas plus bas que le cœur",
  "no-gripping": "sans serrer fort",
  "no-quick-turns": "pas de changements rapides",
  "no-single-leg": "pas sur une jambe",
  quiet: "sans bruit, rien de plus fort qu’un pas",
  "seated-only": "en position assise seulement",
  "no-plank": "pas de planche",
  "use-left-only": "bras gauche seulement",
  "use-right-only": "bras droit seulement",
  "left-leg-only": "jambe gauche seulement",
  "right-leg-only": "jambe droite seulement",
};

export const mark: Names["mark"] = { flat: "plus facile", natural: "comme prévu", sharp: "plus difficile" };
export const status: Names["status"] = {
  "as-set": "comme prévu",
  eased: "plus facile",
  raised: "plus difficile",
  swapped: "remplacé",
  unmet: "sans solution",
};
export const segment: Names["segment"] = {
  brief: "Explication",
  demo: "Démonstration",
  prepare: "Préparez-vous",
  work: "Travail",
  "side-change": "Changez de côté",
  rest: "Repos",
  "long-rest": "Repos",
  after: "Eau",
};
export const muscle: Names["muscle"] = {
  quads: "quadriceps",
  glutes: "fessiers",
  hamstrings: "ischio-jambiers",
  adductors: "adducteurs",
  abductors: "abducteurs",
  calves: "mollets",
  chest: "poitrine",
  "front-shoulders": "avant des épaules",
  "side-shoulders": "côté des épaules",
  "rear-shoulders": "arrière des épaules",
  "upper-back": "haut du dos",
  lats: "grands dorsaux",
  biceps: "biceps",
  triceps: "triceps",
  forearms: "avant-bras",
  abs: "abdominaux",
  obliques: "obliques",
  "lower-back": "bas du dos",
  "hip-flexors": "fléchisseurs de la hanche",
};
export const pattern: Names["pattern"] = {
  squat: "squat",
  hinge: "charnière de hanche",
  lunge: "fente",
  "push-horizontal": "pousser devant",
  "push-vertical": "pousser vers le haut",
  "pull-horizontal": "tirage horizontal",
  "pull-vertical": "tirage vertical",
  carry: "porter",
  brace: "gainage",
  flex: "flexion du tronc",
  rotate: "rotation",
  "arm-flexion": "flexion du coude",
  "arm-extension": "extension du coude",
  "shoulder-raise": "élévation de l’épaule",
  calf: "mollet",
  "hip-abduction": "abduction de hanche",
  jump: "saut",
  run: "course",
  stretch: "étirement",
  mobility: "mobilité",
};
export const side: Names["side"] = { left: "gauche", right: "droite" };
export const tension: Names["tension"] = { light: "légère", medium: "moyenne", heavy: "forte" };
export const target: Names["target"] = {
  none: "sans charge",
  light: "léger",
  medium: "moyen",
  heavy: "lourd",
};
export const role: Names["role"] = {
  warmup: "échauffement",
  main: "partie principale",
  finisher: "final",
  cooldown: "retour au calme",
  break: "pause",
  talk: "explication",
};
export const shape: Names["shape"] = {
  talk: "explication",
  break: "pause",
  "as-many-rounds": "autant de tours que possible",
  "straight-sets": "séries à la suite",
  windows: "une série chaque minute",
  intervals: "intervalles",
  "one-move": "un seul exercice",
  superset: "superset",
  triset: "triset",
  circuit: "circuit",
  sequence: "enchaînement",
};
export const askFirst: Names["askFirst"] = {
  chest: "Gêne ou pression dans la poitrine, le cou, la mâchoire ou le bras, au repos ou à l’effort",
  palpitations: "Un cœur qui s’emballe, palpite ou saute des battements sans raison",
  faint: "Évanouissements ou vertiges",
  breath: "Essoufflement inhabituel : au repos, allongé, la nuit ou à l’effort léger",
  ankles: "Chevilles enflées",
  legs: "Douleur ou crampes dans les jambes à la marche, qui passent à l’arrêt",
  heart: "Une maladie connue du cœur ou des vaisseaux, ou un AVC",
  kidney: "Une maladie connue des reins",
  metabolic: "Un diabète ou une autre maladie métabolique connue",
  medication: "Des médicaments pour le cœur ou la tension",
  surgery: "Une opération il y a peu",
  birth: "Un accouchement il y a peu",
  told: "Un soignant vous a dit de ne pas faire d’exercice, ou seulement sous surveillance",
};
export const adapt: Names["adapt"] = {
  joint: "Une articulation ou un dos douloureux",
  pregnancy: "Grossesse",
  balance: "Des troubles de l’équilibre, ou des chutes",
  insulin: "De l’insuline, ou des comprimés qui peuvent faire baisser le sucre",
  epilepsy: "Épilepsie",
  bones: "Des os fragiles, ou un os cassé pour peu de chose",
  eyes: "Une opération des yeux il y a peu, ou un œil qui ne doit pas forcer",
  hernia: "Une hernie",
};
export const activity: Names["activity"] = {
  regular: "Au moins une demi-heure trois jours par semaine, depuis trois mois",
  "not-regular": "Moins que cela, ou pas du tout",
};
export const intended: Names["intended"] = {
  moderate: "De façon à pouvoir encore parler",
  hard: "Plus fort que cela",
};
export const advice: Names["advice"] = {
  "ask-first": "Parlez à un médecin ou à un professionnel qualifié avant de participer.",
  "before-hard": "Demandez-lui aussi jusqu’où vous pouvez forcer.",
  "start-gently":
    "Commencez plus doucement que prévu et prenez des semaines : choisissez la version plus facile.",
  pregnancy:
    "Demandez à votre sage-femme ou à votre médecin ce qui vous convient. Arrêtez et appelez-les en cas de saignement, de perte de liquide, de contractions régulières et douloureuses, de douleur au ventre ou au mollet, de mollet enflé, de mal de tête, de vertige, de douleur à la poitrine, de muscles faibles ou d’essoufflement avant d’avoir commencé.",
  insulin:
    "Faites ce que votre équipe soignante a dit pour l’exercice, et ayez à portée ce qu’il faut en cas d’hypoglycémie.",
  unsure: "Si vous ne savez pas quelles limites vous conviennent, demandez à un professionnel.",
};
export const effort: Names["effort"] = {
  0: "repos",
  1: "très facile",
  2: "facile",
  3: "modéré",
  4: "assez dur",
  5: "dur",
  6: "dur",
  7: "très dur",
  8: "très dur",
  9: "très dur",
  10: "aussi dur que possible",
};
export const more: Names["more"] = { "0-1": "0–1", "2-3": "2–3", "4-or-more": "4 ou plus" };
