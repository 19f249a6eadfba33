/** How far something is that takes more than a moment. */
export function HowFar({ label, share }: { label: string; share: number }) {
  return (
    <progress
      className="h-2 w-40 appearance-none rounded-full bg-rule accent-accent [&::-moz-progress-bar]:bg-accent [&::-webkit-progress-bar]:rounded-full [&::-webkit-progress-bar]:bg-rule [&::-webkit-progress-value]:rounded-full [&::-webkit-progress-value]:bg-accent"
      max={1}
      value={share}
      aria-label={label}
    />
  )
}
