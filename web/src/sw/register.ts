/** After what the page itself needs has come (ms). */
const LATER_MS = 4000

/** So that the page opens without a link; where the browser has none of it, nothing is missing but that. */
export function registerWorker(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return
  setTimeout(() => void navigator.serviceWorker.register('/sw.js').catch(() => undefined), LATER_MS)
}
