import { createRouter, createWebHistory } from 'vue-router'
import type { Component } from 'vue'
import { say } from './composables/useNotice'
import CounterView from './views/CounterView.vue'

const SOON = 300
/** A view that is fetched when it is first wanted; a second time where the kitchen's network stumbled. */
export const fetched = (load: () => Promise<unknown>) => () =>
  load().catch(() => new Promise((ready) => setTimeout(ready, SOON)).then(load)) as Promise<{ default: Component }>

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', component: CounterView, meta: { title: 'Counter' } },
    { path: '/formulas', component: fetched(() => import('./views/FormulasView.vue')), meta: { title: 'Formulas' } },
    {
      path: '/formulas/:id(\\d+)',
      component: fetched(() => import('./views/FormulaView.vue')),
      children: [
        { path: '', redirect: (to) => `/formulas/${String(to.params.id)}/mix` },
        { path: 'mix', component: fetched(() => import('./views/MixView.vue')), meta: { title: 'Mix' } },
        { path: 'shape', component: fetched(() => import('./views/ShapeView.vue')), meta: { title: 'Shape' } },
        { path: 'cold', component: fetched(() => import('./views/ColdView.vue')), meta: { title: 'Cold' } },
        { path: 'steps', component: fetched(() => import('./views/StepsView.vue')), meta: { title: 'Steps' } },
        {
          path: 'kitchen',
          component: fetched(() => import('./views/FormulaKitchenView.vue')),
          meta: { title: 'The kitchen for this formula' },
        },
        { path: 'made', component: fetched(() => import('./views/MadeItView.vue')), meta: { title: 'Made it' } },
        { path: 'compare', component: fetched(() => import('./views/CompareView.vue')), meta: { title: 'Compare' } },
      ],
    },
    {
      path: '/cupboard',
      component: fetched(() => import('./views/CupboardView.vue')),
      meta: { title: 'What I have' },
    },
    { path: '/plans', component: fetched(() => import('./views/PlansView.vue')), meta: { title: 'Plans' } },
    { path: '/plans/:id(\\d+)', component: fetched(() => import('./views/PlanView.vue')), meta: { title: 'Plan' } },
    { path: '/bowl', component: fetched(() => import('./views/BowlView.vue')), meta: { title: 'A bowl in trouble' } },
    { path: '/import', component: fetched(() => import('./views/ImportView.vue')), meta: { title: 'Import' } },
    { path: '/kitchen', component: fetched(() => import('./views/KitchenView.vue')), meta: { title: 'Kitchen' } },
    { path: '/pantry', component: fetched(() => import('./views/PantryView.vue')), meta: { title: 'Pantry' } },
    {
      path: '/make/:batch([0-9a-f-]{36})',
      component: fetched(() => import('./views/MakeView.vue')),
      meta: { title: 'Make', whole: true },
    },
    { path: '/log', component: fetched(() => import('./views/LogView.vue')), meta: { title: 'Log' } },
    { path: '/:rest(.*)*', component: fetched(() => import('./views/NotFoundView.vue')), meta: { title: 'Not found' } },
  ],
})
router.afterEach((to) => {
  document.title = `${String(to.meta.title)} · Elm Cup`
})
/** A view that cannot be fetched would leave an empty page: it is said, with the way on. */
router.onError((_, to) =>
  say('That page could not be fetched. Nothing is lost here.', {
    word: 'Try again',
    // Of this server, whatever the path looks like.
    run: () => location.assign(location.origin + to.fullPath),
  }),
)
