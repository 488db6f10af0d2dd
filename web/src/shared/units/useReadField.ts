import { computed, ref, watch, type Ref } from 'vue'
import type { Read } from './dayText'

/**
 * A field whose text is read: gives on what was meant, and what it cannot read as it stands, so that nothing typed is
 * sent as nothing.
 *
 * @param value what is given on, as it is sent
 * @param inField how the field shows it; whatever it depends on, as units, writes the field anew
 * @param read what was typed
 */
export function useReadField(
  value: Ref<string | null | undefined>,
  inField: (value: string) => string,
  read: (text: string) => Read,
) {
  const typed = ref('')
  const last = ref<string | null>()
  const found = computed(() => (typed.value.trim() === '' ? null : read(typed.value)))
  const wrong = computed(() => (found.value && 'wrong' in found.value ? found.value.wrong : ''))
  const says = computed(() =>
    found.value && 'says' in found.value && typed.value !== inField(found.value.value)
      ? found.value.says
      : '',
  )

  function take(text: string | null): void {
    typed.value = text ?? ''
    last.value = !found.value ? '' : 'value' in found.value ? found.value.value : typed.value
    value.value = last.value
  }

  /** Written as it is shown once it is left, so that all days of a page look alike. */
  function settle(): void {
    if (found.value && 'value' in found.value) typed.value = inField(found.value.value)
  }

  watch(
    [value, () => inField(value.value ?? '')],
    ([now, shown], [, before]) => {
      if (now === last.value && typed.value !== before) return
      typed.value = shown
      last.value = now ?? ''
    },
    { immediate: true },
  )

  return { typed, wrong, says, take, settle }
}
