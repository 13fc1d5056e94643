import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import {
  beginPractice,
  lookAtPractice,
  practiceOf,
  steerPractice,
  type Practice,
  type PracticeHelm,
} from '../../deck/practice/queries'
import { usePracticeDay } from '../../deck/practice/usePracticeDay'
import { standing, type Told } from '../../deck/practice/words'
import { Problem } from '../../shared/api/client'
import type { Boat, Draft } from '../../draft/queries'
import type { Fact } from '../../strikes/fold/model'

/** She sails on while somebody looks: once a second. */
const LOOK_MS = 1000
/** What takes weed off a line, or shows that there is none. */
const CLEANS = new Set(['SET', 'CHECKED', 'RENEWED', 'CHANGED'])

/**
 * The practice day of the boat on deck, and how to begin one.
 *
 * @param draft as it was solved; null before that
 * @param out   lines that are out, and since when (ms)
 */
export function usePractice({
  boat,
  spread,
  draft,
  out,
  told,
  strikes,
  speedMps,
}: {
  boat: Boat
  spread: string
  draft: Draft | null
  out: ReadonlyMap<string, number>
  told: readonly Fact[]
  strikes: readonly Told[]
  speedMps: number
}) {
  const { boatId } = boat
  const client = useQueryClient()
  const go = useNavigate()
  const key = practiceOf(boatId).queryKey
  const known = useQuery({ ...practiceOf(boatId), enabled: false }).data
  const practice = usePracticeDay(boatId)
  const [open, setOpen] = useState(false)
  const [problem, setProblem] = useState<string | null>(null)
  const wanted = useRef(0)
  const take = (reply: Practice) => client.setQueryData(key, reply)
  useQuery({
    queryKey: ['practice look', boatId],
    queryFn: async () => {
      const asked = wanted.current
      const reply = await lookAtPractice(boatId, {
        draft: draft!,
        spreadId: spread,
        lines: linesOut(out, told),
      })
      // An answer from before the helm was put over would put it back.
      if (asked === wanted.current) take(reply)
      return reply.at
    },
    enabled: practice !== null && draft !== null,
    refetchInterval: LOOK_MS,
    gcTime: 0,
    retry: false,
  })
  const steer = async (helm: PracticeHelm) => {
    wanted.current += 1
    if (practice) take({ ...practice, ...helm })
    try {
      take(await steerPractice(boatId, helm))
    } catch {
      // The next look says how she is steered.
    }
  }
  const begin = async (afresh: boolean) => {
    try {
      const begun = await beginPractice(boatId, { afresh, holdMps: speedMps })
      client.setQueryData(practiceOf(begun.boatId).queryKey, begun)
      client.setQueryData(key, begun)
      void go(`/boats/${begun.boatId}/deck/${spread}`)
    } catch (refused) {
      setProblem(refused instanceof Problem ? refused.said.join(' ') : 'Nothing was begun. Try again.')
    }
  }
  const show = async () => {
    setProblem(null)
    await client.fetchQuery({ ...practiceOf(boatId), staleTime: 0 }).catch(() => undefined)
    setOpen(true)
  }
  return {
    practice,
    signals: practice ? standing(practice.signals, strikes) : [],
    /** Of the copy of this boat that practised before. */
    before: practice ? null : (known ?? null),
    ...{ open, problem, begin, steer },
    show: () => void show(),
    close: () => setOpen(false),
  }
}

const linesOut = (out: ReadonlyMap<string, number>, told: readonly Fact[]) =>
  [...out].map(([lineId, since]) => {
    const clean = told.filter(({ kind, payload }) => CLEANS.has(kind) && payload.lineId === lineId).at(-1)
    const at = Math.max(since, Date.parse(clean?.happenedAt ?? '') || 0)
    return { lineId, cleanSince: new Date(at).toISOString() }
  })
