import { NavLink } from 'react-router'

/** What is planned by: what is known of the day, or the water. */
export function PlannedBy({ boat }: { boat: string }) {
  const look = ({ isActive }: { isActive: boolean }) =>
    `inline-flex min-h-11 items-center rounded-sm border-2 border-ink px-3 font-semibold ${isActive ? 'bg-ink text-foam' : 'bg-foam'}`
  const here = (path: string) => `/boats/${boat}/${path}${window.location.search}`
  return (
    <nav aria-label="Planned by" className="flex gap-2">
      <NavLink end to={here('plan')} className={look}>
        Conditions
      </NavLink>
      <NavLink to={here('plan/water')} className={look}>
        Water
      </NavLink>
    </nav>
  )
}
