import type { Parts } from '@/kit/texts'
import type { ProductBody } from '@/api/client'

export const roles: { value: ProductBody['role']; word: string }[] = [
  { value: 'shampoo', word: 'Shampoo' },
  { value: 'clarifying', word: 'Clarifying shampoo' },
  { value: 'coWash', word: 'Co-wash' },
  { value: 'rinseOut', word: 'Rinse-out conditioner' },
  { value: 'deepConditioner', word: 'Deep conditioner' },
  { value: 'protein', word: 'Protein treatment' },
  { value: 'leaveIn', word: 'Leave-in' },
  { value: 'oil', word: 'Oil' },
  { value: 'butter', word: 'Butter' },
  { value: 'cream', word: 'Cream' },
  { value: 'gel', word: 'Gel' },
  { value: 'edge', word: 'Edge control' },
  { value: 'liquid', word: 'Liquid or refresh' },
  { value: 'powder', word: 'Powder' },
  { value: 'clay', word: 'Clay' },
  { value: 'tea', word: 'Tea' },
]

export const roleWord = (role: ProductBody['role']) => roles.find((each) => each.value === role)?.word ?? role

export const amountsPage = {
  whatAWashDayTakes: ({ head }: Parts<'head'>) => `What a wash day takes for ${head}`,
  addAHeadFirstThen: 'Add a head first. Then this page shows how much of each product it takes.',
  head: 'Head',
  whatStaysOnLightestAt: 'What stays on, lightest at the bottom',
  applyFromTheBottomUp: 'Apply from the bottom up: light layers cannot get through heavy ones.',
  layersByWeight: 'Layers by weight',
  whatIsRinsedOut: 'What is rinsed out',
  haveThisMuchReadyThe: 'Have this much ready. The calculation is beside it.',
}

export const labelFindings = {
  ofFive: ({ weight }: Parts<'weight'>) => `${weight} of 5.`,
  theLabelIngredientByIngredient: 'The label, ingredient by ingredient',
  weight: 'Weight',
  protein: 'Protein',
  noneThatCounts: 'None that counts.',
  light: 'Light.',
  strong: 'Strong.',
  onTheScalp: 'On the scalp',
  yes: 'Yes.',
  no: 'No.',
  buildsUp: 'Builds up',
  notRead: 'Not read',
  selectOneInTheText: 'Select one in the text to teach Kamuri what it is.',
  notRead2: 'not read',
  readAsMeantWhat: ({ meant, what }: Parts<'meant' | 'what'>) => `Read as ${meant}: ${what}.`,
  notInTheDictionaryBy: ({ what }: Parts<'what'>) => `Not in the dictionary. By its name, probably a ${what}.`,
  notRead3: 'Not read.',
  whatIsIt: 'What is it?',
  choose: 'Choose',
  teach: 'Teach',
}

export const labelsPage = {
  doesItSuit: ({ head }: Parts<'head'>) => `What is in it, and does it suit ${head}?`,
  anyone: 'anyone',
  head: 'Head',
  ingredientList: 'Ingredient list',
  secondIngredientList: 'Second ingredient list',
  copyItFromThePack: 'Copy it from the pack. Capitals, slashes and stars do not matter.',
  compareWithAnother: 'Compare with another',
  removeTheSecond: 'Remove the second',
}

export const productRatings = {
  notRated: 'Not rated',
  n1NotAtAll: '1, not at all',
  n2NotReally: '2, not really',
  n3SoSo: '3, so so',
  n5VeryWell: '5, very well',
  howWellItSuits: 'How well it suits',
  inAFewWords: 'In a few words',
  save: 'Save',
}

export const productSheet = {
  newProduct: 'New product',
  name: 'Name',
  whatItIsFor: 'What it is for',
  packSize: 'Pack size',
  amountLeft: 'Amount left',
  openedOn: 'Opened on',
  keepsAfterOpening: 'Keeps after opening',
  packPrice: 'Pack price',
  essentialOil: 'Essential oil',
  itsLabelListsEssentialOilsAsk: ({ essentialOils }: Parts<'essentialOils'>) =>
    `Its label lists ${essentialOils}. Ask the maker how much it contains and enter it here. Until then, plans warn you.`,
  ingredientsAsPrintedOnThe: 'Ingredients, as printed on the pack',
  saveChanges: 'Save changes',
  addToTheShelf: 'Add to the shelf',
  unarchive: 'Unarchive',
  archive: 'Archive',
}

export const productTable = {
  importTheGoodRow: 'Import the good row',
  theTableCouldNotBe: 'The table could not be imported.',
  productsAsATable: 'Products as a table',
  csvWithAFirstLine:
    'CSV with a first line of names: name, role, size_ml, left_ml, price, opened, months_after_opening, label.',
  exportTheShelf: 'Export the shelf',
  importATable: 'Import a table',
  import: 'Import',
  rowsRead: 'Rows read',
  nothingWasImported: 'Nothing was imported.',
  oneProductWasAdded: 'One product was added.',
  addedProductsWereAdded: ({ added }: Parts<'added'>) => `${added} products were added.`,
  wrongOfDoneRowsCannot: ({ wrong, done }: Parts<'wrong' | 'done'>) => `${wrong} of ${done} rows cannot be read:`,
  importTheDoneGoodRows: ({ done }: Parts<'done'>) => `Import the ${done} good rows`,
}

export const productsPage = {
  weight: ({ weight }: Parts<'weight'>) => `Weight ${weight} of 5.`,
  lightProtein: 'Light protein.',
  strongProtein: 'Strong protein.',
  buildsUp: 'Builds up.',
  onTheShelf: 'On the shelf',
  importOrExport: 'Import or export',
  addAProduct: 'Add a product',
  noProductsYetAddWhat:
    'No products yet. Add what you have with its ingredient list. Then plans know what goes into each step and what is running out.',
  archived: 'Archived',
  noLabelEntered: 'No label entered.',
  unreadNotRead: ({ unread }: Parts<'unread'>) => `${unread} not read.`,
  shareLeft: ({ share }: Parts<'share'>) => `${share} % left`,
  amountLeft: ({ left }: Parts<'left'>) => `${left} left`,
}

export const shelfPlace = {
  onTheShelf: 'On the shelf',
  jars: 'Jars',
  formulas: 'Formulas',
  amounts: 'Amounts',
  labelReader: 'Label reader',
  warmOrCool: 'Warm or cool',
  shoppingList: 'Shopping list',
  partsOfTheShelf: 'Parts of the shelf',
}

export const toBuyPage = {
  nothingToBuy: 'Nothing to buy',
  oneThingToBuy: 'One thing to buy',
  countThingsToBuy: ({ count }: Parts<'count'>) => `${count} things to buy`,
  dayProductsWithLessThan: ({ day }: Parts<'day'>) =>
    `${day}. Products with less than two uses left, and products that have expired.`,
  shoppingList: 'Shopping list',
  print: 'Print',
  exportAsMarkdown: 'Export as Markdown',
}
