import { SpreadStation } from './SpreadStation'
import { WithSpread } from '../WithSpread'

/** A fresh editor for each spread. */
export const SpreadPage = () => (
  <WithSpread station="spread">
    {(loaded) => <SpreadStation key={loaded.kept.spreadId} {...loaded} />}
  </WithSpread>
)
