import type { Catalogue } from "../catalogue";

type Phrases = Catalogue["phrases"];

export const page: Phrases["page"] = {
  close: "Fechar",
  ownProblem: "O Brontle tem agora um problema seu.",
  wentWrong: "Algo correu mal.",
  itsNumber: "O número é {request}.",
  notShown: "Não foi possível mostrar esta página",
  notAnswered:
    "O Brontle ou a sua base de dados não respondeu. O que foi guardado está seguro; tenta de novo daqui a pouco.",
  tellNumber: "Se continuar assim, diz a quem gere este Brontle o número deste erro:",
  tryAgain: "Tentar de novo",
  nothingHere: "Aqui não há nada",
  removed: "Foi retirado, ou pertence a outro estúdio. Nada teu se perdeu.",
  toClasses: "Para as aulas",
  openLink: "Abre uma vez a tua própria ligação",
  openLinkWhy:
    "A ligação que recebeste abre a tua página. Durante oito horas este botão abre-a também, mesmo sem rede.",
};

export const met: Phrases["met"] = {
  kg: "kg",
  lengthM: "comprimento, m",
  ceilingCm: "teto, cm",
  timeZone: "fuso horário",
  bodyKg: "peso corporal",
  heightCm: "altura, cm",
  repSeconds: "segundos de uma repetição",
  nothing: "nada",
  twoVersions: "Duas versões",
  met: "Outra pessoa mudou o mesmo enquanto isto estava aberto. Ainda nada foi guardado; o que não choca fica dos dois.",
  what: "O quê",
  theirs: "A outra, guardada",
  yours: "A tua",
  keepTheirs: "Ficar com a outra",
  keepYours: "Ficar com a tua",
};

/** The score. */
export const drawn: Phrases["drawn"] = {
  round: "ronda {round}",
  rest: "pausa {seconds}",
  water: "água {seconds}",
  shortFor: "faltam {seconds} s a {people}",
  short: "faltam {seconds} s",
  seconds: "{seconds} s",
  asMany: "Tantas rondas quantas possível",
};

/** A dose in a few signs, beside its move. */
export const shortDose: Phrases["shortDose"] = {
  seconds: "{span} s",
  hold: "manter {span} s",
  reps: "{span} reps",
  toLimit: "ao limite {span} s",
  paced: "{dose} a {tempo}",
  within: "{dose} em {seconds} s",
};
