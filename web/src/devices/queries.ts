import { queryOptions } from '@tanstack/react-query'
import { ask, type Schemas } from '../shared/api/client'

export type Devices = Schemas['DevicesReply']
export type Device = Schemas['DeviceReply']
export type Code = Schemas['CodeReply']

/** Asked again while it is shown: a device that has just been paired is seen to be. */
export const devicesOf = () =>
  queryOptions({
    queryKey: ['devices'],
    queryFn: () => ask((api) => api.GET('/api/devices')),
    staleTime: 0,
    refetchInterval: 3000,
    retry: false,
  })

export const nameDevice = (device: string, name: string) =>
  ask((api) => api.PUT('/api/devices/{device}', { params: { path: { device } }, body: { name } }))

export const shutOut = (device: string) =>
  ask((api) => api.POST('/api/devices/{device}/shut-out', { params: { path: { device } } }))

export const newCode = () => ask((api) => api.POST('/api/pairing/code'))

export const pairDevice = (code: string, name: string) =>
  ask((api) => api.POST('/api/pairing', { body: { code, name } }))
