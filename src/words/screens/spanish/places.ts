import type { Same } from "../../catalogue";
import type { places as english } from "../english/places";

export const places: Same<typeof english> = {
  main: "Principal",
  classes: "Clases",
  sessions: "Sesiones",
  season: "Temporada",
  people: "Personas",
  next: "Qué sigue",
  moves: "Ejercicios",
  settings: "Ajustes",
};
