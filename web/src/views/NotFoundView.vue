<template>
  <div class="page">
    <h1>Nothing at this address</h1>
    <p><RouterLink to="/">To the Counter</RouterLink></p>
  </div>
</template>
