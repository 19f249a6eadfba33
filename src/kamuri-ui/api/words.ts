export const client = {
  kamuriDoesNotAnswerIs: 'Kamuri does not answer. Is it still running?',
  somethingWentWrong: 'Something went wrong.',
}
