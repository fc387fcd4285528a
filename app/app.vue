<template>
  <UApp>
    <a class="skip" href="#content">Skip to the page</a>
    <NuxtPage />
    <ClientOnly>
      <CommandBox />
      <KeySheet />
    </ClientOnly>
  </UApp>
</template>
