import { encode } from 'uqr'

/** A square that a camera reads as `text`. */
export function QrCode({ text }: { text: string }) {
  const { data, size } = encode(text, { border: 2 })
  const dark = data.flatMap((row, y) => row.flatMap((is, x) => (is ? [`M${x} ${y}h1v1h-1z`] : [])))
  return (
    <svg
      viewBox={`0 0 ${size} ${size}`}
      className="w-56 max-w-full"
      role="img"
      aria-label="The address with the code"
    >
      <rect width={size} height={size} fill="#fff" />
      <path d={dark.join('')} fill="#000" shapeRendering="crispEdges" />
    </svg>
  )
}
