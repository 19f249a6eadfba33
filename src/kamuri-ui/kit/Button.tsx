import type { ButtonHTMLAttributes, ReactNode, Ref } from 'react'
import { Link, type LinkProps } from 'react-router'

type Props = ButtonHTMLAttributes<HTMLButtonElement> & {
  ref?: Ref<HTMLButtonElement>
  tone?: 'main' | 'plain' | 'quiet'
}

const tones = {
  main: 'bg-accent text-on-accent hover:brightness-110',
  plain: 'border-2 border-strand text-ink hover:border-ink',
  quiet: 'text-accent underline decoration-2 underline-offset-4 hover:no-underline',
}

const look = 'inline-flex min-h-12 items-center justify-center gap-2 rounded-lg px-4 font-semibold'

/** A button that says what happens. At least 48 px tall. */
export function Button({ tone = 'plain', className = '', ...rest }: Props) {
  return (
    <button
      type="button"
      {...rest}
      className={`${look} disabled:cursor-not-allowed disabled:opacity-45 ${tones[tone]} ${className}`}
    />
  )
}

/** A link to where the next thing is done, as prominent as a button. */
export function LinkButton({ tone = 'plain', className = '', ...rest }: LinkProps & Pick<Props, 'tone'>) {
  return <Link {...rest} className={`${look} ${tones[tone]} ${className}`} />
}

/** A square button with a drawing, named for those who cannot see it. */
export function IconButton({
  label,
  children,
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { label: string; children: ReactNode }) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      {...rest}
      className={`inline-flex size-12 shrink-0 items-center justify-center rounded-lg text-quiet hover:text-ink disabled:opacity-35 ${className}`}
    >
      {children}
    </button>
  )
}
