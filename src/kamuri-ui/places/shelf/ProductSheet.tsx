import { useWrongFields } from '@/kit/wrongFields'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told, type ProductBody, type ProductView } from '@/api/client'
import { Button } from '@/kit/Button'
import { AreaField, ChoiceField, NumberField, TextField } from '@/kit/Field'
import { AmountField, DateField } from '@/kit/TypedField'
import { useStyle } from '@/app/style'
import { Sheet } from '@/kit/Sheet'
import { Trouble } from '@/kit/Trouble'
import { LabelFindings } from './LabelFindings'
import { ProductRatings } from './ProductRatings'
import { roles } from './words'
import { productSheet as said } from './words'

const blank: ProductBody = { name: '', role: 'leaveIn', label: '' }

/** One product: entered, corrected, put away. Its label is read as it is typed. */
export function ProductSheet({
  saved,
  onClose,
  onSaved,
}: {
  saved: ProductView | null
  onClose: () => void
  onSaved: () => void
}) {
  const { currency } = useStyle()
  const [draft, setDraft] = useState<ProductBody>(saved?.product ?? blank)
  const put = (next: Partial<ProductBody>) => setDraft({ ...draft, ...next })
  const save = useMutation({
    mutationFn: () =>
      told(
        saved
          ? api.PUT('/api/products/{id}', { params: { path: { id: saved.id } }, body: draft })
          : api.POST('/api/products', { body: draft }),
      ),
    onSuccess: onSaved,
  })
  const away = useMutation({
    mutationFn: () =>
      told(
        api.PUT('/api/products/{id}/archived', {
          params: { path: { id: saved!.id } },
          body: { archived: !saved!.archived },
        }),
      ),
    onSuccess: onSaved,
  })
  const errors = useWrongFields(save.error)
  return (
    <Sheet title={saved ? saved.product.name : said.newProduct} open onClose={onClose}>
      <form
        noValidate
        className="mt-4 grid gap-4 sm:grid-cols-2"
        onSubmit={(event) => {
          event.preventDefault()
          save.mutate()
        }}
      >
        <TextField
          label={said.name}
          value={draft.name}
          maxLength={80}
          error={errors.name?.[0]}
          onChange={(event) => put({ name: event.target.value })}
        />
        <ChoiceField label={said.whatItIsFor} value={draft.role} choices={roles} onChoose={(role) => put({ role })} />
        <AmountField
          label={said.packSize}
          value={draft.sizeMl ?? null}
          error={errors.sizeMl?.[0]}
          onChange={(sizeMl) => put({ sizeMl })}
        />
        <AmountField
          label={said.amountLeft}
          value={draft.leftMl ?? null}
          error={errors.leftMl?.[0]}
          onChange={(leftMl) => put({ leftMl })}
        />
        <DateField
          label={said.openedOn}
          value={draft.opened ?? null}
          error={errors.opened?.[0]}
          onChange={(opened) => put({ opened })}
        />
        <NumberField
          label={said.keepsAfterOpening}
          unit="months"
          whole
          value={draft.monthsAfterOpening}
          error={errors.monthsAfterOpening?.[0]}
          onChange={(monthsAfterOpening) => put({ monthsAfterOpening })}
        />
        <NumberField
          label={said.packPrice}
          {...(currency && { unit: currency })}
          value={draft.price}
          error={errors.price?.[0]}
          onChange={(price) => put({ price })}
        />
        {(saved?.essentialOils.length ?? 0) > 0 && (
          <NumberField
            label={said.essentialOil}
            unit="%"
            hint={said.itsLabelListsEssentialOilsAsk({ essentialOils: saved!.essentialOils.join(', ') })}
            value={draft.essentialOilPercent}
            error={errors.essentialOilPercent?.[0]}
            onChange={(essentialOilPercent) => put({ essentialOilPercent })}
          />
        )}
        <div className="sm:col-span-2">
          <AreaField
            label={said.ingredientsAsPrintedOnThe}
            value={draft.label ?? ''}
            error={errors.label?.[0]}
            onChange={(event) => put({ label: event.target.value })}
          />
        </div>
        {draft.label && (
          <div className="sm:col-span-2">
            <LabelFindings text={draft.label} headId={null} />
          </div>
        )}
        {save.error && Object.keys(errors).length === 0 && <Trouble error={save.error} />}
        <div className="flex flex-wrap gap-3 sm:col-span-2">
          <Button type="submit" tone="main" disabled={save.isPending}>
            {saved ? said.saveChanges : said.addToTheShelf}
          </Button>
          {saved && (
            <Button tone="quiet" onClick={() => away.mutate()}>
              {saved.archived ? said.unarchive : said.archive}
            </Button>
          )}
        </div>
      </form>
      {saved && <ProductRatings product={saved} />}
    </Sheet>
  )
}
