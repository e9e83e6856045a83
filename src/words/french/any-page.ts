import type { Catalogue } from "../catalogue";

type Phrases = Catalogue["phrases"];

export const page: Phrases["page"] = {
  close: "Fermer",
  ownProblem: "Brontle a un problème en ce moment.",
  wentWrong: "Quelque chose n’a pas marché.",
  itsNumber: "Son numéro est {request}.",
  notShown: "Cette page n’a pas pu être montrée",
  notAnswered:
    "Brontle ou sa base de données n’a pas répondu. Ce qui était enregistré est en sûreté ; réessayez dans un instant.",
  tellNumber: "Si cela reste ainsi, donnez le numéro de cette erreur à qui fait tourner Brontle :",
  tryAgain: "Réessayer",
  nothingHere: "Il n’y a rien ici",
  removed: "Cela a été retiré, ou appartient à un autre studio. Rien de ce qui est à vous n’est perdu.",
  toClasses: "Aux cours",
  openLink: "Ouvrez une fois votre propre lien",
  openLinkWhy:
    "Le lien que vous avez reçu ouvre votre page. Pendant huit heures, ce bouton l’ouvre aussi, même sans réseau.",
};

export const met: Phrases["met"] = {
  kg: "kg",
  lengthM: "longueur, m",
  ceilingCm: "plafond, cm",
  timeZone: "fuseau horaire",
  bodyKg: "poids du corps",
  heightCm: "taille, cm",
  repSeconds: "secondes d’une répétition",
  nothing: "rien",
  twoVersions: "Deux versions",
  met: "Quelqu’un d’autre a changé la même chose pendant que c’était ouvert. Rien n’est encore enregistré ; ce qui ne se heurte pas est gardé des deux.",
  what: "Quoi",
  theirs: "La sienne, enregistrée",
  yours: "La vôtre",
  keepTheirs: "Garder la sienne",
  keepYours: "Garder la vôtre",
};

/** The score. */
export const drawn: Phrases["drawn"] = {
  round: "tour {round}",
  rest: "repos {seconds}",
  water: "eau {seconds}",
  shortFor: "{seconds} s de moins pour {people}",
  short: "{seconds} s de moins",
  seconds: "{seconds} s",
  asMany: "Autant de tours que possible",
};

/** A dose in a few signs, beside its move. */
export const shortDose: Phrases["shortDose"] = {
  seconds: "{span} s",
  hold: "tenir {span} s",
  reps: "{span} rép.",
  toLimit: "à la limite {span} s",
  paced: "{dose} à {tempo}",
  within: "{dose} en {seconds} s",
};
