import type { Same } from "../../catalogue";
import type { outbox as english } from "../english/outbox";

export const outbox: Same<typeof english> = {
  outbox: "Bandeja de salida",
  simulated: "simulada",
  empty: "Vaciarla",
  standsMailServiceNo:
    "Está en lugar de un servicio de correo: ningún mensaje sale de esta máquina. Cada uno es un archivo de correo con el enlace propio de la persona y una entrada de calendario; ábrelo en un programa de correo o entrega tú el enlace. Se guardan sellados hasta que vacíes la bandeja.",
  nothingHasBeenWritten: "No se ha escrito nada. Las invitaciones se escriben en la página de una sesión.",
  written: "Escrito",
  to: "Para",
  subject: "Asunto",
  file: "Archivo",
  mailFile: "Archivo de correo para {recipient}",
  mailFile2: "Archivo de correo",
  noAddress: "{recipient}, aún sin dirección",
};
