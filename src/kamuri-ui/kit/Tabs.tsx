/** A row of names of which one is looked at, on the line under it. */
export const Tabs = ({
  label,
  tabs,
  at,
  onLook,
  tall = false,
}: {
  label: string
  tabs: readonly { key: string; name: string }[]
  at: string
  onLook: (key: string) => void
  /** Pressed with wet hands. */
  tall?: boolean
}) => (
  <div role="group" aria-label={label} className="flex flex-wrap gap-6 border-b border-rule">
    {tabs.map((tab) => (
      <button
        key={tab.key}
        type="button"
        aria-pressed={tab.key === at}
        onClick={() => onLook(tab.key)}
        className={`-mb-px border-b-4 px-1 font-display text-xl font-semibold ${tall ? 'min-h-16' : 'min-h-12'} ${tab.key === at ? 'border-accent' : 'border-transparent text-quiet hover:text-ink'}`}
      >
        {tab.name}
      </button>
    ))}
  </div>
)
