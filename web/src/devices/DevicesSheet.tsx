import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Problem } from '../shared/api/client'
import { Button } from '../shared/ui/Button'
import { Sheet } from '../shared/ui/Sheet'
import { TypedField } from '../shared/ui/TypedField'
import { devicesOf, nameDevice, newCode, shutOut, type Code, type Device, type Devices } from './queries'
import { QrCode } from './QrCode'
import { pairingAddress, spelt } from './words'

/** Phones and tablets that may come in over the boat's network: let in, named, shut out. */
export function DevicesSheet({ onClose }: { onClose(): void }) {
  const client = useQueryClient()
  const { data, error } = useQuery(devicesOf())
  const [code, setCode] = useState<Code | null>(null)
  const [said, setSaid] = useState<string | null>(null)
  const change = async (run: () => Promise<Devices>) => {
    try {
      client.setQueryData(devicesOf().queryKey, await run())
      setSaid(null)
    } catch (problem) {
      setSaid(problem instanceof Problem ? problem.said.join(' ') : 'Nothing was changed. Try again.')
    }
  }
  const show = () => newCode().then(setCode, (problem: Problem) => setSaid(problem.said.join(' ')))
  const isAtTheComputer = !(error instanceof Problem && error.status === 403)
  return (
    <Sheet title="Devices" open onClose={onClose}>
      {!isAtTheComputer && <p>Devices are let in, named and shut out at the computer that serves.</p>}
      {data?.addresses.length === 0 && (
        <p className="mb-3">
          This server answers on this computer alone. Started with{' '}
          <code className="font-mono">./moss serve --lan</code> it is also on the boat’s network, for phones
          and tablets that are paired.
        </p>
      )}
      {data && data.addresses.length > 0 && !code && (
        <Button tone="strong" onClick={() => void show()}>
          Show a code for a new device
        </Button>
      )}
      {code && <Shown code={code} />}
      <ul className="mt-3 divide-y divide-ink/25">
        {data?.devices.map((device) => (
          <One
            key={device.deviceId}
            device={device}
            onName={(name) => void change(() => nameDevice(device.deviceId, name))}
            onShutOut={() => void change(() => shutOut(device.deviceId))}
          />
        ))}
      </ul>
      {said && (
        <p role="alert" className="mt-3 border-l-4 border-rust pl-3">
          {said}
        </p>
      )}
    </Sheet>
  )
}

/** As text, for whoever types it, and for a camera. */
function Shown({ code: { code, addresses } }: { code: Code }) {
  return (
    <div className="flex flex-wrap items-center gap-4">
      <QrCode text={pairingAddress(addresses[0]!, code)} />
      <div>
        <p className="font-mono text-4xl" data-testid="pairing-code">
          {spelt(code)}
        </p>
        <p>Once, within ten minutes, at</p>
        {addresses.map((address) => (
          <p key={address} className="font-mono">
            {address}
          </p>
        ))}
      </div>
    </div>
  )
}

function One({
  device: { name, seenAt, shutOutAt },
  onName,
  onShutOut,
}: {
  device: Device
  onName(name: string): void
  onShutOut(): void
}) {
  return (
    <li className="flex items-center gap-3 py-2">
      <span className="min-w-0 flex-1">
        <TypedField
          label="Name"
          value={name}
          size={18}
          className="h-11"
          onCommit={(typed) => {
            if (typed.trim() === '') return 'Type a name.'
            onName(typed.trim().slice(0, 60))
            return null
          }}
        />
        <span className="block text-sm text-slate">
          {shutOutAt ? 'shut out' : `last seen ${new Date(seenAt).toLocaleString()}`}
        </span>
      </span>
      {!shutOutAt && (
        <Button onClick={onShutOut}>
          Shut out<span className="sr-only"> {name}</span>
        </Button>
      )}
    </li>
  )
}
