import { Component, type ReactNode } from 'react'
import { Button } from '../shared/ui/Button'

/** What is shown where the page itself broke: never a blank screen. Unsaved work is in the browser. */
export class Failed extends Component<{ children: ReactNode }, { message: string | null }> {
  override state = { message: null }

  static getDerivedStateFromError(error: unknown) {
    return { message: error instanceof Error ? error.message : String(error) }
  }

  override render() {
    if (this.state.message === null) return this.props.children
    return (
      <main className="p-8" role="alert">
        <h1 className="mb-2 text-2xl font-bold">This page broke</h1>
        <p className="mb-4 max-w-prose">
          That is our mistake. What you edited and logged is kept in this browser and comes back with the
          page.
        </p>
        <p className="mb-4 font-mono text-sm text-slate">{this.state.message}</p>
        <Button tone="strong" onClick={() => location.reload()}>
          Open it again
        </Button>
      </main>
    )
  }
}
