import { useWrongFields } from '@/kit/wrongFields'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, done, told, type DeviceView } from '@/api/client'
import { day } from '@/app/time'
import { Button } from '@/kit/Button'
import { TextField } from '@/kit/Field'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { useAccess } from './access'
import { HouseholdName } from './HouseholdName'
import { QuickCode } from './QuickCode'
import { devicesPage as said } from './words'
import { Rich } from '@/kit/texts'

/** Which devices may use this household's Kamuri, and who is there now. */
export function DevicesPage() {
  const access = useAccess(true)
  if (access.error) return <Trouble error={access.error} />
  if (!access.data) return null
  const { lan, isHere, hasPasscode, addresses, devices } = access.data
  return (
    <section className="mt-5 grid gap-x-12 gap-y-8 lg:grid-cols-[1fr_22rem]">
      <div className="max-w-2xl">
        <PageHeading>{said.devices}</PageHeading>
        {lan ? (
          <>
            <p className="mt-3 text-lg">
              {hasPasscode ? said.answersWithPasscode : said.answersWithout} {said.notEncrypted}
            </p>
            {addresses.length > 0 && hasPasscode && (
              <>
                <h2 className="mt-6 text-xl font-semibold">{said.openKamuriOnAPhone}</h2>
                <QuickCode page="/today" />
              </>
            )}
          </>
        ) : (
          <p className="mt-3 text-lg">
            <Rich
              of={said.onlyThisComputer}
              parts={{
                command: <code className="rounded bg-raised px-1.5 py-0.5">{'./kamuri serve --lan'}</code>,
              }}
            />
          </p>
        )}
        {isHere && <PasscodeForm hasPasscode={hasPasscode} />}
      </div>
      <aside>
        <h2 className="border-b border-rule pb-2 text-xl font-semibold">{said.devicesWithAccess}</h2>
        <ul>
          {devices.map((device) => (
            <DeviceRow key={device.id ?? 'here'} device={device} mayShutOut={isHere} />
          ))}
        </ul>
      </aside>
    </section>
  )
}

function DeviceRow({ device, mayShutOut }: { device: DeviceView; mayShutOut: boolean }) {
  const queries = useQueryClient()
  const shutOut = useMutation({
    mutationFn: (id: string) => done(api.DELETE('/api/access/devices/{id}', { params: { path: { id } } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['access'] }),
  })
  const seen = device.isThere
    ? said.hereNow
    : device.lastSeen
      ? said.lastSeenDay({ day: day(device.lastSeen) })
      : said.notHereNow
  return (
    <li className="flex items-center gap-4 border-b border-rule py-1">
      <span className="flex-1 py-2">
        <strong>{device.name}</strong>
        <span className="block text-quiet">
          {device.cameAt ? said.cameAndSeen({ day: day(device.cameAt), seen }) : seen}
        </span>
        {shutOut.error && <Trouble error={shutOut.error} />}
      </span>
      {mayShutOut && device.id && (
        <Button
          tone="quiet"
          aria-label={said.removeName({ name: device.name })}
          onClick={() => shutOut.mutate(device.id!)}
        >
          {said.remove}
        </Button>
      )}
    </li>
  )
}

function PasscodeForm({ hasPasscode }: { hasPasscode: boolean }) {
  const queries = useQueryClient()
  const [passcode, setPasscode] = useState('')
  const [proposed, setProposed] = useState(false)
  const propose = useMutation({
    mutationFn: () => told(api.GET('/api/access/proposal')),
    onSuccess: (proposal) => {
      setPasscode(proposal.passcode)
      setProposed(true)
    },
  })
  const set = useMutation({
    mutationFn: () => done(api.PUT('/api/access/passcode', { body: { passcode } })),
    onSuccess: () => {
      setPasscode('')
      return queries.invalidateQueries({ queryKey: ['access'] })
    },
  })
  const errors = useWrongFields(set.error)
  return (
    <form
      className="mt-8 max-w-md border-t border-rule pt-5"
      onSubmit={(event) => {
        event.preventDefault()
        set.mutate()
      }}
    >
      <h2 className="text-xl font-semibold">{hasPasscode ? said.changeThePasscode : said.setAPasscode}</h2>
      <p className="mt-1 text-quiet">{hasPasscode ? said.everyOtherDeviceMustEnter : said.otherDevicesMustEnterIt}</p>
      <HouseholdName />
      <div className="mt-3">
        <TextField
          label={said.passcode}
          type={proposed ? 'text' : 'password'}
          autoComplete="new-password"
          value={passcode}
          error={errors.passcode?.[0]}
          onChange={(event) => {
            setProposed(false)
            setPasscode(event.target.value)
          }}
        />
        <Button
          tone="quiet"
          className="-ml-4 justify-self-start"
          disabled={propose.isPending}
          onClick={() => propose.mutate()}
        >
          {said.suggestSixDigits}
        </Button>
      </div>
      {set.error && Object.keys(errors).length === 0 && <Trouble error={set.error} />}
      <Button type="submit" className="mt-3" disabled={!passcode || set.isPending}>
        {hasPasscode ? said.changePasscode : said.setPasscode}
      </Button>
      {set.isSuccess && (
        <p role="status" className="mt-2 border-l-4 border-done pl-3">
          {said.passcodeSet}
        </p>
      )}
    </form>
  )
}
