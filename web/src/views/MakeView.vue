<script setup lang="ts">
/** Make: one step at a time in big type for wet hands; what goes in, timers, looks, rescue, and at the end what came of it. */
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useWakeLock } from '@vueuse/core'
import type { TextureId } from '@/api/client'
import TexturePicker from '@/components/frame/TexturePicker.vue'
import DevicePanel from '@/components/make/DevicePanel.vue'
import RescuePanel from '@/components/make/RescuePanel.vue'
import TimerStrips, { type Timer } from '@/components/make/TimerStrips.vue'
import WeighLine from '@/components/make/WeighLine.vue'
import { useLibrary } from '@/composables/useLibrary'
import { useMake } from '@/composables/useMake'
import { say } from '@/composables/useNotice'
import { useScale } from '@/composables/useScale'
import { duration, minutes, typedNumber } from '@/format'

const route = useRoute()
const router = useRouter()
const make = useMake(String(route.params.batch))
const { making, state, error, stages, current, upcoming, tell, waiting, unseen, away, refused } = make
const library = useLibrary()
const scale = useScale()
const wake = useWakeLock()
if (wake.isSupported.value) void wake.request('screen').catch(() => undefined)

const line = computed(() => current.value?.lines.find((each) => each.status === 'to_come'))
const gone = computed(() => current.value?.lines.filter((each) => each.status !== 'to_come') ?? [])
/** How it ended, said here and not heard of yet as well: it is finished once. */
const over = computed(
  () => state.value?.over ?? (unseen.value.some((each) => each.kind === 'finished') ? 'finished' : undefined),
)
const before = computed(
  () => stages.value[(current.value ? stages.value.indexOf(current.value) : stages.value.length) - 1],
)
const back = () => tell(['step', { step: before.value!.id, did: 'begun', mono_ms: Math.round(performance.now()) }])
const seen = ref<TextureId>()
const rescuing = ref(false)

const weighed = (grams: number, by: 'scale' | 'typed') =>
  tell(['weighed', { line: line.value!.line, grams, mode: 'set', by, target: line.value!.planned_grams }])
const putIn = () => tell(['measured', { line: line.value!.line }])
const leaveOut = () => tell(['left_out', { line: line.value!.line }])
const undo = (pointer: string) => {
  const said = gone.value.find((each) => each.line === pointer)
  if (said) void tell(['weighed', { line: pointer, grams: 0, mode: 'set', by: 'typed' }])
}
async function step(did: 'begun' | 'done' | 'skipped') {
  seen.value = undefined
  rescuing.value = false
  await tell(['step', { step: current.value!.id, did, mono_ms: Math.round(performance.now()) }])
}
async function look(id: TextureId | undefined) {
  const index = library.value?.textures.findIndex((each) => each.id === id) ?? -1
  if (index < 0) return
  seen.value = id
  await tell(['looked', { component: current.value!.look, texture: index }])
  rescuing.value = true
}

/** Timers that run: the server's, and those that it has not heard of yet. */
const timers = computed<Timer[]>(() => {
  const all = new Map((state.value?.timers ?? []).map((timer) => [timer.name, timer as Timer]))
  for (const { kind, data } of unseen.value) {
    if (kind !== 'timer') continue
    if (data.did === 'set') all.set(String(data.name), data as unknown as Timer)
    else all.delete(String(data.name))
  }
  return [...all.values()]
})
const timed = computed(() => timers.value.some((timer) => timer.step === current.value?.id))
function startTimer() {
  const until = new Date(Date.now() + current.value!.wait!.least * 60_000).toISOString()
  if (typeof Notification !== 'undefined' && Notification.permission === 'default')
    void Notification.requestPermission()
  void tell(
    ['step', { step: current.value!.id, did: 'begun', mono_ms: Math.round(performance.now()) }],
    ['timer', { name: current.value!.text.slice(0, 120), did: 'set', until, step: current.value!.id }],
  )
}
const stopTimer = (name: string) => tell(['timer', { name, did: 'stop' }])
function timerOver(name: string) {
  say(`“${name}” is over.`)
  ring()
  if (typeof Notification !== 'undefined' && Notification.permission === 'granted')
    new Notification('Elm Cup', { body: name })
}
/** Three short tones; a browser that was not touched yet plays none. */
function ring() {
  try {
    const sound = new AudioContext()
    for (const at of [0, 0.35, 0.7]) {
      const tone = sound.createOscillator()
      tone.frequency.value = 880
      tone.connect(sound.destination)
      tone.start(sound.currentTime + at)
      tone.stop(sound.currentTime + at + 0.2)
    }
  } catch {
    // No sound here; the strip says it.
  }
}
const chillReady = (ready: boolean) =>
  tell([
    'chill_look',
    {
      place: current.value!.wait!.place ?? 'room',
      ready,
      minutes: Math.max(0, current.value!.wait!.least - left()),
      step: current.value!.id,
    },
  ])
const left = () => {
  const timer = timers.value.find((each) => each.step === current.value?.id)
  return timer ? (Date.parse(timer.until) - Date.now()) / 60_000 : 0
}

const pieces = ref('')
const place = ref('fridge')
const finishing = ref(false)
async function finish() {
  const count = typedNumber(pieces.value)
  if (count !== undefined && !(Number.isInteger(count) && count >= 0)) return say('Type the pieces as a whole number.')
  finishing.value = true
  await tell(
    ...(count === undefined
      ? []
      : ([
          ['yield', { pieces: count }],
          ['stored', { pieces: count, place: place.value }],
        ] as [string, Record<string, unknown>][])),
    ['finished', {}],
  )
  finishing.value = false
  if (!away.value) await router.push('/log')
}
const place_ = (id: string) => ({ fridge: 'the fridge', freezer: 'the freezer', room: 'a tin in the room' })[id] ?? id
</script>

<template>
  <div class="make">
    <header class="head">
      <h1>{{ making?.formula_name ?? 'Make' }}</h1>
      <p class="quiet" role="status" data-link>
        {{
          away
            ? `No connection: ${waiting.length} things are kept and sent later`
            : refused
              ? `Not taken: ${refused}`
              : ''
        }}
      </p>
      <RouterLink to="/" class="close">Close</RouterLink>
    </header>
    <p v-if="error" role="alert">{{ error }}</p>
    <TimerStrips :timers="timers" @stop="stopTimer" @over="timerOver" />
    <template v-if="making">
      <RescuePanel
        v-if="rescuing"
        :make="make"
        :library="library"
        :component="current?.look ?? current?.component"
        @close="rescuing = false"
      />
      <section v-else-if="over" class="step" aria-label="Over">
        <h2>It is {{ over }}.</h2>
        <RouterLink to="/log" class="first">To the log</RouterLink>
      </section>
      <section v-else-if="current" class="step" aria-label="The step that is on" data-step>
        <p class="quiet where">Step {{ stages.indexOf(current) + 1 }} of {{ stages.length }}</p>
        <h2 :class="{ small: line }">{{ current.text }}</h2>
        <WeighLine
          v-if="line"
          :line="line"
          :reading="scale.reading.value"
          :scale="!!scale.device.value"
          :quiet="scale.quiet.value"
          @weighed="weighed"
          @in="putIn"
          @out="leaveOut"
        />
        <template v-else>
          <p v-for="words in current.said ?? []" :key="words" class="own">“{{ words }}”</p>
          <p v-if="current.right_when" class="right">Right when: {{ current.right_when }}.</p>
          <TexturePicker
            v-if="current.look && library"
            :model-value="seen"
            :textures="library.textures"
            question="Squeeze a pinch: how is it?"
            @update:model-value="look"
          />
          <template v-if="current.wait && current.wait.least > 0">
            <p class="wait">
              {{ minutes(current.wait.band) }}{{ current.wait.place ? ` in the ${current.wait.place}` : ''
              }}<template v-if="current.wait.greatest">, {{ duration(current.wait.greatest) }} at most</template>
            </p>
            <div class="ways">
              <button v-if="!timed" type="button" class="second" @click="startTimer">
                Start {{ duration(current.wait.least) }}
              </button>
              <template v-else>
                <button type="button" class="second" @click="chillReady(false)">Not ready yet</button>
                <button type="button" class="second" @click="chillReady(true)">It is ready</button>
              </template>
            </div>
          </template>
          <button type="button" class="first done" @click="step('done')">Done</button>
        </template>
        <ul v-if="gone.length" class="gone">
          <li v-for="each in gone" :key="each.line">
            {{ each.text }}:
            {{
              each.status === 'in' ? `${each.actual_grams} g in` : each.status === 'left_out' ? 'left out' : 'not read'
            }}
            <button v-if="each.status !== 'unread'" type="button" class="quiet-button" @click="undo(each.line)">
              weigh again
            </button>
          </li>
        </ul>
        <div class="ways">
          <button v-if="before" type="button" class="quiet-button" @click="back">One step back</button>
          <button type="button" class="quiet-button" @click="rescuing = true">Something is off</button>
          <button type="button" class="quiet-button" @click="step('skipped')">Leave this step out</button>
        </div>
        <p v-if="upcoming" class="next">Next: {{ upcoming.text }}</p>
      </section>
      <section v-else class="step" aria-label="The end">
        <h2>All is done</h2>
        <form class="finish" @submit.prevent="finish">
          <label>Pieces <input v-model="pieces" type="text" inputmode="numeric" maxlength="6" /></label>
          <label
            >They are in
            <select v-model="place">
              <option v-for="each in ['fridge', 'freezer', 'room']" :key="each" :value="each">
                {{ place_(each) }}
              </option>
            </select></label
          >
          <button type="submit" class="first" :disabled="finishing">Finish</button>
        </form>
      </section>
    </template>
    <div v-else-if="!error" class="skeleton" aria-hidden="true" />
    <DevicePanel v-if="scale.device.value?.simulated" :target="line?.planned_grams" />
  </div>
</template>

<style scoped>
.make {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
  align-content: start;
  padding: 16px 24px 32px;
  max-width: 1180px;
  margin: 0 auto;
}
.head {
  display: flex;
  gap: 16px;
  align-items: center;
}
.head h1 {
  font-size: 1.25rem;
}
.head p {
  flex: 1;
}
.close {
  display: grid;
  place-items: center;
  min-height: 56px;
  min-width: 72px;
  font-size: 1.125rem;
}
.step {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 20px;
  justify-items: center;
  text-align: center;
  padding: 20px 16px;
  background: var(--milk);
  border: 1px solid var(--bran);
  border-radius: var(--radius);
}
h2 {
  font-size: clamp(1.75rem, 5vw, 3rem);
}
h2.small {
  font-size: 1.75rem;
  font-weight: 400;
}
.make :deep(.texture) {
  font-size: 1.25rem;
  min-height: 96px;
}
.make :deep(.textures) {
  width: 100%;
  max-width: 900px;
}
.right,
.own,
.wait {
  font-size: 1.75rem;
}
.own,
.right {
  color: var(--husk);
}
.next {
  font-size: 1.25rem;
  color: var(--husk);
}
.where {
  font-size: 1.125rem;
}
.gone {
  font-size: 1.125rem;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  justify-content: center;
}
.make :deep(.first),
.make :deep(.second),
.make :deep(.quiet-button) {
  min-height: 56px;
  padding: 8px 24px;
  border-radius: var(--radius);
  font-size: 1.375rem;
  cursor: pointer;
}
.make :deep(.first) {
  border: 0;
  background: var(--elm);
  color: var(--milk);
  min-height: 72px;
  min-width: 220px;
  font-size: 1.75rem;
  text-decoration: none;
  display: inline-grid;
  place-items: center;
}
.make :deep(.second) {
  border: 1.5px solid var(--elm);
  background: var(--milk);
}
.make :deep(.quiet-button) {
  border: 0;
  background: none;
  color: var(--elm);
  text-decoration: underline;
  text-underline-offset: 4px;
}
.finish {
  display: grid;
  gap: 20px;
  font-size: 1.5rem;
}
.finish input,
.finish select {
  font-size: 1.75rem;
  min-height: 56px;
  padding: 4px 10px;
  border: 1.5px solid var(--husk);
  border-radius: var(--radius-in);
  background: var(--milk);
}
.finish input {
  width: 6ch;
}
@media (max-width: 600px) {
  .make {
    padding: 12px 12px 24px;
  }
}
</style>
