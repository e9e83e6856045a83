/** Por qué no se hizo algo. What the server refuses with, in Spanish, by the English sentence. */
export const SPANISH_REFUSALS: Readonly<Record<string, string>> = {
  "This link doesn't open anything.": "Este enlace no abre nada.",
  "There is no such class here.": "Aquí no hay tal clase.",
  "There is no such thing here.": "Aquí no hay tal cosa.",
  "There is no such person here.": "Aquí no hay tal persona.",
  "There is no such move here.": "Aquí no hay tal ejercicio.",
  "There is no such move in this class.": "En esta clase no hay tal ejercicio.",
  "There is no such person in this class.": "En esta clase no hay tal persona.",
  "There is no such studio.": "No hay tal estudio.",
  "There is no such version.": "No hay tal versión.",
  "There is no such plan, or it was done already.": "No hay tal plan, o ya se hizo.",
  "There is no such plan here.": "Aquí no hay tal plan.",
  "There is no such message here.": "Aquí no hay tal mensaje.",
  "There is no such coach here.": "Aquí no hay tal entrenador.",
  "There is no such season here.": "Aquí no hay tal temporada.",
  "Something of this entry is missing.": "Falta algo de esta anotación.",
  "That class is more than a week ago: tell your instructor.":
    "Esa clase fue hace más de una semana: díselo a quien la dio.",
  "Who was there is the instructor's to say.": "Quién estuvo lo dice quien da la clase.",
  "This class isn’t over yet.": "Esta clase aún no ha terminado.",
  "They have enough to do by themselves.": "Ya tiene bastante que hacer por su cuenta.",
  "That isn’t part of this plan.": "Eso no es parte de este plan.",
  "This was written down already.": "Esto ya estaba apuntado.",
  "Nothing was taken in: a studio has at most {most} people.":
    "No se ha traído nada: un estudio tiene como mucho {most} personas.",
  "Nothing was taken in: a studio has at most {most} classes.":
    "No se ha traído nada: un estudio tiene como mucho {most} clases.",
  "Nothing was taken in: {what}.": "No se ha traído nada: {what}.",
  "Nothing was taken in: {name}: {what}.": "No se ha traído nada: {name}: {what}.",
  "that is no archive of Brontle": "no es un archivo de Brontle",
  "the archive is damaged": "el archivo está dañado",
  "{name} doesn't belong in an archive": "{name} no pinta nada en un archivo",
  "{name} is in it twice": "{name} está dos veces",
  "it holds more than {most} files": "contiene más de {most} archivos",
  "what is in it is larger than any studio's": "lo que contiene es mayor que cualquier estudio",
  "{name} is damaged": "{name} está dañado",
  "{name} isn't text in UTF-8": "{name} no es texto en UTF-8",
  "{name} is missing in it": "falta {name}",
  "it is no JSON": "no es JSON",
  "it holds what is called {id}": "contiene lo que se llama {id}",
  "that doesn't belong in an archive": "eso no pinta nada en un archivo",
  "it ended and was never taught": "terminó y nunca se dio",
  "{faults} can’t be so": "{faults} no puede ser así",
  "That is too large to take: at most {most} kB.": "Es demasiado grande: como mucho {most} kB.",
  "That took too long to arrive: send it again.": "Tardó demasiado en llegar: envíalo otra vez.",
  "The request is not text in UTF-8.": "La petición no es texto en UTF-8.",
  "The request is not JSON.": "La petición no es JSON.",
  "There are {most} calendars: remove one first.": "Hay {most} calendarios: quita uno antes.",
  "The class has another step to take by now: look at it again.":
    "A la clase le toca ya otro paso: mírala otra vez.",
  "The class was changed meanwhile: look at it again.": "La clase ha cambiado entretanto: mírala otra vez.",
  "The class of this session is no longer there.": "La clase de esta sesión ya no está.",
  "The disk of this server is full: nothing was stored, and nothing that was stored before is lost. Whoever runs Brontle has to make room.":
    "El disco de este servidor está lleno: no se ha guardado nada, y nada de lo guardado se ha perdido. Quien lleva Brontle tiene que hacer sitio.",
  "Too much is going on just now: nothing was changed. Try again in a moment.":
    "Hay demasiado en marcha ahora mismo: no se ha cambiado nada. Inténtalo dentro de un momento.",
  "The database does not answer: nothing was changed. Try again in a moment.":
    "La base de datos no contesta: no se ha cambiado nada. Inténtalo dentro de un momento.",
  "Something in this request can't be stored: nothing was changed.":
    "Algo de esto no se puede guardar: no se ha cambiado nada.",
  "That is there already: nothing was changed.": "Eso ya está: no se ha cambiado nada.",
  "Something went wrong in Brontle. What was saved is safe.":
    "Algo ha salido mal en Brontle. Lo guardado está a salvo.",
  "A calendar entry needs a date: plan the class for one first.":
    "Una entrada de calendario necesita una fecha: prevé antes la clase para una.",
  "There is nobody yet for whom it could be made.": "Aún no hay nadie para quien hacerlo.",
  "This request came from another site.": "Esta petición vino de otro sitio.",
  "That is no {name}.": "Eso no es válido: {name}.",
  "Only the owner of the studio can do that.": "Solo el propietario del estudio puede hacerlo.",
  "Sign in first.": "Inicia sesión antes.",
  "This class is over.": "Esta clase ha terminado.",
  "Working out what everybody does takes too long: the class has too many moves, or too many people are asked.":
    "Calcular lo que hace cada cual lleva demasiado: la clase tiene demasiados ejercicios o hay demasiada gente invitada.",
  "That is too often: wait a little and try again.":
    "Es demasiado seguido: espera un poco e inténtalo otra vez.",
  "That is too often: wait a moment.": "Es demasiado seguido: espera un momento.",
  "Too many screens follow a class from here: close some of them.":
    "Demasiadas pantallas siguen una clase desde aquí: cierra algunas.",
  "This class hasn't been taught yet.": "Esta clase aún no se ha dado.",
  "This invitation was used or has run out.": "Esta invitación se usó o ha caducado.",
  "You don't work in that studio.": "No trabajas en ese estudio.",
  "This studio is yours: it can't be left.": "Este estudio es tuyo: no se puede dejar.",
  "Somebody else changed the same meanwhile: {what}. Nothing was stored; choose which one holds.":
    "Otra persona cambió lo mismo entretanto: {what}. No se ha guardado nada; elige cuál vale.",
  "It can't be read: {faults}.": "No se puede leer: {faults}.",
  "in it {faults}": "allí {faults}",
  "Nothing was stored: {faults}": "No se ha guardado nada: {faults}",
  "Nothing was stored: a studio has at most {most} moves of its own.":
    "No se ha guardado nada: un estudio tiene como mucho {most} ejercicios propios.",
  "There is a move with the id {id} already.": "Ya hay un ejercicio con el id {id}.",
  "That password is one of those that are tried first: take four words that have nothing to do with each other, or let your browser make one.":
    "Esa contraseña es de las que se prueban primero: toma cuatro palabras que no tengan nada que ver, o deja que tu navegador haga una.",
  "Nothing was stored: a studio has at most {most} people.":
    "No se ha guardado nada: un estudio tiene como mucho {most} personas.",
  "There is somebody with the id {id} already.": "Ya hay alguien con el id {id}.",
  "Nothing is proposed for this move any more.": "Para este ejercicio ya no se propone nada.",
  "Something else is proposed by now: look at it again.": "Ahora se propone otra cosa: míralo otra vez.",
  "That is no step from what was done, or not one that this home can make.":
    "Eso no es un paso desde lo hecho, o no uno que esta casa permita.",
  "These goals can’t be kept.": "Estas metas no se pueden guardar.",
  "These answers have no code yet: delete them and answer anew.":
    "Estas respuestas aún no tienen código: bórralas y contesta otra vez.",
  "That is not the code. If it is forgotten, delete the answers and answer anew.":
    "Ese no es el código. Si se ha olvidado, borra las respuestas y contesta otra vez.",
  "These answers were just given from another screen.":
    "Estas respuestas se acaban de dar desde otra pantalla.",
  "Nothing was answered yet.": "Aún no se ha contestado nada.",
  "These answers can't be opened any more: delete them and answer anew.":
    "Estas respuestas ya no se pueden abrir: bórralas y contesta otra vez.",
  "Nothing was made: {faults} can’t be so.": "No se ha hecho nada: {faults} no puede ser así.",
  "A class of the pattern is no longer there.": "Una clase del patrón ya no está.",
  "There are enough seasons: remove one first.": "Ya hay bastantes temporadas: quita una antes.",
  "Nothing was made: this pattern has no date.": "No se ha hecho nada: este patrón no tiene ninguna fecha.",
  "Nothing was made: at most {most} classes in one season.":
    "No se ha hecho nada: como mucho {most} clases en una temporada.",
  "At most {most} people are asked to one class: choose whom.":
    "A una clase se invita como mucho a {most} personas: elige a quiénes.",
  "At most {most} people are asked to one class.": "A una clase se invita como mucho a {most} personas.",
  "There is no time zone {zone}.": "No hay ninguna zona horaria {zone}.",
  "That is no address of a call: it begins with https:// or http://.":
    "Eso no es la dirección de una llamada: empieza por https:// o http://.",
  "This class has begun or is over: its time stays.": "Esta clase ha empezado o ha terminado: su hora queda.",
  "A class that is {from} can't become {to}.": "Una clase en estado {from} no puede pasar a {to}.",
  "The class has started: who is on its list stays on it.":
    "La clase ha empezado: quien está en su lista sigue en ella.",
  "This class isn't open yet.": "Esta clase aún no está abierta.",
  "Something else was sent under this number before: it is not done.":
    "Con este número se envió antes otra cosa: no se hace.",
  "The time of this class has long passed: move it to another time first.":
    "La hora de esta clase pasó hace mucho: muévela antes a otra.",
  "So much has happened in this class that it can only be ended.":
    "Han pasado tantas cosas en esta clase que solo se puede terminar.",
  "This class was cancelled.": "Esta clase se canceló.",
  "An end can be taken back within a minute.": "Un final se puede deshacer durante un minuto.",
  "A class has up to {most} named versions. Take one away first.":
    "Una clase tiene hasta {most} versiones con nombre. Borra una antes.",
  "This class is over: nothing is kept.": "Esta clase ha terminado: no se guarda nada.",
  "Where somebody is can be opened only while the class runs.":
    "Dónde está alguien solo se puede abrir mientras dura la clase.",
  "Where they are can be opened when they hurt, or where they allowed it.":
    "Dónde está se puede abrir cuando le duele, o si lo permitió.",
  "There is no such time.": "No hay tal hora.",
  "That time has long passed: nobody could come.": "Esa hora pasó hace mucho: no podría venir nadie.",
  "There is no such time zone.": "No hay tal zona horaria.",
  "No account has this address with this password.":
    "Ninguna cuenta tiene esta dirección con esta contraseña.",
  "That is not an e-mail address.": "Eso no es una dirección de correo.",
  "That isn't your password.": "Esa no es tu contraseña.",
  "At least 10 characters.": "Al menos 10 caracteres.",
  "At most 128 characters.": "Como mucho 128 caracteres.",
  "This address isn't proven yet. A new message is on its way to it: open the link in it, then sign in.":
    "Esta dirección aún no está comprobada. Va un mensaje nuevo de camino: abre su enlace y luego inicia sesión.",
  "This link opens nothing any more: ask for a new one.": "Este enlace ya no abre nada: pide uno nuevo.",
  "This link's time is over: ask for a new one.": "Este enlace ha caducado: pide uno nuevo.",
  "That isn't the code.": "Ese no es el código.",
  "That isn't one of your spare codes, or it was used before.":
    "Ese no es uno de tus códigos de reserva, o ya se usó.",
  "That took too long: sign in once more.": "Tardó demasiado: inicia sesión otra vez.",
  "Too many tries: sign in once more.": "Demasiados intentos: inicia sesión otra vez.",
  "Too many wrong codes: wait a quarter of an hour.":
    "Demasiados códigos equivocados: espera un cuarto de hora.",
  "There is no second factor on this account.": "Esta cuenta no tiene segundo factor.",
  "A second factor is on already.": "Ya hay un segundo factor activado.",
  "Sign in once more first.": "Inicia sesión otra vez antes.",
  "That wasn't done.": "Eso no se hizo.",
};
