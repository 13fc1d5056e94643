import { WithSpread } from '../WithSpread'
import { DeckStation } from './DeckStation'

/** A fresh editor for each spread. */
export const DeckPage = () => (
  <WithSpread station="deck">{(loaded) => <DeckStation key={loaded.kept.spreadId} {...loaded} />}</WithSpread>
)
