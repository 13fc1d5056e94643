import { Problem, type Fault } from './client'

/** Sends a file as it is, to a route that takes one. */
export async function sendFile<T>(
  method: 'POST' | 'PUT',
  path: string,
  type: 'text/csv' | 'text/plain',
  body: string | Blob,
): Promise<T> {
  const response = await fetch(path, { method, headers: { 'Content-Type': type }, body })
  const said = (await response.json()) as T & { title?: string; detail?: string; faults?: Fault[] }
  if (response.ok) return said
  const title = response.status === 413 ? said.detail : said.title
  throw new Problem(response.status, title ?? 'The file was refused.', said.faults ?? [])
}

export type LargeKind =
  'application/json' | 'application/gpx+xml' | 'application/geo+json' | 'application/octet-stream'

/**
 * A large file, told of as it goes. Aborted, it is given up: what had arrived is not kept.
 *
 * @param onShare from 0 to 1, of what has been sent
 */
export function sendLargeFile<T>(
  path: string,
  type: LargeKind,
  file: Blob,
  onShare: (share: number) => void,
  signal: AbortSignal,
): Promise<T> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest()
    request.open('POST', path)
    request.setRequestHeader('Content-Type', type)
    request.upload.onprogress = ({ loaded, total }) => onShare(total > 0 ? loaded / total : 0)
    request.onload = () => {
      const said = readJson(request.responseText) as T & { title?: string; detail?: string; faults?: Fault[] }
      if (request.status < 300) return resolve(said)
      const title = request.status === 413 ? said.detail : said.title
      reject(new Problem(request.status, title ?? 'The file was refused.', said.faults ?? []))
    }
    request.onerror = () => reject(new Problem(0, 'The file did not arrive: the link was lost.', []))
    request.onabort = () => reject(new Problem(0, 'Given up: nothing was kept.', []))
    signal.addEventListener('abort', () => request.abort())
    request.send(file)
  })
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown
  } catch {
    return {}
  }
}
