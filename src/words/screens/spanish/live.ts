import type { Same } from "../../catalogue";
import type { live as english } from "../english/live";

export const live: Same<typeof english> = {
  offline: "sin conexión: esta pantalla lleva el tiempo",
  full: "servidor lleno: se guarda aquí",
  signedOut: "sesión cerrada: ábrela en otra pestaña",
  busy: "servidor ocupado: se guarda aquí",
  anotherScreenMovedClass: "Otra pantalla movió la clase en el mismo momento; vale su cambio.",
  notDone: "No se hizo: {message}",
};
