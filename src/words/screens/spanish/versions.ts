import type { Same } from "../../catalogue";
import type { versions as english } from "../english/versions";

export const versions: Same<typeof english> = {
  versions: "Versiones",
  keptByThemselvesBefore:
    "Se guardan solas antes de los cambios tras una pausa, y con los nombres que pongas. Recuperar una se puede deshacer.",
  noneYetFirstKept: "Aún ninguna. La primera se guarda sola la próxima vez que cambie la clase.",
  chooseVersionSeeBeside: "Elige una versión para verla junto a la clase como está.",
  nameClass: "Nombre para la clase como está",
  suchBeforeStormWeek: "por ejemplo: antes de la semana de tormentas",
  keep: "Guardar",
  beforeChanges: "Antes de cambios",
  beforeChangesBy: "Antes de cambios de {by}",
  takeAwayVersion: "Borrar la versión {title}",
  versionClass: "Esta versión es la clase como está.",
  sinceThen: "Desde entonces: {count, plural, =1 {1 cambio} other {# cambios}}",
  putBack: "Recuperarla",
  whatHasChangedSince: "Lo que ha cambiado desde entonces",
  asItIs: "Como está",
  was: "Como estaba",
  drawnAs: "{word}: {clock}, {pieces} piezas en {blocks, plural, one {1 bloque} other {# bloques}}",
};
