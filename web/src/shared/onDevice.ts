/**
 * Keeps the screens on this device, so that they open without network. Browsers allow it on
 * localhost and over HTTPS only; elsewhere nothing is kept and nothing is lost but that.
 */
export function keepOnDevice(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return
  void navigator.serviceWorker.register('/sw.js').catch(() => undefined)
  // A page that was open while a newer version came asks for files that are gone: it comes back as the newer one.
  window.addEventListener('vite:preloadError', () => window.location.reload())
}
