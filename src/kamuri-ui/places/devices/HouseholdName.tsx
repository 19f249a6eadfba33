/** Whose passcode it is, for what keeps passcodes: without it the name of the device would be taken for that. */
export function HouseholdName() {
  return <input type="text" name="username" autoComplete="username" value="household" readOnly hidden />
}
