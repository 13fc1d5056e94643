import { RigStation } from './RigStation'
import { WithSpread } from '../WithSpread'

/** A fresh editor for each spread. */
export const RigPage = () => (
  <WithSpread station="rig">{(loaded) => <RigStation key={loaded.kept.spreadId} {...loaded} />}</WithSpread>
)
