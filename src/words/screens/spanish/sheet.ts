import type { Same } from "../../catalogue";
import type { sheet as english } from "../english/sheet";

export const sheet: Same<typeof english> = {
  backDesk: "Volver a la mesa",
  print: "Imprimir",
};
