import type { Same } from "../../catalogue";
import type { trail as english } from "../english/trail";

export const trail: Same<typeof english> = {
  trail: "Rastro",
  whoSignedWhoMade:
    "Quién inició sesión, quién creó enlaces y quién abrió o sacó lo que es de las personas. Solo lo ves tú como propietario. Las líneas se guardan un año y no se pueden cambiar.",
  nothingYetFirstLine: "Aún nada: la primera línea llega con el próximo inicio de sesión.",
  earlier: "Anteriores",
};
