import { useQuery } from '@tanstack/react-query'
import { Select } from '../../shared/ui/Select'
import { tieAs } from '../../draft/model'
import { chainsOf, type Chain, type Line } from '../../draft/queries'
import type { Editing } from '../../draft/useEditor'
import { CHAIN_WORDS, KIND_WORDS } from '../words'

/** Ties the line as one of the usual chains, of what is aboard. */
export function TieAs({ line, editor, boat }: { line: Line; editor: Editing; boat: string }) {
  const chains = useQuery(chainsOf(boat)).data ?? []
  const fits = (chain: Chain) =>
    chain.missing.length === 0 && !(line.deep && chain.tackle.some((piece) => piece.branch))
  return (
    <label className="mb-1 flex flex-wrap items-center gap-x-2">
      Tie it as
      <Select
        aria-label="Tie it as"
        className="max-w-full min-w-0"
        value=""
        onChange={(event) => {
          const chain = chains.find((c) => c.name === event.target.value)
          if (chain) editor.edit((doc) => tieAs(doc, line.lineId, chain))
        }}
      >
        <option value="" disabled>
          a usual chain
        </option>
        {chains.map((chain) => (
          <option key={chain.name} value={chain.name} disabled={!fits(chain)}>
            {CHAIN_WORDS[chain.name] ?? chain.name}
            {chain.missing.length > 0 &&
              ` (aboard there is no ${chain.missing.map(missingWord).join(', no ')})`}
          </option>
        ))}
      </Select>
    </label>
  )
}

const missingWord = (kind: string) => KIND_WORDS[kind] ?? kind.toLowerCase().replaceAll('_', ' ')
