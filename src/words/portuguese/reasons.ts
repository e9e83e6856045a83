/** Porque alguém faz o que faz, e o que se diz. Reasons in Portuguese that participants meet. */
import type { Reasons } from "../reasons";

export const whyNot: Reasons["whyNot"] = {
  ceiling: "o teto é demasiado baixo",
  length: "não há espaço suficiente",
  jumping: "em casa não se pode saltar",
  limit: "foi pedido: {limit}",
  "home-unknown": "ainda não foi dito o que há em casa, por isso não se conta com nada",
  "no-kit": "{needsNone} em casa",
  "kit-too-heavy": "demasiado pesado para isso: {needs} como há em casa",
  "kit-too-light": "demasiado leve para isso: {needs} como há em casa",
  "not-at-once": "{needs}: não tudo ao mesmo tempo",
  "not-here": "aqui não é possível",
  "too-hard": "ainda demasiado difícil com o que há",
  effort: "mais perto do esforço que se quer",
  "saves-changing": "poupa mudar de material ou de posição entre exercícios",
};
export const why: Reasons["why"] = {
  "as-set": "Como está{heldAny, select, no {; não é preciso nada} other {, com {held}}}.",
  less: "O exercício previsto, mas menos{heldAny, select, no {} other {, com {held}}}: para ficar a reserva que se quer.",
  "as-set-level": "Como está para {mark}{heldAny, select, no {} other {, com {held}}}.",
  chosen: "{move}{heldAny, select, no {} other { com {held}}}: a sua escolha.",
  instead: "{move}{heldAny, select, no {} other { com {held}}} em vez de {setInside}: {because}.",
  own: "{move}{heldAny, select, no {} other { com {held}}}: a opção própria desta aula onde {setInside} não é possível: {because}.",
  choice: "{move}{heldAny, select, no {} other { com {held}}}: uma das opções à escolha.",
  unmet: "Não se encontrou opção: {because}.{helpAny, select, no {} other { Seria preciso {help}.}}",
  "chosen-unknown": "Escolheu {id}, que a biblioteca não tem.",
  "chosen-unmet": "Escolheu {moveInside}: {because}.",
  written: "{text}",
};
export const load: Reasons["load"] = {
  "from-sets":
    "De {moveInside} em {day}: provavelmente {open, select, yes {{low} ou mais} other {{low}–{high}}} reps com {rir} de reserva.",
  "from-sets-undated":
    "De séries conhecidas de {moveInside}: provavelmente {open, select, yes {{low} ou mais} other {{low}–{high}}} reps com {rir} de reserva.",
  "from-level":
    "Só pelo nível habitual ({mark}): provavelmente {open, select, yes {{low} ou mais} other {{low}–{high}}} reps com {rir} de reserva.",
  "start-light":
    "Comece leve: as duas últimas repetições devem ser lentas, não trémulas; depois diga como foi.",
  unpredicted: "Demasiado leve ou demasiado longo para prever reps a partir de {known} × {reps}.",
  predicted:
    "{rough, select, yes {Mais ou menos} other {Cerca de}} {reps} reps com {rir} de reserva, a partir de {known} × {knownReps}.",
};
export const adjust: Reasons["adjust"] = {
  "two-at-once": "Dois ao mesmo tempo.",
  "one-limb": "Um lado em vez de dois: {moveInside}.",
  "fits-time": "Menos, para caber em {seconds} s.",
  slower: "Descer dois tempos mais devagar.",
  pause: "Pausa de dois tempos no ponto mais duro.",
  "one-and-a-half": "Repetições e meia.",
  "more-reps": "Mais reps: até {reps}.",
  harder: "Uma opção mais difícil: {moveInside}.",
  "both-hands": "As duas mãos num só peso: {moveInside}.",
  lever: "Uma alavanca mais curta: {moveInside}.",
  "smaller-range": "Menos amplitude.",
  easier: "Uma opção mais fácil: {moveInside}.",
  "hold-at-most": "Manter {seconds} s no máximo, a respirar.",
  "keep-reserve": "Parar com {reps} de reserva e deitar o ar fora no esforço.",
  written: "{text}",
};
export const call: Reasons["call"] = {
  own: "{text}",
  title: "{block}.",
  have: "Tenham pronto o que tiverem de: {kit}.",
  name: "{move}.",
  cue: "{text}",
  caution:
    "{of, select, furniture {Móveis firmes e encostados à parede, nunca o meio de uma mesa, nada com rodas.} anchors {Portas fechadas e trancadas, puxadas só no sentido que as fecha; dois puxões antes de se inclinar.} bands {Bandas sem cortes, os olhos fora da linha de tração, os pés assentes em cima.} sliders {Sem balanço em chão liso, uma mão perto de um apoio.} other {Candeeiro, teto, crianças e animais fora da zona do que vai acima da cabeça.}}",
  side: "O outro lado: {side, select, left {esquerdo} other {direito}}.",
  next: "A seguir: {moveInside}{side, select, left {, lado esquerdo} right {, lado direito} other {}}{doseAny, select, no {} other {, {dose}}}.",
  fetch: "Buscar: {kitOne}{others, select, yes { ou o que tiver} other {}}.",
  easier: "Mais fácil: {moveInside}.",
  "easier-note": "Mais fácil: {noteInside}.",
  harder: "Mais difícil: {moveInside}.",
  "harder-note": "Mais difícil: {noteInside}.",
  "who-cant": "Se não puder: {moveInside}.",
  "who-cant-note": "{note}: {moveInside}.",
  choose: "Ou, se preferir: {moveInside}.",
  "half-way": "Metade.",
  "last-ten": "Últimos dez.",
  water: "Água, {seconds} segundos.",
};
