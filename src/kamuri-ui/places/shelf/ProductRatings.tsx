import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told, type ProductView } from '@/api/client'
import { Button } from '@/kit/Button'
import { ChoiceField, TextField } from '@/kit/Field'
import { Trouble } from '@/kit/Trouble'
import { productRatings as said } from './words'

const words = [
  { value: '0', word: said.notRated },
  { value: '1', word: said.n1NotAtAll },
  { value: '2', word: said.n2NotReally },
  { value: '3', word: said.n3SoSo },
  { value: '4', word: '4, well' },
  { value: '5', word: said.n5VeryWell },
]

/** How well a product suits each head of the house. */
export function ProductRatings({ product }: { product: ProductView }) {
  const heads = useQuery({ queryKey: ['heads'], queryFn: () => told(api.GET('/api/heads')) })
  const living = heads.data?.filter((head) => !head.archived) ?? []
  if (living.length === 0) return null
  return (
    <fieldset className="mt-5 border-t border-rule pt-3">
      <legend className="sr-only">{said.howWellItSuits}</legend>
      <h3 className="text-lg font-semibold">{said.howWellItSuits}</h3>
      {living.map((head) => (
        <Rating key={head.id} product={product} headId={head.id} name={head.head.name} />
      ))}
    </fieldset>
  )
}

function Rating({ product, headId, name }: { product: ProductView; headId: string; name: string }) {
  const queries = useQueryClient()
  const saved = product.ratings.find((each) => each.headId === headId)
  const [note, setNote] = useState(saved?.note ?? '')
  const rate = useMutation({
    mutationFn: (suits: number) =>
      told(
        api.PUT('/api/products/{id}/ratings/{headId}', {
          params: { path: { id: product.id, headId } },
          body: { suits, note },
        }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['products'] }),
  })
  const suits = rate.data?.ratings.find((each) => each.headId === headId)?.suits ?? saved?.suits ?? 0
  return (
    <div className="mt-2 grid items-end gap-3 sm:grid-cols-[10rem_1fr_auto]">
      <ChoiceField
        label={name}
        value={String(suits)}
        choices={words}
        onChoose={(value) => rate.mutate(Number(value))}
      />
      <TextField
        label={said.inAFewWords}
        value={note}
        maxLength={200}
        onChange={(event) => setNote(event.target.value)}
      />
      <Button disabled={suits === 0 || note === (saved?.note ?? '')} onClick={() => rate.mutate(suits)}>
        {said.save}
      </Button>
      <Trouble error={rate.error} />
    </div>
  )
}
