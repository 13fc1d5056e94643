import { useState } from 'react'
import { Problem } from '../shared/api/client'
import { Button } from '../shared/ui/Button'
import { Field } from '../shared/ui/Field'
import { pairDevice } from './queries'
import { codeIn, spelt, usualName } from './words'

/** All that a device sees that the boat does not know: how it becomes known. */
export function Pairing() {
  const [code, setCode] = useState(() => codeIn(location.search))
  const [name, setName] = useState(() => usualName(navigator.userAgent))
  const [said, setSaid] = useState<string | null>(null)
  const pair = async () => {
    try {
      await pairDevice(code, name)
      location.replace('/')
    } catch (problem) {
      setSaid(problem instanceof Problem ? problem.said.join(' ') : 'Nothing was paired. Try again.')
    }
  }
  return (
    <main className="mx-auto max-w-lg p-6">
      <h1 className="mb-2 text-2xl font-bold">Pair this device</h1>
      <p className="mb-4">
        The boat does not know it, or has shut it out. At the computer that serves, open Devices and show a
        code. What this device has not sent yet it keeps.
      </p>
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          void pair()
        }}
      >
        <Field label="Code">
          <input
            aria-label="Code"
            className="h-16 w-full rounded-sm border-2 border-ink bg-foam px-3 font-mono text-3xl uppercase"
            value={code.length === 8 ? spelt(code) : code}
            autoComplete="one-time-code"
            autoCapitalize="characters"
            spellCheck={false}
            onChange={(event) => setCode(event.target.value.toUpperCase())}
          />
        </Field>
        <Field label="Name of this device">
          <input
            aria-label="Name of this device"
            className="h-12 w-full rounded-sm border-2 border-ink bg-foam px-3 text-lg"
            value={name}
            maxLength={60}
            onChange={(event) => setName(event.target.value)}
          />
        </Field>
        <Button tone="strong" type="submit">
          Pair
        </Button>
      </form>
      {said && (
        <p role="alert" className="mt-4 border-l-4 border-rust pl-3">
          {said}
        </p>
      )}
      <p className="mt-6 text-slate">
        Does the browser warn of the certificate? It is by the boat’s own authority.{' '}
        <a className="underline" href="/authority.crt">
          Take its certificate
        </a>{' '}
        and trust it in the settings of this device: then the deck opens without a link too. Trust it on no
        device that is not yours.
      </p>
    </main>
  )
}
