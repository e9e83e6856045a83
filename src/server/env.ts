/** What the server takes from its environment. Everything secret comes from there and nowhere else. */

function required(name: string): string {
  const value = process.env[name];
  if (!value) throw new Error(`${name} is not set: start Brontle with ./brontle demo or ./brontle start.`);
  return value;
}

/** Read when asked, not when imported: the build has no database and needs none. */
export const env = {
  get databaseUrl() {
    return required("BRONTLE_DATABASE_URL");
  },
  /** What private answers are sealed under; another secret opens none of them. */
  get sealSecret() {
    return required("BRONTLE_SEAL_SECRET");
  },
  /** Where messages about accounts are written. */
  get mailFolder() {
    return required("BRONTLE_MAIL_FOLDER");
  },
  /** Scheme, host and port under which the application is reached. */
  get origin() {
    return required("BRONTLE_ORIGIN");
  },
  /** True where the demo studio is served, so that the sign-in page may show its password. */
  get demo() {
    return process.env.BRONTLE_DEMO === "1";
  },
  /** Where the database keeps its files, where that is known: whether there is room is asked there. */
  get databaseFolder() {
    return process.env.BRONTLE_DATABASE_FOLDER || null;
  },
  /** Event streams from one address: a household, an office, a school behind one door. */
  get streamsPerAddress() {
    const most = Number(process.env.BRONTLE_STREAMS_PER_ADDRESS);
    return Number.isInteger(most) && most > 0 ? most : 200;
  },
  /** What a collector of metrics has to know; null where nothing is to be collected. */
  get metricsToken() {
    return process.env.BRONTLE_METRICS_TOKEN || null;
  },
  /** Tests sign in more often than people do. */
  get relaxedLimits() {
    return process.env.BRONTLE_RELAXED_LIMITS === "1";
  },
};
