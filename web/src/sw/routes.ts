/** How the worker answers a request. */
export type Way = 'SHELL' | 'PAGE' | 'DATA' | 'NETWORK'

/** Of now alone, or for one reader: never held. */
const OF_NOW = /\/(instruments|practice|export|pairing|devices)(\/|$)/

/**
 * @param shell addresses of the scripts, styles and letters of this edition
 * @param isPage the browser goes to it
 */
export function wayOf(method: string, path: string, isPage: boolean, shell: ReadonlySet<string>): Way {
  if (method !== 'GET') return 'NETWORK'
  if (shell.has(path)) return 'SHELL'
  if (isPage && (path === '/' || path.startsWith('/boats'))) return 'PAGE'
  return path.startsWith('/api/') && !OF_NOW.test(path) ? 'DATA' : 'NETWORK'
}
