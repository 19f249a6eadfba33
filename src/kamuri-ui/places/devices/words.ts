import type { Parts } from '@/kit/texts'

export const devicesPage = {
  answersWithPasscode: 'Kamuri is open to the home network, for everyone who knows the passcode.',
  answersWithout: 'Kamuri is open to the home network, but nobody can enter until you set a passcode.',
  notEncrypted: 'The connection is not encrypted, so use it only on a network you trust.',
  onlyThisComputer: ({ command }: Parts<'command'>) =>
    `Only this computer can use Kamuri. To use it on a phone too, stop Kamuri, start it with ${command}, and set a passcode.`,
  cameAndSeen: ({ day, seen }: Parts<'day' | 'seen'>) => `Added ${day}, ${seen}`,
  devices: 'Devices',
  openKamuriOnAPhone: 'Open Kamuri on a phone',
  devicesWithAccess: 'Devices with access',
  hereNow: 'here now',
  lastSeenDay: ({ day }: Parts<'day'>) => `last seen ${day}`,
  notHereNow: 'not here now',
  remove: 'Remove',
  removeName: ({ name }: Parts<'name'>) => `Remove ${name}`,
  changeThePasscode: 'Change the passcode',
  setAPasscode: 'Set a passcode',
  everyOtherDeviceMustEnter: 'Every other device must enter the new passcode.',
  otherDevicesMustEnterIt: 'Other devices must enter it. Use eight characters or more; a few words work best.',
  passcode: 'Passcode',
  suggestSixDigits: 'Suggest six digits',
  changePasscode: 'Change passcode',
  setPasscode: 'Set passcode',
  passcodeSet: 'Passcode set.',
}

export const passcodePage = {
  kamuri: 'Kamuri',
  theHouseholdsPasscode: 'The household’s passcode',
  passcode: 'Passcode',
  thisDeviceIsCalled: 'This device is called',
  bathroomPhone: 'bathroom phone',
  enter: 'Enter',
  noPasscodeIsSetYet: 'No passcode is set yet. Set one on the computer Kamuri runs on, under Devices.',
}

export const quickCode = {
  kamuriAnswersThisComputerAlone:
    'Kamuri answers this computer alone. Start it with --lan to open it to the home network.',
  codeForAddress: ({ address }: Parts<'address'>) => `Code for ${address}`,
}
