/** Los puntos de partida. Titles of our own starting points and their blocks, and what each is for, in Spanish, by the English. */
export const STARTING_IN_SPANISH: Readonly<Record<string, string>> = {
  "Strength hour": "Una hora de fuerza",
  "Three pairs for the whole body and a quiet finish: enough rest for heavy sets.":
    "Tres parejas para todo el cuerpo y un final tranquilo: descanso de sobra para series pesadas.",
  "Warm-up": "Calentamiento",
  "Squat and row": "Sentadilla y remo",
  "Hinge and press": "Bisagra y empuje",
  "Shoulders and pull": "Hombros y tracción",
  Finisher: "Remate",
  "Cool-down": "Vuelta a la calma",
  Supersets: "Superseries",
  "Two pairs back to back, upper and lower body in turn, so that one part rests while the other works.":
    "Dos parejas seguidas, tren superior e inferior por turnos: una parte descansa mientras trabaja la otra.",
  "Press and hinge": "Empuje y bisagra",
  Trisets: "Triseries",
  "Three moves in a row, legs, push and trunk; then legs, pull and trunk.":
    "Tres ejercicios seguidos: piernas, empuje y tronco; luego piernas, tracción y tronco.",
  "Squat, press, trunk": "Sentadilla, empuje, tronco",
  "Hinge, row, side": "Bisagra, remo, costado",
  "Straight sets": "Series seguidas",
  "One move at a time, all of its sets, a good rest after each: the plainest way to get stronger.":
    "Un ejercicio cada vez, todas sus series, un buen descanso tras cada una: la manera más sencilla de ganar fuerza.",
  "Every minute": "Cada minuto",
  "A set starts on every minute, and what is left of the minute is rest: the clock does the counting.":
    "Cada minuto empieza una serie y lo que queda del minuto es descanso: cuenta el reloj.",
  "One band": "Una banda",
  "Everything against one long band: for homes with a band and no weights.":
    "Todo contra una banda larga: para casas con una banda y sin pesos.",
  "Squat and pull": "Sentadilla y tracción",
  "12 reps at 4-0-1-2": "12 reps a 4-0-1-2",
  "Arms and trunk": "Brazos y tronco",
  "Push and pull": "Empuje y tracción",
  "The upper body from both sides: as many pulls as pushes, then the arms on their own.":
    "El tren superior por los dos lados: tantas tracciones como empujes, y luego los brazos solos.",
  "Press-up and row": "Flexión y remo",
  Shoulders: "Hombros",
  Arms: "Brazos",
  "Twenty at lunch": "Veinte a mediodía",
  "Six moves, two rounds, no kit, back at the desk in twenty minutes.":
    "Seis ejercicios, dos rondas, sin material, de vuelta al trabajo en veinte minutos.",
  Circuit: "Circuito",
  "Nothing needed": "No hace falta nada",
  "A circuit for a mixed room that owns nothing: a towel, a wall, the floor.":
    "Un circuito para una sala mezclada que no tiene nada: una toalla, una pared, el suelo.",
  "Standing circuit": "Circuito de pie",
  "Floor circuit": "Circuito en el suelo",
  "Twenty on, ten off": "Veinte sí, diez no",
  "Twenty seconds on, ten off, eight times; four such rows with a pause for water between.":
    "Veinte segundos sí, diez no, ocho veces; cuatro filas así con una pausa para agua en medio.",
  "First eight": "Primeros ocho",
  "Second eight": "Segundos ocho",
  "Third eight": "Terceros ocho",
  "Fourth eight": "Cuartos ocho",
  "Against the clock": "Contra el reloj",
  "As many rounds as possible in a fixed time, twice; everybody counts their own.":
    "Tantas rondas como se pueda en un tiempo fijo, dos veces; cada cual cuenta las suyas.",
  "First cap": "Primer límite",
  "Second cap": "Segundo límite",
  "Up the ladder": "Escalera arriba",
  "One rep, two, three and so on, up the stairs and down again.":
    "Una rep, dos, tres y así: escalera arriba y otra vez abajo.",
  Up: "Arriba",
  Across: "De lado",
  "Quiet feet": "Pies silenciosos",
  "No jump and no step that is heard below: for flats, late evenings and sleeping children.":
    "Ni un salto ni un paso que se oiga abajo: para pisos, noches y niños que duermen.",
  "Quiet circuit": "Circuito silencioso",
  "Quiet eight": "Ocho en silencio",
  "Eight stations": "Ocho estaciones",
  "Eight stations in three laps, one thing to fetch: a long lesson for a full room.":
    "Ocho estaciones en tres vueltas, una sola cosa que traer: una clase larga para una sala llena.",
  "Legs for running": "Piernas para correr",
  "For who runs outside: hips, calves and balance, one leg at a time.":
    "Para quien corre fuera: caderas, gemelos y equilibrio, una pierna cada vez.",
  "One leg at a time": "Una pierna cada vez",
  "On the floor": "En el suelo",
  "Seated and gentle": "En silla y suave",
  "All of it on a sturdy chair, slow, with time to breathe.":
    "Todo en una silla firme, despacio, con tiempo para respirar.",
  "Legs and back": "Piernas y espalda",
  "Trunk and hips": "Tronco y caderas",
  "A hand on the chair": "Una mano en la silla",
  "Standing with a hand on a chair: legs, balance and an upright back.":
    "De pie con una mano en la silla: piernas, equilibrio y la espalda erguida.",
  Legs: "Piernas",
  Balance: "Equilibrio",
  "Slow and controlled": "Lento y controlado",
  "Four counts down, a stop, two counts up: few moves, done well, well short of failure.":
    "Cuatro tiempos bajando, una parada, dos subiendo: pocos ejercicios, bien hechos, lejos del fallo.",
  Standing: "De pie",
  Floor: "Suelo",
  "Tide flow": "Como la marea",
  "One move runs into the next without a stop: spine, hips and shoulders, and a short row of strength.":
    "Un ejercicio pasa al siguiente sin parar: columna, caderas y hombros, y una fila corta de fuerza.",
  "Standing flow": "Flujo de pie",
  "Floor flow": "Flujo en el suelo",
  "The day between": "El día entre medias",
  "For the day between: joints moved through, long stretches, nobody out of breath.":
    "Para el día entre medias: articulaciones movidas, estiramientos largos, nadie sin aliento.",
  Joints: "Articulaciones",
  Stretch: "Estiramientos",
  Hello: "Hola",
  "New class": "Clase nueva",
  Main: "Principal",
  "Another circuit": "Otro circuito",
  Block: "Bloque",
};
