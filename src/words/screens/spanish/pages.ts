import type { Same } from "../../catalogue";
import type { pages as english } from "../english/pages";

export const pages: Same<typeof english> = {
  doneOn: "hecho el {day}",
  effort: "esfuerzo {effort}",
  saidHurt: "dijo que le dolía",
  feedOf:
    "Las clases de {name} para un calendario que las sigue. Puede crear su propia dirección en su página; la anterior deja entonces de servir.",
  weeksOf:
    "{weeks, plural, one {# semana} other {# semanas}}, horas de {zone}{says, select, no {} other {, «{says}»}}",
  everybody: "todos",
  without: "le faltan {n} de sus cosas",
  nothingNew: "nada nuevo",
  motto: "Prepara la clase una vez. Mira qué puede hacer de ella cada casa y dala al segundo.",
  demo: "Esta es la demostración de {club}, un club inventado. Sus datos de acceso están puestos.",
  linkOver: "El enlace ha caducado. Inicia sesión y saldrá un mensaje nuevo a tu dirección.",
  linkNothing: "Ese enlace no abre nada. Inicia sesión y saldrá un mensaje nuevo si hace falta.",
  proven: "La dirección es tuya: inicia sesión.",
  asksYou: "{studio} te pide que des clase con ellos",
  signInFirst: "Inicia sesión o crea antes tu propia cuenta. Después podrás unirte.",
};
