/** One figure, legible at arm's length. */
export function Tile({
  title,
  figure,
  unit,
  beneath,
  quiet = false,
  ...rest
}: {
  title: string
  figure: string
  unit: string
  beneath: string
  /** Old, or missing: said so beneath. */
  quiet?: boolean
  'data-testid'?: string
  'data-gauge'?: string
}) {
  return (
    <div className="min-w-28 shrink-0 border-r border-ink/30 px-3 py-1" {...rest}>
      <p className="text-base whitespace-nowrap">{title}</p>
      <p className={`font-mono text-3xl leading-none whitespace-nowrap ${quiet ? 'opacity-70' : ''}`}>
        {figure}
        <span className="ml-1 text-base">{unit}</span>
      </p>
      <p
        className={`text-base whitespace-nowrap ${quiet ? 'font-bold underline decoration-rust decoration-[3px]' : ''}`}
      >
        {beneath}
      </p>
    </div>
  )
}
