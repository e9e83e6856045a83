import type { Same } from "../../catalogue";
import type { alone as english } from "../english/alone";

export const alone: Same<typeof english> = {
  byThemselves: "Por su cuenta",
  givePlan: "Dar un plan",
  noPlanYetClass:
    "Aún no hay plan. Se puede dar una clase para un día: está en su página en su propia versión, y su teléfono les lleva por ella.",
  notDoneYet: "aún sin hacer",
  takeBack: "Retirar: {title}, {day}",
  takeBack2: "Retirarlo",
  plan: "Un plan para {name}",
  theyDoAloneNobody:
    "Lo hace sin compañía: nadie le ve, y pulsar «Me duele» no avisa a nadie. Da solo lo que conoce y lo que es seguro sin ti.",
  class: "Clase",
  day: "Día",
  yourWords: "Tus palabras",
  give: "Darlo",
};
