import { useLocation, useNavigate } from 'react-router'
import { Button } from '../shared/ui/Button'
import { useBuildOf } from './plan/buildOf'

/** A spread that is being built while another station is looked at, and how to get to it. */
export function OnTheWay({ boat }: { boat: string }) {
  const [{ share, built, problem }] = useBuildOf(boat)
  const go = useNavigate()
  const { pathname } = useLocation()
  if (pathname.endsWith('/plan') || (share === null && !built && !problem)) return null
  return (
    <p role="status" className="flex shrink-0 items-center gap-3 border-b border-ink/20 px-4 py-1">
      {built ? 'The spread of your plan is built.' : (problem ?? 'The spread of your plan is being built.')}
      {share !== null && <progress className="w-48" max={1} value={share} aria-label="Search" />}
      <Button small onClick={() => void go(`/boats/${boat}/plan`)}>
        {built ? 'Open it' : 'To the plan'}
      </Button>
    </p>
  )
}
