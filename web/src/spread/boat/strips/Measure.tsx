import type { ComponentProps } from 'react'
import { Field } from '../../../shared/ui/Field'
import { QuantityField } from '../../../shared/ui/QuantityField'

/** A quantity with a short word over it. */
export function Measure({
  label,
  name,
  ...field
}: { label: string; name: string } & Omit<ComponentProps<typeof QuantityField>, 'label'>) {
  return (
    <Field label={label}>
      <QuantityField label={name} {...field} />
    </Field>
  )
}
