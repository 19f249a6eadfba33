import { X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import { useRef, type ReactNode } from 'react'
import { IconButton } from './Button'
import { sheet as words } from './words'

/**
 * A sheet over the page. The shade is ours and not Radix's overlay, which would inject a style tag that the content
 * policy forbids.
 */
export function Sheet({
  title,
  open,
  onClose,
  children,
  description,
}: {
  title: string
  open: boolean
  onClose: () => void
  children: ReactNode
  description?: string
}) {
  const opener = useRef<Element | null>(null)
  return (
    <Dialog.Root open={open} onOpenChange={(now) => !now && onClose()}>
      <Dialog.Portal>
        <div aria-hidden className="fixed inset-0 z-20 bg-black/45" />
        <Dialog.Content
          onOpenAutoFocus={() => {
            opener.current = document.activeElement
          }}
          onCloseAutoFocus={(event) => {
            // No trigger of Radix's own opens it, so it would leave the keyboard nowhere.
            event.preventDefault()
            if (opener.current?.isConnected) (opener.current as HTMLElement).focus()
          }}
          {...(description ? {} : { 'aria-describedby': undefined })}
          className="fixed inset-x-3 bottom-3 z-30 mx-auto max-h-[calc(100dvh-1.5rem)] max-w-xl overflow-y-auto rounded-2xl bg-raised p-6 text-ink shadow-2xl sm:top-16 sm:bottom-auto sm:max-h-[calc(100dvh-8rem)]"
        >
          <div className="flex items-start justify-between gap-4">
            <Dialog.Title className="text-2xl font-semibold">{title}</Dialog.Title>
            <Dialog.Close asChild>
              <IconButton label={words.close} className="-mt-2 -mr-2">
                <X aria-hidden />
              </IconButton>
            </Dialog.Close>
          </div>
          {description && <Dialog.Description className="mt-1 text-quiet">{description}</Dialog.Description>}
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
