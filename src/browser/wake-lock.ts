/** Keeps the screen awake where the browser can; asks again when the page is shown again. */
export function keepAwake(): () => void {
  let lock: WakeLockSentinel | null = null;
  let over = false;
  const ask = async () => {
    if (over || document.visibilityState !== "visible" || !("wakeLock" in navigator)) return;
    try {
      lock = await navigator.wakeLock.request("screen");
      if (over) await lock.release();
    } catch {
      // Refused (battery saver, no permission): the class goes on without it.
    }
  };
  document.addEventListener("visibilitychange", ask);
  void ask();
  return () => {
    over = true;
    document.removeEventListener("visibilitychange", ask);
    void lock?.release().catch(() => undefined);
  };
}
