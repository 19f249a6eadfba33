/** A sentence that says what went wrong. */
export function Trouble({ error }: { error: Error | null | undefined }) {
  return error ? (
    <p role="alert" className="my-3 border-l-4 border-stop pl-3 text-stop">
      {error.message}
    </p>
  ) : null
}
