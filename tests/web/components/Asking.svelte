<script lang="ts">
  import { question, type Asked, type Question } from '../../../web/data/question.svelte'
  import Answer from '../../../web/ui/Answer.svelte'

  /** Asks a question and shows its answer with what can be done in it, as a screen does. */
  interface Props {
    asked: Asked<string, string>
    onpress?: () => void
    onask?: (question: Question<string, string>) => void
  }
  let { asked, onpress, onask }: Props = $props()
  // svelte-ignore state_referenced_locally
  const answer = question(asked)
  // svelte-ignore state_referenced_locally
  onask?.(answer)
</script>

<Answer question={answer} waiting="Working it out…">
  {#snippet children(value, input)}
    <p data-testid="value">{input}: {value}</p>
    <button onclick={onpress}>Act on it</button>
    <button aria-expanded="false" onclick={onpress}>Unfold</button>
    <a href="#/rules" onclick={onpress}>Rules</a>
    <select aria-label="Which" onchange={onpress}><option>one</option><option>two</option></select>
  {/snippet}
</Answer>
