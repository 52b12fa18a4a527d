import type { Ref } from 'vue'
import type { FormulaDocument, PartType } from '@/api/document'
import type { Parts, Place } from './useParts'

/** Keeps a part in hand: the one that is added, and the one that is moved wherever it goes. */
export function usePartInHand(parts: Parts, place: Ref<Place>, document: Ref<FormulaDocument>) {
  async function take(coming: Promise<Place | undefined>) {
    const next = await coming
    if (next) place.value = next
  }
  const add = (type: PartType) => take(parts.add(type))
  const addFlavour = () => take(parts.addFlavour())
  /** Puts a part at another place in the order. */
  function move(from: number, to: number) {
    if (to < 0 || to >= document.value.components.length || from === to) return
    const inHand = place.value.list === 'components' && place.value.index === from
    const moving = parts.move(from, to)
    if (inHand) void take(moving)
  }
  function moveInHand(by: 1 | -1) {
    const { list, index } = place.value
    if (list === 'components') move(index, index + by)
  }
  return { add, addFlavour, move, moveInHand }
}
