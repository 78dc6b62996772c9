<script lang="ts">
  import type { Schools } from '../../words/documents'
  import Field from '../../ui/Field.svelte'
  import Group from '../../ui/Group.svelte'
  import { schoolName } from '../../words/schoolQuestions'
  import { DIRTY_SCHOOLS, LURE_KINDS, type DirtySchool, type LureKind } from '../../words/vocabulary'
  import { capital, show } from '../../words/words'

  /** The base color of dirty water, asked of each kind of lure; what is usual where it is not said. */
  interface Props {
    label: string
    chosen: Schools['dirty']
    onpick: (dirty: Schools['dirty']) => void
  }
  let { label, chosen, onpick }: Props = $props()

  const of = (kind: LureKind) => (typeof chosen === 'string' ? chosen : (chosen?.[kind] ?? ''))
  const pick = (kind: LureKind, school: string) =>
    onpick({
      ...Object.fromEntries(LURE_KINDS.map((other) => [other, of(other) || null])),
      [kind]: school === '' ? null : (school as DirtySchool),
    })
</script>

<Group {label}>
  <div class="grid grid-cols-2 gap-3 sm:grid-cols-4">
    {#each LURE_KINDS as kind (kind)}
      <Field label={capital(show(kind))}>
        {#snippet children(tied)}
          <select
            class="select w-full"
            value={of(kind)}
            onchange={(event) => pick(kind, event.currentTarget.value)}
            {...tied}
          >
            <option value="">As usual</option>
            {#each DIRTY_SCHOOLS as school (school)}
              <option value={school}>{schoolName('dirty', school)}</option>
            {/each}
          </select>
        {/snippet}
      </Field>
    {/each}
  </div>
</Group>
