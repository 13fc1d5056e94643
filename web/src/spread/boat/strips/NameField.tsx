import { TypedField } from '../../../shared/ui/TypedField'

const MOST = 60

/** What somebody calls it: never nothing. */
export function NameField({
  label,
  value,
  size,
  onSet,
  large = false,
}: {
  label: string
  value: string
  size: number
  onSet(name: string): void
  large?: boolean
}) {
  return (
    <TypedField
      {...{ label, value, size }}
      onCommit={(typed) => {
        const name = typed.trim()
        if (name === '' || typed.length > MOST) return `Give it a name of up to ${MOST} characters.`
        onSet(name)
        return null
      }}
      className={`h-11 font-sans ${large ? 'text-lg font-bold' : ''}`}
    />
  )
}
