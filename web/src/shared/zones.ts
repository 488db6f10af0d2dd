/** Time zones that this device knows by name, and those at sea. */
export const ZONES: readonly string[] = [
  ...Intl.supportedValuesOf('timeZone'),
  ...Array.from({ length: 25 }, (_, i) => i - 12).map((hours) => {
    if (hours === 0) return 'Etc/GMT'
    return `Etc/GMT${hours > 0 ? '-' : '+'}${Math.abs(hours)}`
  }),
]
