<script setup lang="ts">
// A case from ten numbers, or a board from its form and five choices; all else is derived and
// told as assumed.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import { question, readTyped } from '../../../core/reader/typed'
import { useEntry } from './entry'
import type { Questions } from '../../desk/questions'
import { ask } from '../../desk/remote'

const entry = useEntry()
const { numbers } = entry
const choices = computed(() => entry.choices)
type CaseNumber = NonNullable<typeof choices.value>['numbers'][number]
const typed = (n: CaseNumber) => {
  const t = numbers.figures[n.key]?.trim() ?? ''
  return t === '' ? null : readTyped(t, n.unit)
}
const says = (n: CaseNumber): string => {
  const t = typed(n)
  if (t === null) return ''
  if ('problem' in t) return t.problem
  const about = { unit: n.unit, label: n.label.toLowerCase(), likely: [n.least, n.most] } as const
  return question(t.value, about) ?? ''
}
const value = (key: string): number | null => {
  const n = choices.value?.numbers.find(x => x.key === key)
  const t = n ? typed(n) : null
  return t && 'value' in t ? t.value : null
}

async function derive(): Promise<void> {
  if (numbers.what === 'case') {
    const outline = {
      archetype: numbers.archetype,
      largest: numbers.form,
      usbA: value('usbA'),
      usbC: value('usbC'),
      length: value('length'),
      height: value('height'),
      width: value('width'),
      coolerRoom: value('coolerRoom'),
      cardRoom: value('cardRoom'),
      supplyRoom: value('supplyRoom'),
      bays: value('bays'),
      fans: value('fans'),
    } as Parameters<Questions['fromCase']>[0]
    await entry.derived(await ask('fromCase', outline, numbers.maker, numbers.model))
    return
  }
  /** How many; null where nobody counted them. */
  const count = (text: string): number | null =>
    text.trim() === '' ? null : Math.max(0, Math.min(8, Math.round(Number(text) || 0)))
  const m2 = count(numbers.m2)
  const outline = {
    form: numbers.form,
    socket: numbers.socket,
    memory: { type: numbers.memoryType, slots: count(numbers.memorySlots) },
    m2: m2 === null ? null : Array.from({ length: m2 }, () => ({})),
    headers: numbers.usbC === '' ? {} : { 'usb-c': numbers.usbC === 'yes' ? 1 : 0 },
    usual: 'what its size has',
  } as Parameters<Questions['fromBoard']>[0]
  await entry.derived(await ask('fromBoard', outline, numbers.maker, numbers.model))
}
</script>

<template>
  <form v-if="choices" class="numbers" @submit.prevent="derive">
    <div class="what" role="group" aria-label="What it is">
      <button
        type="button"
        class="plainbutton"
        :aria-pressed="numbers.what === 'case'"
        @click="numbers.what = 'case'"
      >
        A case</button
      ><button
        type="button"
        class="plainbutton"
        :aria-pressed="numbers.what === 'board'"
        @click="numbers.what = 'board'"
      >
        A board
      </button>
    </div>
    <div class="line">
      <label for="n-maker">Maker</label><input id="n-maker" v-model="numbers.maker" type="text" />
    </div>
    <div class="line">
      <label for="n-model">Model</label
      ><input id="n-model" v-model="numbers.model" type="text" required />
    </div>
    <template v-if="numbers.what === 'case'">
      <div class="line">
        <label for="n-arch">Layout</label
        ><select id="n-arch" v-model="numbers.archetype">
          <option v-for="a in choices.archetypes" :key="a.value" :value="a.value">
            {{ a.label }}
          </option>
        </select>
      </div>
      <div class="line">
        <label for="n-form">Largest board</label
        ><select id="n-form" v-model="numbers.form">
          <option v-for="f in choices.forms" :key="f">{{ f }}</option>
        </select>
      </div>
      <div v-for="n in choices.numbers" :key="n.key" class="line">
        <label :for="`n-${n.key}`"
          >{{ n.label }}<span class="quiet">{{ n.take }}</span></label
        >
        <span
          ><input
            :id="`n-${n.key}`"
            v-model="numbers.figures[n.key]"
            type="text"
            inputmode="decimal"
            class="short"
            placeholder="not known"
          />
          <span class="figure quiet">{{ n.unit === 'pcs' ? '' : n.unit }}</span><span
            class="says"
            role="status"
            >{{ says(n) }}</span
          ></span
        >
      </div>
    </template>
    <template v-else>
      <div class="line">
        <label for="b-form">Form</label
        ><select id="b-form" v-model="numbers.form">
          <option v-for="f in choices.forms" :key="f">{{ f }}</option>
        </select>
      </div>
      <div v-for="c in choices.choices" :key="c.key" class="line">
        <label :for="`b-${c.key}`"
          >{{ c.label }}<span class="quiet">{{ c.says }}</span></label
        >
        <select v-if="c.key === 'memoryType'" id="b-memoryType" v-model="numbers.memoryType">
          <option value="">not known</option>
          <option v-for="t in [...choices.memory].reverse()" :key="t">{{ t }}</option>
        </select>
        <select v-else-if="c.key === 'usbC'" id="b-usbC" v-model="numbers.usbC">
          <option value="">not known</option>
          <option value="yes">yes</option>
          <option value="no">none</option>
        </select>
        <input
          v-else-if="c.key === 'socket'"
          id="b-socket"
          v-model="numbers.socket"
          type="text"
          placeholder="not known"
        />
        <input
          v-else-if="c.key === 'memorySlots'"
          id="b-memorySlots"
          v-model="numbers.memorySlots"
          type="text"
          inputmode="numeric"
          class="short"
          placeholder="not known"
        />
        <input
          v-else
          id="b-m2"
          v-model="numbers.m2"
          type="text"
          inputmode="numeric"
          class="short"
          placeholder="not known"
        />
      </div>
    </template>
    <p class="quiet">
      What you leave open stays open or is derived from the
      {{ numbers.what === 'case' ? 'layout' : 'form' }}; everything derived is marked assumed, with
      how far it may be off, until you measure it.
    </p>
    <ElButton type="primary" native-type="submit">Derive the rest</ElButton>
  </form>
</template>

<style scoped>
.numbers {
  display: grid;
  gap: 2px;
  max-width: 560px;
}
.what {
  display: flex;
  gap: 4px;
  padding-bottom: 8px;
}
.what button {
  padding: 3px 10px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
.what [aria-pressed='true'] {
  background: var(--mat);
  color: var(--sheet);
}
.line {
  display: grid;
  grid-template-columns: minmax(150px, 1fr) minmax(0, 1.2fr);
  gap: 10px;
  align-items: start;
  padding: 5px 0;
  border-top: 1px solid var(--line);
}
.line .quiet {
  display: block;
}
.line span .quiet {
  display: inline;
}
input[type='text'],
select {
  padding: 3px 7px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  background: var(--sheet);
  width: 100%;
}
.short {
  width: 110px !important;
  font-family: var(--figure);
  font-size: 13px;
}
input::placeholder {
  color: var(--ink-2);
  font-family: var(--text);
}
input[type='checkbox'] {
  width: 16px;
  height: 16px;
  accent-color: var(--mat);
}
.numbers > .el-button {
  justify-self: start;
}
.says {
  display: block;
  color: var(--watch);
  font-size: var(--small);
}
</style>
