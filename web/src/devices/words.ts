/** `ABCD-EFGH`, as it is read aloud. */
export const spelt = (code: string): string => `${code.slice(0, 4)}-${code.slice(4)}`

/** The code of an address that was read by a camera; empty where it has none. */
export const codeIn = (search: string): string => new URLSearchParams(search).get('pair') ?? ''

/** The code with the address, for a camera. */
export const pairingAddress = (address: string, code: string): string => `${address}/?pair=${code}`

/** What a device calls itself until somebody names it. */
export function usualName(agent: string): string {
  if (/iPad|Tablet/i.test(agent)) return 'Tablet'
  if (/iPhone|Android.*Mobile/i.test(agent)) return 'Phone'
  return /Android/i.test(agent) ? 'Tablet' : 'Computer'
}
