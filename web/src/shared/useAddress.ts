import { useCallback } from 'react'
import { useSearchParams } from 'react-router'

/** Sets parameters of the address; null takes one out. */
export type PutAddress = (change: Record<string, string | null>) => void

/**
 * The address's parameters. Changes are made on the address as it is at that moment: two in a row, before the page is
 * drawn anew, must not undo each other.
 */
export function useAddress(): [URLSearchParams, PutAddress] {
  const [params, setParams] = useSearchParams()
  const put = useCallback<PutAddress>(
    (change) => {
      const after = new URLSearchParams(window.location.search)
      for (const [name, value] of Object.entries(change)) {
        if (value === null) after.delete(name)
        else after.set(name, value)
      }
      setParams(after, { replace: true })
    },
    [setParams],
  )
  return [params, put]
}
