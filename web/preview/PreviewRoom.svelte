<p class="sr-only" role="status">Scoring this build…</p>
<!-- The room the window will take, so that nothing moves when it comes. -->
<div class="order-1 py-1" aria-hidden="true">
  <div class="min-h-11 pb-1"></div>
  <div class="bg-proof h-48 sm:h-80 lg:h-[16.5rem]"></div>
  <p class="hidden min-h-6 lg:block"></p>
</div>
