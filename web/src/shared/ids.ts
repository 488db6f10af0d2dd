/** A new id, made on this device: version 7, so that later ids sort after earlier ones. */
export function newId(now = Date.now()): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  const view = new DataView(bytes.buffer)
  view.setUint16(0, Math.floor(now / 2 ** 32))
  view.setUint32(2, now % 2 ** 32)
  view.setUint8(6, 0x70 | (view.getUint8(6) & 0x0f))
  view.setUint8(8, 0x80 | (view.getUint8(8) & 0x3f))
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')
  return hex.replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5')
}
