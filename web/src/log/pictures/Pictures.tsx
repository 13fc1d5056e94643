import { useQuery } from '@tanstack/react-query'
import { picturesOf } from '../queries'
import { CrossPicture } from './CrossPicture'
import { PositionPicture, type HeldAt } from './PositionPicture'

/** The slice in pictures, each with its table. */
export function Pictures({
  boat,
  where,
  held,
  lengthM,
  beamM,
}: {
  boat: string
  where: readonly string[]
  held: readonly HeldAt[]
  lengthM: number
  beamM: number
}) {
  const { data, error, isPlaceholderData } = useQuery(picturesOf(boat, where))
  if (!data) return <p role="status">{error ? error.message : 'Drawing…'}</p>
  if (data.sum.minutes === 0)
    return <p>No time fished is known of these strikes: there is no rate to draw.</p>
  return (
    <div
      className="grid gap-6 lg:grid-cols-2 print:grid-cols-1"
      aria-busy={isPlaceholderData}
      data-testid="pictures"
    >
      {data.crosses.map((cross) => (
        <CrossPicture key={cross.rowFacet} cross={cross} />
      ))}
      <PositionPicture positions={data.positions} {...{ held, lengthM, beamM }} />
    </div>
  )
}
