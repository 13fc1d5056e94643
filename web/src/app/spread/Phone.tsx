import { Sheet } from '../../shared/ui/Sheet'
import { Figures } from '../../spread/phone/Figures'
import { Foremost } from '../../spread/phone/Foremost'
import { Pinned } from '../../spread/phone/Pinned'
import { Drawing } from './Drawing'
import { Said, Strikes, Strip } from './beside'
import type { SpreadState } from './useSpread'

/** The drawing always in sight, figures beside short names, let-out, depth and strike within a thumb's reach. */
export function Phone({ s }: { s: SpreadState }) {
  const { boat, gear, selected, solved, solving, sheet, editor, label } = s
  const onClose = () => s.setSheet(null)
  const line = s.chosenLine
  return (
    <>
      <main className="flex min-h-0 flex-1 flex-col">
        <Drawing s={s} />
        <Figures lines={solved} doc={editor.doc} selected={selected} onSelect={s.select} />
      </main>
      <Foremost
        solving={solving}
        turning={s.turn.turning}
        label={label}
        timeZone={s.trip.place.timeZone}
        onAll={() => s.setSheet('why')}
      />
      <Pinned
        line={line}
        answer={solved.find((one) => one.lineId === selected)}
        boat={boat}
        gear={gear}
        editor={editor}
        onAdd={s.add}
        onAll={() => s.setSheet('line')}
        onStrike={() => line && void s.reports.strike(line.lineId, label(line.lineId))}
        onDay={() => s.setSheet('day')}
        strikes={s.reports.strikes.length}
      />
      <Sheet title={line ? label(line.lineId) : 'Line'} open={sheet === 'line'} onClose={onClose}>
        <Strip
          {...{ boat, gear, selected, solved }}
          {...(solving.solved?.ground && { ground: solving.solved.ground })}
          editor={s.strip}
          onRemoved={() => {
            s.put({ line: null })
            onClose()
          }}
          onSeen={() => s.setSheet('seen')}
        />
      </Sheet>
      <Sheet title="What the tool says" open={sheet === 'why'} onClose={onClose}>
        <div className="-mx-6 flex max-h-[70vh] flex-col">
          <Said s={s} />
        </div>
      </Sheet>
      <Sheet title="The day" open={sheet === 'day'} onClose={onClose}>
        <Strikes reports={s.reports} trip={s.trip} lines={solved} />
      </Sheet>
    </>
  )
}
