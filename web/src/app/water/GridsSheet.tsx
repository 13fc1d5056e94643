import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { Problem } from '../../shared/api/client'
import { Button } from '../../shared/ui/Button'
import { LargeFile } from '../../shared/ui/LargeFile'
import { Select } from '../../shared/ui/Select'
import { Sheet } from '../../shared/ui/Sheet'
import { KINDS } from '../../water/model'
import { folderOf, letBe, removeGrid, type Grid, type Kind } from '../../water/queries'
import { pictureWords } from './words'

/** All grids that are here, each with a way to be rid of it, and how another comes in. */
export function GridsSheet({
  boat,
  grids,
  timeZone,
  dropped,
  onClose,
}: {
  boat: string
  grids: readonly Grid[]
  timeZone: string
  /** A file that was let fall on the picture. */
  dropped: File | null
  onClose(): void
}) {
  const client = useQueryClient()
  const [problem, setProblem] = useState<string | null>(null)
  const [taken, setTaken] = useState<readonly Grid[] | null>(null)
  const changed = async () => {
    await client.invalidateQueries({ queryKey: ['water', boat] })
    await client.invalidateQueries({ queryKey: ['water-begin', boat] })
  }
  const remove = async (grid: Grid) => {
    try {
      await removeGrid(boat, grid.gridId)
      setProblem(null)
    } catch (error) {
      setProblem((error as Problem).message)
    }
    await changed()
  }
  return (
    <Sheet title="Grids of this sea" open onClose={onClose}>
      <TakeIn
        {...{ boat, dropped }}
        onTaken={(all) => {
          setTaken(all)
          void changed()
        }}
      />
      {taken && (
        <p role="status">
          Taken in:{' '}
          {taken.map((grid) => `${KINDS[grid.kind].words}, ${pictureWords(grid, timeZone)}`).join('; ')}.
        </p>
      )}
      {problem && <p role="alert">{problem}</p>}
      <ByThemselves boat={boat} />
      <ul className="mt-2">
        {grids.map((grid) => (
          <li key={grid.gridId} className="flex items-center gap-3 border-b border-ink/20 py-1">
            <span className="grow leading-tight">
              <b>{KINDS[grid.kind].words}</b>, {pictureWords(grid, timeZone)}
              <span className="block text-sm text-slate">
                {grid.rows} × {grid.columns} cells, from {grid.name}
              </span>
            </span>
            <Button small className="shrink-0" onClick={() => void remove(grid)}>
              Remove
            </Button>
          </li>
        ))}
      </ul>
    </Sheet>
  )
}

/** The folder whose files are taken in, and what lies in it that could not be. */
function ByThemselves({ boat }: { boat: string }) {
  const client = useQueryClient()
  const folder = useQuery(folderOf(boat)).data
  if (!folder?.path) return null
  const seen = async (name: string) => {
    // Where another device was first it is gone all the same.
    await letBe(boat, name).catch(() => {})
    await client.invalidateQueries({ queryKey: folderOf(boat).queryKey })
  }
  return (
    <div className="mt-2 text-sm" data-testid="folder">
      <p>
        Files put into <code className="font-mono break-all">{folder.path}</code> on the computer that serves
        come in by themselves.
      </p>
      {folder.refused.map(({ name, why }) => (
        <p key={name} className="flex items-center gap-3 border-l-4 border-rust pl-2">
          <span className="grow">
            <b>{name}</b> was not taken: {why}
          </span>
          <Button small tone="quiet" aria-label={`Seen: ${name}`} onClick={() => void seen(name)}>
            Seen
          </Button>
        </p>
      ))}
    </div>
  )
}

/** A file, and what it is of where it does not say so itself. */
function TakeIn({
  boat,
  dropped,
  onTaken,
}: {
  boat: string
  dropped: File | null
  onTaken(grids: readonly Grid[]): void
}) {
  const [kind, setKind] = useState<Kind | ''>('')
  const [at, setAt] = useState('')
  const query = (name: string) =>
    new URLSearchParams({
      name,
      ...(kind && { kind }),
      ...(at && { at: new Date(`${at}Z`).toISOString() }),
    }).toString()
  return (
    <div className="flex flex-wrap items-end gap-3 border-b-2 border-ink/30 pb-3">
      <label>
        <span className="block text-sm">It is of</span>
        <Select value={kind} onChange={(event) => setKind(event.target.value as Kind | '')}>
          <option value="">what the file says</option>
          {(Object.keys(KINDS) as Kind[]).map((one) => (
            <option key={one} value={one}>
              {KINDS[one].words}
            </option>
          ))}
        </Select>
      </label>
      <label>
        <span className="block text-sm">At, UTC; empty: what the file says</span>
        <input
          type="datetime-local"
          className="h-11 rounded-sm border-2 border-ink/50 bg-foam px-1.5"
          value={at}
          onChange={(event) => setAt(event.target.value)}
        />
      </label>
      <LargeFile<Grid[]>
        words="Choose a file…"
        label="A grid: .nc, .asc, .tif or .csv"
        accept=".nc,.asc,.csv,.txt,.tif,.tiff"
        to={({ name }) => ({
          path: `/api/boats/${boat}/water?${query(name)}`,
          type: 'application/octet-stream',
        })}
        given={dropped}
        onDone={onTaken}
      />
      <p className="w-full text-sm text-slate">
        NetCDF, GeoTIFF, a plain grid or a table of points with latitude and longitude, as weather and ocean
        services give them away.
      </p>
    </div>
  )
}
