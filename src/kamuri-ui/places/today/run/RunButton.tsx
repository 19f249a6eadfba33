import { Button } from '@/kit/Button'

/** A large button of the run, with its key or what it is about under its name. */
export function RunButton({
  label,
  hint,
  className = '',
  ...rest
}: {
  label: string
  hint: string
  className?: string
  onClick: () => void
  disabled?: boolean
}) {
  // A hint of one letter is the key that does the same.
  const isKey = hint.length === 1
  return (
    <Button
      {...(isKey && { 'aria-keyshortcuts': hint })}
      className={`min-h-16 scroll-mb-56 flex-col !gap-0 !px-1 text-base leading-tight lg:min-h-20 lg:text-lg ${className}`}
      {...rest}
    >
      {label}
      {!isKey && <span className="sr-only">, </span>}
      <span
        aria-hidden={isKey}
        className={`max-w-full truncate text-xs font-normal text-quiet md:text-sm ${isKey ? 'pointer-coarse:hidden' : ''}`}
      >
        {hint}
      </span>
    </Button>
  )
}
