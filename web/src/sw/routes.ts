/** How the worker answers a request. */
export type Way = 'SHELL' | 'PAGE' | 'DATA' | 'NETWORK'

/** Of now alone, of gear as it was then, or for one reader: never held. How a draft is solved the page holds itself. */
const OF_NOW = /\/(instruments|practice|export|pairing|devices|solved)(\/|$)/

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
