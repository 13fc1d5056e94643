import './shared/ui/theme.css'
import { setNonce } from 'get-nonce'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { App } from './app/App'
import { askAhead } from './app/ahead'
import { fetchStation } from './app/stations'
import { newQueries } from './shared/api/asking'
import { registerWorker } from './sw/register'

// Dialogs inject one style element; it carries the nonce the policy allows.
const nonce = document.querySelector<HTMLMetaElement>('meta[name="style-nonce"]')?.content
if (nonce) setNonce(nonce)

const queries = newQueries()
fetchStation(location.pathname)
askAhead(location.pathname, queries)
registerWorker()

const root = document.getElementById('root')
if (root)
  createRoot(root).render(
    <StrictMode>
      <App queries={queries} />
    </StrictMode>,
  )
