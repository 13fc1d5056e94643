import './shared/ui/theme.css'
import { setNonce } from 'get-nonce'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { App } from './app/App'
import { fetchStation } from './app/stations'
import { registerWorker } from './sw/register'

// Dialogs inject one style element; it carries the nonce the policy allows.
const nonce = document.querySelector<HTMLMetaElement>('meta[name="style-nonce"]')?.content
if (nonce) setNonce(nonce)

fetchStation(location.pathname)
registerWorker()

const root = document.getElementById('root')
if (root)
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  )
