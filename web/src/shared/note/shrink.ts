/** Longest side of a picture that leaves this device, pixels. */
const LONGEST_SIDE = 1_600
/** Largest that leaves it, bytes. */
const MOST_BYTES = 300_000
/** As good as may be first; a crowded comb takes more bytes than a wall. */
const QUALITIES = [0.85, 0.75, 0.65, 0.5, 0.35]

/** A file that this device cannot read as a picture. */
export class NoPicture extends Error {}

/**
 * A picture made small: a JPEG of at most 1,600 pixels a side and 300 kB, drawn anew, so that
 * nothing of what the camera wrote beside it (place, time, device) is left.
 *
 * @throws NoPicture if the file is none that this device reads
 */
export async function shrunk(file: Blob): Promise<Blob> {
  let picture: ImageBitmap
  try {
    picture = await createImageBitmap(file, { imageOrientation: 'from-image' })
  } catch {
    throw new NoPicture()
  }
  try {
    for (let side = LONGEST_SIDE; ; side /= 2) {
      const canvas = drawn(picture, side)
      for (const quality of QUALITIES) {
        const blob = await jpeg(canvas, quality)
        if (blob.size <= MOST_BYTES) return blob
      }
    }
  } finally {
    picture.close()
  }
}

function drawn(picture: ImageBitmap, side: number): HTMLCanvasElement {
  const by = Math.min(1, side / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(picture.width * by))
  canvas.height = Math.max(1, Math.round(picture.height * by))
  const pen = canvas.getContext('2d')
  if (!pen) throw new NoPicture()
  pen.fillStyle = '#fff'
  pen.fillRect(0, 0, canvas.width, canvas.height)
  pen.drawImage(picture, 0, 0, canvas.width, canvas.height)
  return canvas
}

function jpeg(canvas: HTMLCanvasElement, quality: number): Promise<Blob> {
  return new Promise((resolve, reject) => {
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new NoPicture())), 'image/jpeg', quality)
  })
}
