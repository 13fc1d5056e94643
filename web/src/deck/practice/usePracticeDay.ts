import { useQuery } from '@tanstack/react-query'
import { practiceOf, type Practice } from './queries'

/** The practice day this boat is on, as it was told last; null for a real boat. Known before a station is shown. */
export function usePracticeDay(boatId: string): Practice | null {
  const { data } = useQuery({ ...practiceOf(boatId), enabled: false })
  return data?.boatId === boatId ? data : null
}
