import { createContext, useContext } from 'react'
import type { MenuItem } from '../shared/ui/Menu'

/** Where one can go from here and what holds for every page, for a menu where the frame itself is not shown. */
export const FrameItems = createContext<readonly MenuItem[]>([])

export const useFrameItems = (): readonly MenuItem[] => useContext(FrameItems)
