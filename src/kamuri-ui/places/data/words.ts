import type { Parts } from '@/kit/texts'

export const backups = {
  oneADay: ({ folder }: Parts<'folder'>) => `Kamuri makes one every day it runs and keeps them in ${folder}.`,
  madeByYou: 'made by you',
  madeOnceADay: 'made once a day',
  madeBeforeAnUpdate: 'made before an update',
  madeBeforeARestoreOr: 'made before a restore or import',
  backups: 'Backups',
  makeABackupNow: 'Make a backup now',
  done: 'Done.',
  restored: 'Restored.',
  downloadTheBackupOfWhen: ({ when }: Parts<'when'>) => `Download the backup of ${when}`,
  download: 'Download',
  restoreAsk: 'Restore…',
  restoreTheBackupOfWhen: ({ when }: Parts<'when'>) => `Restore the backup of ${when}`,
  restoreThisBackup: 'Restore this backup?',
  thisPutsTheHouseholdBack: ({ day, time }: Parts<'day' | 'time'>) =>
    `This puts the household back to ${day}, ${time}. Kamuri first backs up what is there now, so you can go back.`,
  restoring: 'Restoring…',
  restoreNow: 'Restore',
  cancel: 'Cancel',
}

export const dataPage = {
  yourData: 'Your data',
}

export const everything = {
  exportAndImport: 'Export and import',
  anArchiveHoldsEverythingOf:
    'An archive holds everything of this household, to keep elsewhere or to take to another computer.',
  exportEverything: 'Export everything',
  importAnArchive: 'Import an archive',
  readingTheArchive: 'Reading the archive…',
  whatTheImportWouldDo: 'What the import would do',
  thisHouseholdIsEmptyEverything: ({ day }: Parts<'day'>) =>
    `This household is empty. Everything in the archive of ${day} will be imported as it is.`,
  theArchiveOfDayWould: ({ day }: Parts<'day'>) => `The archive of ${day} would make these changes:`,
  whereTheTwoDifferUse: 'Where the two differ, use the archive',
  importing: 'Importing…',
  import: 'Import',
  cancel: 'Cancel',
  importedABackupFromBefore: 'Imported. A backup from before the import is in the list.',
}

export const removed = {
  deleted: 'Deleted',
  headUntil: ({ day }: Parts<'day'>) => `With everything about this head. You can undo this until ${day}.`,
  washDayUntil: ({ day }: Parts<'day'>) => `A wash day. You can undo this until ${day}.`,
  nameIsDeleted: ({ name }: Parts<'name'>) => `Deleted: ${name}.`,
  undo: 'Undo',
  undoDeletingName: ({ name }: Parts<'name'>) => `Undo deleting ${name}`,
}

export const setAside = {
  setAside: ({ entries }: Parts<'entries'>) => `Set aside: ${entries}`,
  entry: 'entry',
  entries: 'entries',
  thisVersionOfKamuriCannot:
    'This version of Kamuri cannot read these entries. They are safe in your file and in every export. A newer Kamuri may read them, and an earlier backup may hold them intact.',
  oneWasSetAside: 'One entry of your household could not be read and was set aside. Nothing is lost.',
  someWereSetAside: ({ count }: Parts<'count'>) =>
    `${count} entries of your household could not be read and were set aside. Nothing is lost.`,
  seeWhatToDo: 'See what to do',
  close: 'Close',
}
