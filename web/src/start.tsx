import { setNonce } from 'get-nonce'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { App } from './app/App'
import { askAhead } from './app/ahead'
import { fetchStation } from './app/stations'
import { newQueries } from './shared/api/asking'
import { registerWorker } from './sw/register'

/** Longest that nothing at all is drawn, for the sake of drawing once (ms). */
const PATIENCE_MS = 300

// Dialogs inject one style element; it carries the nonce the policy allows.
const nonce = document.querySelector<HTMLMetaElement>('meta[name="style-nonce"]')?.content
if (nonce) setNonce(nonce)

const queries = newQueries()
const station = fetchStation(location.pathname)
// The page asks again for what does not come, and says what is wrong.
const asked = askAhead(location.pathname, queries).catch(() => null)
registerWorker()

const patience = new Promise<null>((resolve) => setTimeout(resolve, PATIENCE_MS, null))
const [to] = await Promise.race([Promise.all([asked, station]), patience.then(() => [null])])
if (to) history.replaceState(null, '', `${to}${location.search}`)

const root = document.getElementById('root')
if (root)
  createRoot(root).render(
    <StrictMode>
      <App queries={queries} />
    </StrictMode>,
  )
