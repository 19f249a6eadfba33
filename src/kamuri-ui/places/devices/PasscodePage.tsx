import { useWrongFields } from '@/kit/wrongFields'
import { PageTitle } from '@/kit/PageHeading'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, done } from '@/api/client'
import { Button } from '@/kit/Button'
import { TextField } from '@/kit/Field'
import { Trouble } from '@/kit/Trouble'
import { HouseholdName } from './HouseholdName'
import { passcodePage as words } from './words'

/** What another device sees until it has given the household's passcode. */
export function PasscodePage({ hasPasscode }: { hasPasscode: boolean }) {
  const queries = useQueryClient()
  const [passcode, setPasscode] = useState('')
  const [device, setDevice] = useState('')
  const enter = useMutation({
    mutationFn: () => done(api.POST('/api/access/enter', { body: { passcode, device: device.trim() || null } })),
    onSuccess: () => queries.invalidateQueries(),
  })
  const errors = useWrongFields(enter.error)
  return (
    <main className="mx-auto max-w-md p-6 pt-20">
      <p className="font-display text-2xl font-bold">{words.kamuri}</p>
      <PageTitle title={words.theHouseholdsPasscode} />
      <h1 className="mt-6 text-4xl font-semibold">{words.theHouseholdsPasscode}</h1>
      {hasPasscode ? (
        <form
          className="mt-5 grid gap-4"
          onSubmit={(event) => {
            event.preventDefault()
            enter.mutate()
          }}
        >
          <HouseholdName />
          <TextField
            label={words.passcode}
            type="password"
            autoComplete="current-password"
            value={passcode}
            error={errors.passcode?.[0]}
            onChange={(event) => setPasscode(event.target.value)}
          />
          <TextField
            label={words.thisDeviceIsCalled}
            placeholder={words.bathroomPhone}
            maxLength={40}
            value={device}
            error={errors.device?.[0]}
            onChange={(event) => setDevice(event.target.value)}
          />
          {enter.error && Object.keys(errors).length === 0 && <Trouble error={enter.error} />}
          <Button type="submit" tone="main" className="min-h-16 text-lg" disabled={!passcode || enter.isPending}>
            {words.enter}
          </Button>
        </form>
      ) : (
        <p className="mt-4 text-lg">{words.noPasscodeIsSetYet}</p>
      )}
    </main>
  )
}
