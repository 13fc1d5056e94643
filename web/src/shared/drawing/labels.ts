export interface Label {
  id: string
  x: number
  y: number
  width: number
  height: number
  /** What it says where several share it. */
  names?: string
}

const touch = (a: Label, b: Label) =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height

/** How near two names must be to share a label (px). */
const NEAR = { x: 30, y: 12 }

/** Names that would lie on each other share one label, which the first of them carries. */
export function joined(labels: readonly Label[]): Label[] {
  const groups: Label[][] = []
  for (const label of labels) {
    const near = groups.find(
      ([first]) => Math.abs(first!.x - label.x) < NEAR.x && Math.abs(first!.y - label.y) < NEAR.y,
    )
    if (near) near.push(label)
    else groups.push([label])
  }
  return groups.map((group) => ({
    ...group[0]!,
    names: group.map((label) => label.names ?? '').join(' '),
    width: group.reduce((sum, label) => sum + label.width, 0),
  }))
}

/**
 * Moves labels up or down, as little as needed, until none lies on another or on an obstacle; the first keep their
 * place.
 */
export function spreadOut(labels: readonly Label[], obstacles: readonly Label[] = []): Map<string, Label> {
  const placed: Label[] = []
  for (const label of labels) {
    placed.push(firstFree(label, [...placed, ...obstacles.filter((o) => o.id !== label.id)]))
  }
  return new Map(placed.map((label) => [label.id, label]))
}

function firstFree(label: Label, taken: readonly Label[]): Label {
  for (let step = 0; step < 160; step++) {
    const by = Math.ceil(step / 2) * 3 * (step % 2 === 0 ? 1 : -1)
    const tried = { ...label, y: label.y + by }
    if (!taken.some((other) => touch(tried, other))) return tried
  }
  return label
}
