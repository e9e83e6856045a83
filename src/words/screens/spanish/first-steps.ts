import type { Same } from "../../catalogue";
import type { firstSteps as english } from "../english/first-steps";

export const firstSteps: Same<typeof english> = {
  drawnLikeThis:
    "Una clase se dibuja así: el tiempo de izquierda a derecha, cuanto más duro más alto, los descansos vacíos. Esta dura {clock}.",
  whereYouTeach: "Dónde das clase",
  datesTimesSaidTime: "Las fechas y horas se dicen en esta zona horaria, y cada cual las lee en la suya.",
  peopleYouTeach: "Las personas a las que das clase",
  theirNamesEnoughBegin:
    "Para empezar bastan sus nombres. Lo que cada una tiene en casa puede venir después, de ti o de ellas.",
  addOnePerson: "Añadir a una persona",
  class: "Una clase",
  pastePlanFromMessage:
    "Pega un plan de un mensaje, un documento o un gimnasio: se cronometra al segundo y se convierte en la versión de cada cual para lo que tiene en casa.",
  beginFromOneOurs: "Empezar con una de las nuestras",
  date: "Una fecha",
  everybodyAskedGetsPage: "Cada persona invitada recibe una página propia con lo que debe tener a mano.",
  chooseDate: "Elegir una fecha",
  howBegin: "Cómo empezar",
  done: "hecho",
  timeZoneStudio: "Zona horaria del estudio",
  thereNow: "Allí son ahora las {time}.",
  right: "Es correcto",
};
