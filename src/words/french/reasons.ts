/** Pourquoi quelqu'un fait ce qu'il fait, et ce qui est dit. Reasons in French that participants meet. */
import type { Reasons } from "../reasons";

export const whyNot: Reasons["whyNot"] = {
  ceiling: "le plafond est trop bas",
  length: "il n’y a pas assez de place",
  jumping: "on ne peut pas sauter à la maison",
  limit: "demandé : {limit}",
  "home-unknown": "on ne sait pas encore ce qu’il y a à la maison, donc on ne compte sur rien",
  "no-kit": "{needsNone} à la maison",
  "kit-too-heavy": "trop lourd pour cela : {needs} comme à la maison",
  "kit-too-light": "trop léger pour cela : {needs} comme à la maison",
  "not-at-once": "{needs} : pas tout à la fois",
  "not-here": "pas possible ici",
  "too-hard": "encore trop difficile avec ce qu’il y a",
  effort: "plus près de l’effort voulu",
  "saves-changing": "évite de changer de matériel ou de position entre les exercices",
};
export const why: Reasons["why"] = {
  "as-set": "Comme prévu{heldAny, select, no { ; rien n’est nécessaire} other {, avec {held}}}.",
  less: "L’exercice prévu, en moins{heldAny, select, no {} other {, avec {held}}} : pour garder la réserve voulue.",
  "as-set-level": "Comme prévu pour {mark}{heldAny, select, no {} other {, avec {held}}}.",
  chosen: "{move}{heldAny, select, no {} other { avec {held}}} : votre choix.",
  instead: "{move}{heldAny, select, no {} other { avec {held}}} au lieu de {setInside} : {because}.",
  own: "{move}{heldAny, select, no {} other { avec {held}}} : la version propre à ce cours quand {setInside} n’est pas possible : {because}.",
  choice: "{move}{heldAny, select, no {} other { avec {held}}} : une des versions au choix.",
  unmet: "Aucune version trouvée : {because}.{helpAny, select, no {} other { Il faudrait {help}.}}",
  "chosen-unknown": "Vous avez choisi {id}, que la bibliothèque n’a pas.",
  "chosen-unmet": "Vous avez choisi {moveInside} : {because}.",
  written: "{text}",
};
export const load: Reasons["load"] = {
  "from-sets":
    "D’après {moveInside} le {day} : sans doute {open, select, yes {{low} ou plus} other {{low}–{high}}} rép. avec {rir} en réserve.",
  "from-sets-undated":
    "D’après des séries connues de {moveInside} : sans doute {open, select, yes {{low} ou plus} other {{low}–{high}}} rép. avec {rir} en réserve.",
  "from-level":
    "D’après le niveau habituel ({mark}) seul : sans doute {open, select, yes {{low} ou plus} other {{low}–{high}}} rép. avec {rir} en réserve.",
  "start-light":
    "Commencez léger : les deux dernières répétitions doivent être lentes, pas tremblantes ; puis dites comment c’était.",
  unpredicted: "Trop léger ou trop long pour prévoir des répétitions d’après {known} × {reps}.",
  predicted:
    "{rough, select, yes {En gros} other {Environ}} {reps} rép. avec {rir} en réserve, d’après {known} × {knownReps}.",
};
export const adjust: Reasons["adjust"] = {
  "two-at-once": "Deux à la fois.",
  "one-limb": "Un côté au lieu de deux : {moveInside}.",
  "fits-time": "Moins, pour tenir en {seconds} s.",
  slower: "Descendez deux temps plus lentement.",
  pause: "Deux temps de pause à l’endroit le plus dur.",
  "one-and-a-half": "Répétitions et demie.",
  "more-reps": "Plus de répétitions : jusqu’à {reps}.",
  harder: "Une version plus difficile : {moveInside}.",
  "both-hands": "Les deux mains sur un seul poids : {moveInside}.",
  lever: "Un levier plus court : {moveInside}.",
  "smaller-range": "Moins d’amplitude.",
  easier: "Une version plus facile : {moveInside}.",
  "hold-at-most": "Tenez {seconds} s au plus, en respirant.",
  "keep-reserve": "Arrêtez avec {reps} en réserve et soufflez à l’effort.",
  written: "{text}",
};
export const call: Reasons["call"] = {
  own: "{text}",
  title: "{block}.",
  have: "Préparez ce que vous avez de : {kit}.",
  name: "{move}.",
  cue: "{text}",
  caution:
    "{of, select, furniture {Meubles solides et contre un mur, jamais le milieu d’une table, rien sur roulettes.} anchors {Portes fermées et enclenchées, tirées seulement dans le sens qui les ferme ; deux coups secs avant de vous pencher.} bands {Bandes sans entaille, les yeux hors de la ligne de tirage, les pieds à plat dessus.} sliders {Pas d’élan sur un sol lisse, une main près d’un appui.} other {Lampe, plafond, enfants et animaux hors de la zone de ce qui passe au-dessus de la tête.}}",
  side: "L’autre côté : {side, select, left {gauche} other {droite}}.",
  next: "Ensuite : {moveInside}{side, select, left {, côté gauche} right {, côté droit} other {}}{doseAny, select, no {} other {, {dose}}}.",
  fetch: "Prenez : {kitOne}{others, select, yes { ou ce que vous avez} other {}}.",
  easier: "Plus facile : {moveInside}.",
  "easier-note": "Plus facile : {noteInside}.",
  harder: "Plus difficile : {moveInside}.",
  "harder-note": "Plus difficile : {noteInside}.",
  "who-cant": "Si vous ne pouvez pas : {moveInside}.",
  "who-cant-note": "{note} : {moveInside}.",
  choose: "Ou, si vous préférez : {moveInside}.",
  "half-way": "Moitié.",
  "last-ten": "Dix dernières.",
  water: "Eau, {seconds} secondes.",
};
