import { useState, type ReactNode } from 'react'
import { sources } from '../../shared/device'
import { Button } from '../../shared/ui/Button'
import type { Boat, Holder } from '../../draft/queries'
import { BoatDrawing } from './BoatDrawing'
import { BoatStrip } from './strips/BoatStrip'
import { HolderStrip } from './strips/HolderStrip'
import { HomeStrip } from './strips/HomeStrip'
import { NameField } from './strips/NameField'
import { added, removed } from './model'
import { useBoatEditor } from './useBoatEditor'

const MOST_HOLDERS = 40

/** The boat is edited by her drawing; figures stand below. Changes are kept together. */
export function BoatView({ kept, more }: { kept: Boat; more?: ReactNode }) {
  const editor = useBoatEditor(kept)
  const { boat, change } = editor
  const [selected, setSelected] = useState<string | null>(boat.holders[0]?.holderId ?? null)
  const holder = boat.holders.find((one) => one.holderId === selected)
  return (
    <main className="flex min-h-0 flex-1 flex-col">
      <Bar {...{ editor, holder, more }} onSelect={setSelected} />
      <Said {...{ editor, kept }} />
      <BoatDrawing
        boat={boat}
        selected={selected}
        onSelect={setSelected}
        onPreview={editor.preview}
        onSettle={editor.settle}
      />
      <div className="flex flex-wrap gap-x-8 gap-y-2 border-t-2 border-ink bg-shade px-4 py-2">
        {holder && <HolderStrip {...{ boat, holder, change }} />}
        <BoatStrip {...{ boat, change }} />
        <HomeStrip {...{ boat, change }} />
      </div>
    </main>
  )
}

type Editor = ReturnType<typeof useBoatEditor>

/** Her name, her holders one more or one less, and what keeps her. */
function Bar({
  editor: { boat, change, canUndo, undo, dirty, save },
  holder,
  more,
  onSelect,
}: {
  editor: Editor
  holder: Holder | undefined
  more?: ReactNode
  onSelect(holderId: string | null): void
}) {
  const full = boat.holders.length >= MOST_HOLDERS
  const add = (mirrored?: Holder) => {
    const holderId = sources.uuid()
    change(added(boat, holderId, mirrored))
    onSelect(holderId)
  }
  const takeOff = ({ holderId }: Holder) => {
    change(removed(boat, holderId))
    onSelect(boat.holders.find((one) => one.holderId !== holderId)?.holderId ?? null)
  }
  return (
    <div className="flex flex-wrap items-center gap-2 border-b border-ink/20 px-4 py-1">
      <NameField
        label="Name of the boat"
        value={boat.name}
        size={16}
        onSet={(name) => change({ ...boat, name: name })}
        large
      />
      <Button small disabled={!canUndo} onClick={undo}>
        Undo
      </Button>
      <Button small disabled={full} onClick={() => add()}>
        Add a holder
      </Button>
      <Button small disabled={!holder || full} onClick={() => holder && add(holder)}>
        Mirror it
      </Button>
      <Button small disabled={!holder || boat.holders.length < 2} onClick={() => holder && takeOff(holder)}>
        Take it off
      </Button>
      <span className="grow" />
      {more}
      <Button tone="strong" disabled={!dirty} onClick={() => void save()}>
        Keep the boat
      </Button>
    </div>
  )
}

/** What keeps her from being kept, and what was changed here before or elsewhere meanwhile. */
function Said({ editor: { faults, theirs, restored, take, save }, kept }: { editor: Editor; kept: Boat }) {
  return (
    <>
      {faults.map((fault) => (
        <p key={fault} role="alert" className="border-l-4 border-rust px-4 py-1">
          {fault}
        </p>
      ))}
      {restored && !theirs && (
        <p role="status" className="flex flex-wrap items-center gap-3 px-4 py-1">
          What you changed before is not kept yet.
          <Button small onClick={() => take(kept)}>
            As she is kept
          </Button>
        </p>
      )}
      {theirs && (
        <p className="flex flex-wrap items-center gap-3 px-4 py-1">
          She was changed elsewhere.
          <Button small onClick={() => take(theirs)}>
            Take that one
          </Button>
          <Button small onClick={() => void save(theirs.version)}>
            Keep mine
          </Button>
        </p>
      )}
    </>
  )
}
